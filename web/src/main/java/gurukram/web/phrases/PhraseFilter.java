package gurukram.web.phrases;

import gurukram.core.body.Base;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import java.util.List;
import java.util.stream.Stream;

/**
 * What is looked for in the phrase book; what is not said matches everything.
 *
 * @param q words of the name, the themes, the poses in it or the poses it leads to
 * @param base where it begins
 * @param need for whom nothing in it has to be left out
 * @param free whether no weight may come on the hands; null is no
 */
public record PhraseFilter(
        String q, Phrase.Kind kind, Style style, Level level, Base base, String peak, Need need, Boolean free) {
    public PhraseFilter {
        q = q == null ? "" : q.strip();
        peak = peak == null ? "" : peak;
    }

    public boolean isFree() {
        return free != null && free;
    }

    /** The level its lines are shown for. */
    Level shown(Phrase phrase) {
        return level != null && phrase.isFor(level) ? level : phrase.from();
    }

    boolean matches(PhraseLine line, PoseCatalogue catalogue) {
        Phrase phrase = line.phrase();
        return (kind == null || phrase.kind() == kind)
                && (style == null || phrase.styles().contains(style))
                && (level == null || phrase.isFor(level))
                && (base == null || line.startsBase() == base)
                && (peak.isEmpty() || phrase.peaks().contains(peak))
                && (!isFree() || line.wristLoads() == 0)
                && (need == null || line.poses().stream().noneMatch(pose -> isBlocked(pose, catalogue)))
                && says(line, catalogue);
    }

    private boolean isBlocked(String pose, PoseCatalogue catalogue) {
        return catalogue.pose(pose).caution(need).stream()
                .anyMatch(caution -> caution.severity() == Caution.Severity.BLOCKED);
    }

    private boolean says(PhraseLine line, PoseCatalogue catalogue) {
        if (q.isEmpty()) return true;
        Phrase phrase = line.phrase();
        String all = Words.fold(String.join(
                " ",
                Stream.of(
                                List.of(phrase.name(), line.flow().settings().name(), phrase.grows()),
                                phrase.themes(),
                                names(phrase.peaks(), catalogue),
                                names(List.copyOf(line.poses()), catalogue))
                        .flatMap(List::stream)
                        .toList()));
        return Stream.of(Words.fold(q).split(" ")).allMatch(all::contains);
    }

    private static List<String> names(List<String> poses, PoseCatalogue catalogue) {
        return poses.stream()
                .map(catalogue::pose)
                .map(pose -> pose.name() + " " + pose.sanskrit())
                .toList();
    }
}
