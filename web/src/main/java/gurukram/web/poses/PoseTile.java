package gurukram.web.poses;

import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.Figures;
import java.util.Collection;
import java.util.List;

/**
 * A pose as a small figure with its name.
 *
 * @param figure address of its figure
 * @param note what has to change for the needs looked for; empty when nothing
 */
record PoseTile(String id, String name, String sanskrit, String figure, String level, boolean own, String note) {
    static PoseTile of(Pose pose) {
        return of(pose, List.of(), false);
    }

    static PoseTile of(Pose pose, Collection<Need> needs, boolean own) {
        String note = needs.stream()
                .flatMap(need -> pose.caution(need).stream())
                .filter(caution -> caution.severity() != Caution.Severity.BLOCKED)
                .map(caution -> caution.need().words() + ": " + caution.change())
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
        return new PoseTile(
                pose.id(),
                pose.name(),
                pose.sanskrit(),
                Figures.small(pose, null),
                pose.level().word(),
                own,
                note);
    }

    static List<PoseTile> of(Collection<String> ids, PoseCatalogue catalogue) {
        return ids.stream()
                .filter(catalogue::has)
                .map(catalogue::pose)
                .map(PoseTile::of)
                .toList();
    }
}
