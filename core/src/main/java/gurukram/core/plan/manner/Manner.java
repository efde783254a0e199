package gurukram.core.plan.manner;

import gurukram.core.pose.Modifiers;
import gurukram.core.text.Plain;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a pose is done at a step, where that is not the usual.
 *
 * @param sideNames what the side of a symmetric pose names, as {@code the lifted arm}; empty where the pose says it
 * @param with names of {@link Modifiers}: arms, binds, supports, knees, heels
 * @param way how people get here from the pose before; null for the usual
 * @param stages what is held before the whole pose
 * @param use what its time is for; null is work
 */
public record Manner(
        String sideNames,
        List<String> with,
        @Nullable Way way,
        List<Stage> stages,
        @Nullable Use use) {
    public static final Manner USUAL = new Manner("", List.of(), null, List.of(), null);
    public static final int MOST_MODIFIERS = 4;

    public Manner {
        sideNames = Plain.line(sideNames, "What a side names", 40);
        with = with == null
                ? List.of()
                : with.stream().map(Manner::known).distinct().toList();
        stages = stages == null ? List.of() : List.copyOf(stages);
        if (with.size() > MOST_MODIFIERS)
            throw new Refused("At most " + MOST_MODIFIERS + " things can be different about one pose.");
        if (stages.size() > Stage.MOST) throw new Refused("A pose has at most " + Stage.MOST + " stages.");
        Modifiers.shipped().checkTogether(with);
    }

    private static String known(String typed) {
        return Modifiers.shipped()
                .named(typed)
                .map(Modifiers.Modifier::name)
                .orElseThrow(() -> new Refused(Problem.of("“" + typed + "” is nothing I know about a pose.")));
    }

    /** Whether it says something only a pose can have. */
    public boolean needsPose() {
        return !equals(USUAL.with(use));
    }

    public Manner withSideNames(String other) {
        return new Manner(other, with, way, stages, use);
    }

    public Manner with(List<String> others) {
        return new Manner(sideNames, others, way, stages, use);
    }

    /** One more thing that is different; one of its kind gives way. */
    public Manner and(String modifier) {
        List<String> all = new ArrayList<>(with);
        all.removeIf(other -> Modifiers.shipped().exclude(other, modifier));
        all.add(modifier);
        return with(all);
    }

    public Manner with(@Nullable Way other) {
        return new Manner(sideNames, with, other, stages, use);
    }

    public Manner withStages(List<Stage> others) {
        return new Manner(sideNames, with, way, others, use);
    }

    public Manner and(Stage stage) {
        List<Stage> all = new ArrayList<>(stages);
        all.add(stage);
        return withStages(all);
    }

    public Manner with(@Nullable Use other) {
        return new Manner(sideNames, with, way, stages, other);
    }
}
