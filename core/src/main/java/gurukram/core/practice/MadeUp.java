package gurukram.core.practice;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Table;
import java.util.List;

/** Made-up classes without a slip, to put some into; from {@code resources/practice/classes}. */
public final class MadeUp {
    private static final List<String> NAMES = Table.of("/practice/classes.txt", "\n", 1).stream()
            .map(row -> row.cell(0))
            .toList();

    private MadeUp() {}

    public static List<String> names() {
        return NAMES;
    }

    /** One of them, the same for the same number. */
    public static ClassPlan of(long number, PoseCatalogue catalogue) {
        String name = NAMES.get((int) Math.floorMod(number, (long) NAMES.size()));
        String text = Table.text("/practice/classes/" + name + ".txt").replaceAll("(?m)^# .*$", "");
        return new NotationReader(catalogue, NodeNames.numbers()).read(text).planOrRefused();
    }
}
