package gurukram.core.notation.words;

import gurukram.core.dose.Dose;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.Knees;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.School.Names;
import gurukram.core.plan.settings.School.Roll;
import gurukram.core.plan.settings.School.Voice;
import gurukram.core.plan.settings.Thresholds;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.stream.Collectors;

/**
 * Settings of a school, comma separated: {@code no empty holds, holds up to 8 counts, 1.2 s a count, same front leg,
 * straight knees, instructive voice, sanskrit names, guided rest, roll to either side,
 * threshold one-leg 60/90/120}.
 */
public final class SchoolWords {
    private static final Phrases<School> PHRASES = new Phrases<School>()
            .on("(all|no empty|no) (?:holds?|retentions?)", (s, m) -> with(s, holds(m.group(1))))
            .on(
                    "holds? (?:up to|at most) (-?\\d{1,9})(?: counts?)?",
                    (s, m) -> withCap(s, School.HOLD_CAP.parse(m.group(1))))
            .on(
                    Numbers.DECIMAL + " *" + Numbers.SECONDS + " (?:a|per) count",
                    (s, m) -> withCount(s, Numbers.millis(m.group(1), School.COUNT_MILLIS, "Seconds a count")))
            .on("returning(?: leg| foot)?", (s, m) -> with(s, LegRule.RETURNING))
            .on("same front(?: leg| foot)?", (s, m) -> with(s, LegRule.SAME_FRONT))
            .on("(soft|straight|locked) knees", (s, m) -> with(s, Knees.valueOf(upper(m.group(1)))))
            .on("(invitational|instructive)(?: voice)?", (s, m) -> with(s, Voice.valueOf(upper(m.group(1)))))
            .on("(english|sanskrit)(?: names?)?", (s, m) -> with(s, Names.valueOf(upper(m.group(1)))))
            .on("(?:english and sanskrit|both)(?: names?)?", (s, m) -> with(s, Names.BOTH))
            .on("guided rest", (s, m) -> withGuided(s, true))
            .on("silent rest", (s, m) -> withGuided(s, false))
            .on("roll to (?:the )?right(?: side)?", (s, m) -> with(s, Roll.RIGHT))
            .on("roll to either(?: side)?", (s, m) -> with(s, Roll.EITHER))
            .on(
                    "threshold ([a-z-]{1,40}) (-?\\d{1,9})(?:/(-?\\d{1,9})/(-?\\d{1,9}))?",
                    (s, m) -> s.with(s.thresholds().with(m.group(1), values(m))));

    private SchoolWords() {}

    /** {@link Refused} with the part that says nothing known. */
    public static School read(String typed) {
        School school = School.UNSET;
        for (Parts.Part part : Parts.of(typed).parts()) {
            try {
                School before = school;
                school = PHRASES.read(part.text(), before).orElseThrow(() -> unknown(part.text()));
            } catch (Refused e) {
                throw e.within(part.span());
            }
        }
        return school;
    }

    private static Refused unknown(String part) {
        return new Refused(Problem.of(
                "“" + part + "” is no setting of a school.",
                "Maybe “no holds”, “1.2 s a count”, “soft knees”, “instructive voice” or “sanskrit names”."));
    }

    /** What {@link #read} reads; empty when nothing is set. */
    public static String write(School s) {
        List<String> parts = new ArrayList<>();
        if (s.holds() != null) parts.add(lower(s.holds()).replace("none", "no") + " holds");
        if (s.holdCap() != null) parts.add("holds up to " + Words.count(s.holdCap(), "count"));
        if (s.countMillis() != null) parts.add(Millis.seconds(s.countMillis()) + " s a count");
        if (s.legRule() != null) parts.add(lower(s.legRule()) + " leg");
        if (s.knees() != null) parts.add(lower(s.knees()) + " knees");
        if (s.voice() != null) parts.add(lower(s.voice()) + " voice");
        if (s.names() != null) parts.add(lower(s.names()).replace("both", "english and sanskrit") + " names");
        if (s.restGuided() != null) parts.add(s.restGuided() ? "guided rest" : "silent rest");
        if (s.roll() != null) parts.add(s.roll() == Roll.RIGHT ? "roll to the right" : "roll to either side");
        s.thresholds().values().forEach((name, values) -> {
            String each = values.stream().map(String::valueOf).collect(Collectors.joining("/"));
            parts.add("threshold " + name + " " + each);
        });
        return String.join(", ", parts);
    }

    private static List<Integer> values(Matcher m) {
        List<Integer> values = new ArrayList<>();
        for (int i = 2; i <= m.groupCount(); i++) {
            if (m.group(i) != null) values.add(Thresholds.VALUE.parse(m.group(i)));
        }
        return values;
    }

    private static Dose.Pattern.Holds holds(String which) {
        return switch (which.toLowerCase(Locale.ROOT)) {
            case "all" -> Dose.Pattern.Holds.ALL;
            case "no" -> Dose.Pattern.Holds.NONE;
            default -> Dose.Pattern.Holds.NO_EMPTY;
        };
    }

    private static School with(School s, Dose.Pattern.Holds holds) {
        return new School(holds, null, null, null, null, null, null, null, null, Thresholds.NONE).over(s);
    }

    private static School withCap(School s, int counts) {
        return new School(null, counts, null, null, null, null, null, null, null, Thresholds.NONE).over(s);
    }

    private static School withCount(School s, int millis) {
        return new School(null, null, millis, null, null, null, null, null, null, Thresholds.NONE).over(s);
    }

    private static School with(School s, LegRule rule) {
        return new School(null, null, null, rule, null, null, null, null, null, Thresholds.NONE).over(s);
    }

    private static School with(School s, Knees knees) {
        return new School(null, null, null, null, knees, null, null, null, null, Thresholds.NONE).over(s);
    }

    private static School with(School s, Voice voice) {
        return new School(null, null, null, null, null, voice, null, null, null, Thresholds.NONE).over(s);
    }

    private static School with(School s, Names names) {
        return new School(null, null, null, null, null, null, names, null, null, Thresholds.NONE).over(s);
    }

    private static School withGuided(School s, boolean guided) {
        return new School(null, null, null, null, null, null, null, guided, null, Thresholds.NONE).over(s);
    }

    private static School with(School s, Roll roll) {
        return new School(null, null, null, null, null, null, null, null, roll, Thresholds.NONE).over(s);
    }

    private static String upper(String word) {
        return word.toUpperCase(Locale.ROOT);
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
