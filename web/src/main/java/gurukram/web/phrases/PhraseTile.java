package gurukram.web.phrases;

import gurukram.core.dose.Dose;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * A phrase in few words, as one level does it.
 *
 * @param called the name by which it stands in a class
 * @param about kind, styles and levels
 * @param ends where it begins and where it ends
 * @param hands weight on the hands, in words
 * @param needs who leaves something in it out, in words; empty for nobody
 */
public record PhraseTile(
        String id,
        String name,
        String called,
        String about,
        String level,
        String length,
        String ends,
        String grows,
        String hands,
        String needs,
        List<String> leadsTo,
        List<String> themes,
        List<Move> moves) {
    /** A step: its pose, its dose, and whether it comes in some rounds only. */
    public record Move(String figure, String name, String dose, boolean held) {}

    static PhraseTile of(PhraseLine line, PoseCatalogue catalogue) {
        Phrase phrase = line.phrase();
        return new PhraseTile(
                phrase.id(),
                phrase.name(),
                line.flow().settings().name(),
                about(phrase),
                phrase.from().word(),
                Millis.showWhole(line.lengthMs()),
                "from %s%s to %s%s"
                        .formatted(
                                line.startsBase().word(),
                                on(line.startsOn()),
                                line.endsBase().word(),
                                on(line.endsOn()))
                        .replace('-', ' '),
                Words.capital(phrase.grows()),
                line.wristLoads() == 0 ? "hands free" : Words.count(line.wristLoads(), "time") + " on the hands",
                needs(line, catalogue),
                phrase.peaks().stream().map(id -> catalogue.pose(id).name()).toList(),
                phrase.themes(),
                moves(line, catalogue));
    }

    /** {@code  (in)}; nothing for a hold of whole breaths. */
    private static String on(Breath breath) {
        return breath == Breath.INHALE ? " (in)" : breath == Breath.EXHALE ? " (out)" : "";
    }

    private static String about(Phrase phrase) {
        List<String> styles = Arrays.stream(Style.values())
                .filter(phrase.styles()::contains)
                .map(Style::word)
                .toList();
        String levels = phrase.from() == phrase.to()
                ? phrase.from().word()
                : phrase.from().word() + " to " + phrase.to().word();
        return phrase.kind().word() + ", " + String.join(" and ", styles) + ", " + levels;
    }

    private static String needs(PhraseLine line, PoseCatalogue catalogue) {
        Set<String> needs = new TreeSet<>();
        for (String pose : line.poses())
            for (Caution caution : catalogue.pose(pose).cautions())
                if (caution.severity() == Caution.Severity.BLOCKED)
                    needs.add(caution.need().words());
        return String.join(", ", needs);
    }

    private static List<Move> moves(PhraseLine line, PoseCatalogue catalogue) {
        List<Move> moves = new ArrayList<>();
        for (Step step : line.flow().steps()) {
            if (step.pose() == null) continue;
            Pose pose = catalogue.pose(step.pose());
            boolean held = step.dose() instanceof Dose.Breaths;
            moves.add(
                    new Move(Figures.small(pose, null), pose.name(), step.dose().toString(), held));
        }
        return moves;
    }
}
