package gurukram.web.poses;

import gurukram.core.pose.Caution;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
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
 * @param back the sign to go one rung back, {@code wayOut} how to come out; empty where there is nothing to it
 */
record LadderPage(
        String id,
        String peak,
        String name,
        String what,
        String level,
        String back,
        String wayOut,
        List<RungLine> rungs) {
    /**
     * @param pose null where the rung is told in words
     * @param classes how many good classes running it asks for before the next
     * @param closed for whom its pose is left out; empty for nobody
     * @param further whether it stands behind the peak
     */
    record RungLine(
            int number,
            PoseTile pose,
            String does,
            String dose,
            String ready,
            String props,
            String with,
            String classes,
            String closed,
            boolean further,
            boolean marked,
            List<String> stages) {}

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
                    classes(ladder.classesOn(rungs.size() + 1)),
                    rung.pose() == null ? "" : closed(catalogue.pose(rung.pose())),
                    ladder.peak() != null && rungs.size() + 1 > ladder.rungOf(ladder.peak()),
                    rung.pose() != null && rung.pose().equals(marked),
                    rung.stages()));
        }
        Collections.reverse(rungs);
        String what = ladder.peak() == null
                ? "a skill"
                : "to " + catalogue.pose(ladder.peak()).name().toLowerCase(Locale.ROOT);
        return new LadderPage(
                ladder.id(),
                ladder.peak(),
                ladder.name(),
                what,
                ladder.level().name().toLowerCase(Locale.ROOT),
                ladder.back(),
                ladder.wayOut(),
                rungs);
    }

    private static String classes(int number) {
        return "at least %d good %s on it".formatted(number, number == 1 ? "class" : "classes");
    }

    private static String closed(Pose pose) {
        return pose.cautions().stream()
                .filter(caution -> caution.severity() == Caution.Severity.BLOCKED)
                .map(caution -> caution.need().words())
                .distinct()
                .collect(Collectors.joining(", "));
    }
}
