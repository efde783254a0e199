package gurukram.web.plans.edit;

import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.List;

/** A pose by what a teacher typed, or by its id. */
public final class PoseNamed {
    private static final int OFFERS = 3;

    private PoseNamed() {}

    /** {@link Refused} with the nearest names when there is none. */
    public static Pose in(PoseCatalogue catalogue, String typed) {
        String name = typed.strip();
        if (catalogue.has(name)) return catalogue.pose(name);
        return catalogue.named(name).orElseThrow(() -> new Refused(unknown(catalogue, name)));
    }

    private static Problem unknown(PoseCatalogue catalogue, String name) {
        if (name.isEmpty()) return Problem.of("Which pose? Nothing was typed.");
        String shown = name.length() <= 40 ? name : name.substring(0, 40) + "…";
        List<String> nearest = catalogue.nearest(shown, OFFERS).stream()
                .map(pose -> pose.name().toLowerCase())
                .toList();
        String advice = nearest.isEmpty() ? "" : "Maybe " + String.join(", ", nearest) + ".";
        return new Problem("I know no pose called “" + shown + "”.", advice, nearest);
    }
}
