package gurukram.web.plans.spine;

import gurukram.web.drawing.SpineBar;
import gurukram.web.plans.field.Field;
import java.util.List;

/** One row of the spine: all that is drawn of it but its time, so that two rows that look the same are equal. */
public sealed interface Row {
    String id();

    /** What it is called in messages and for those who do not see the page. */
    String name();

    /** Whether it is locked as it is. */
    boolean locked();

    /** @param cueing way of cueing where it is not the usual; empty otherwise */
    record SectionRow(
            String id,
            String name,
            boolean locked,
            String role,
            String cueing,
            String length,
            String share,
            boolean empty)
            implements Row {}

    /**
     * @param counts rounds, passes and movements in words
     * @param how order, first side, joins and pace in words
     * @param feet which foot steps where; empty when none does
     * @param impossible steps nobody can take
     * @param rounds what each round is; empty when there is but one
     */
    record FlowRow(
            String id,
            String name,
            boolean locked,
            Field title,
            List<Field> fields,
            String length,
            String counts,
            String how,
            String feet,
            List<String> impossible,
            String flags,
            SpineBar bar,
            List<RoundCell> rounds,
            boolean empty)
            implements Row {}

    /** @param name when it is done, as written */
    record LinkRow(String id, String name, boolean locked) implements Row {}

    /**
     * @param under what stands below the name: what this level does differently, layers, marks; else the Sanskrit name
     * @param sanskrit whether {@code under} is a Sanskrit name
     * @param figures what hangs on the spine
     * @param sides null where there is nothing to choose
     * @param breath {@code in}, {@code out} or empty
     * @param lines every level's line, in a mixed room; empty otherwise
     * @param in where it stands: {@code section}, {@code flow} or {@code link}
     * @param ends whether it is the last under a flow's bracket
     */
    record StepRow(
            String id,
            String name,
            boolean locked,
            String under,
            boolean sanskrit,
            boolean differs,
            Hung figures,
            SpineBar bar,
            Field dose,
            Field sides,
            String breath,
            String length,
            String sum,
            List<LevelLine> lines,
            String in,
            boolean ends)
            implements Row {}

    /** Addresses of the figures at the left of the spine, on it, and at the right of it; empty where none hangs. */
    record Hung(String left, String centre, String right) {}

    /**
     * One level's line in a mixed room.
     *
     * @param pose the pose it does instead; empty when the same
     * @param fits how it stands to the clock: time to stay or rest, or how much it is over; empty when it is the same
     */
    record LevelLine(String level, String pose, Field dose, String fits, boolean over) {}

    /**
     * One round, or several that are the same, of a flow.
     *
     * @param rounds {@code 2} or {@code 3-6}
     * @param changes what its layers change, one each
     */
    record RoundCell(String rounds, String mode, String pace, List<String> changes) {
        boolean isUsual() {
            return mode.equals("breath") && pace.isEmpty() && changes.isEmpty();
        }
    }
}
