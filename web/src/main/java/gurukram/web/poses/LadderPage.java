package gurukram.web.poses;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PropUse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * One ladder, its top rung first, as one looks at a ladder.
 *
 * @param peak the pose it leads to; null for a skill
 */
record LadderPage(String id, String peak, String name, String what, List<RungLine> rungs) {
    /** @param pose null where the rung is told in words */
    record RungLine(
            int number,
            PoseTile pose,
            String does,
            String dose,
            String ready,
            String props,
            String with,
            boolean marked) {}

    /** @param marked a pose to mark; null for none */
    static LadderPage of(Ladder ladder, PoseCatalogue catalogue, String marked) {
        List<RungLine> rungs = new ArrayList<>();
        for (Ladder.Rung rung : ladder.rungs()) {
            PoseTile pose = rung.pose() == null ? null : PoseTile.of(catalogue.pose(rung.pose()));
            rungs.add(new RungLine(
                    rungs.size() + 1,
                    pose,
                    rung.does(),
                    rung.dose().toString(),
                    rung.ready(),
                    rung.props().stream().map(PropUse::words).collect(Collectors.joining(", ")),
                    rung.with().words(),
                    rung.pose() != null && rung.pose().equals(marked)));
        }
        Collections.reverse(rungs);
        String what = ladder.peak() == null
                ? "a skill"
                : "to " + catalogue.pose(ladder.peak()).name().toLowerCase(Locale.ROOT);
        return new LadderPage(ladder.id(), ladder.peak(), ladder.name(), what, rungs);
    }
}
