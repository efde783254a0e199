package gurukram.web.plans.spine;

import static gurukram.core.text.Words.count;

import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.CueLevel;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.FlowSides.Turn;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.score.Feet;
import gurukram.core.score.NodeTotal;
import gurukram.web.plans.field.Options;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What a flow's bracket says. */
public final class FlowWords {
    private FlowWords() {}

    /** {@code 3 rounds = 6 one-sided passes, 48 movements, 24 breaths}. */
    public static String counts(Flow flow, NodeTotal total) {
        FlowSettings s = flow.settings();
        StringBuilder counts = new StringBuilder(count(s.rounds(), "round"));
        if (s.hasSides()) {
            counts.append(" = ").append(s.passes()).append(s.passes() == 1 ? " one-sided pass" : " one-sided passes");
        }
        if (total != null && total.movements() > 0) {
            int movements = total.movements();
            counts.append(", ").append(count(movements, "movement")).append(", ");
            counts.append(breaths(movements));
        }
        differences(s).forEach(words -> counts.append(" · ").append(words));
        return counts.toString();
    }

    /** {@code ½ breath}, {@code 1 breath}, {@code 7½ breaths}. */
    static String breaths(int movements) {
        if (movements == 1) return "½ breath";
        String half = movements % 2 == 0 ? "" : "½";
        return movements / 2 + half + (movements == 2 ? " breath" : " breaths");
    }

    /** {@code right first, side by side, rounds linked, 3.5 s a position}: what the fields of a marked flow say. */
    static String how(FlowSettings s) {
        List<String> words = new ArrayList<>();
        if (s.hasSides()) {
            words.add(s.sides().first().word() + " first");
            words.add(Options.words(s.sides().order().name(), Options.ORDER));
        }
        if (s.passes() > 1) words.add(Options.words(s.join().words(), Options.JOINS));
        if (s.pace().typed() != null) words.add(s.pace().typed().toString());
        return String.join(", ", words);
    }

    /** Which foot steps back first, and which leg is in front in lunges, when the flow steps; empty otherwise. */
    static String feet(Feet.Tally feet) {
        Feet.Leg right = feet.right();
        Feet.Leg left = feet.left();
        if (right.backs() + left.backs() == 0) return "";
        return "steps back first: right %d, left %d · in front: right %d, left %d"
                .formatted(right.firstBacks(), left.firstBacks(), right.frontLunges(), left.frontLunges());
    }

    /** Steps nobody can take, with why; each reason once. */
    static List<String> impossible(Feet.Tally feet) {
        return feet.impossible().stream().map(Feet.Impossible::why).distinct().toList();
    }

    /** What has no field of its own on the row and is not as usual. */
    private static List<String> differences(FlowSettings s) {
        List<String> words = new ArrayList<>();
        if (!s.pace().modes().isEmpty()) words.add(joined(s.pace().modes(), ", ", Mode.Run::toString));
        if (s.sides().turn() == Turn.BY_ROUND) words.add("first side alternates by round");
        if (s.sides().turn() == Turn.BY_CLASS) words.add("first side alternates by class");
        if (s.sides().leads() == Leads.ALWAYS_FIRST)
            words.add("always " + s.sides().first().word());
        if (!s.pace().byRound().isEmpty()) words.add(joined(s.pace().byRound(), " / ", TypedPace::toString));
        if (!s.pace().cues().isEmpty()) words.add("cues " + joined(s.pace().cues(), "/", CueLevel::word));
        if (s.roundJoin() != null) words.add("between rounds " + s.roundJoin().words());
        return words;
    }

    private static <T> String joined(List<T> values, String by, Function<T, String> words) {
        return values.stream().map(words).collect(Collectors.joining(by));
    }
}
