package gurukram.core.notation.words;

import gurukram.core.dose.Dose;
import gurukram.core.plan.settings.Cueing;
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
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Collectors;

/**
 * Settings of a school, comma separated: {@code no empty holds, holds up to 8 counts, 1.2 s a count, same front leg,
 * straight knees, instructive voice, sanskrit names, guided rest, roll to either side, explained, 5 s a breath,
 * threshold one-leg 60/90/120}.
 */
public final class SchoolWords {
    private static final Phrases<School> PHRASES = new Phrases<School>()
            .on("(all|no empty|no) (?:holds?|retentions?)", (s, m) -> s.withHolds(holds(m.group(1))))
            .on(
                    "holds? (?:up to|at most) (-?\\d{1,9})(?: counts?)?",
                    (s, m) -> s.withHoldCap(School.HOLD_CAP.parse(m.group(1))))
            .on(
                    Numbers.DECIMAL + " *" + Numbers.SECONDS + " (?:a|per) count",
                    (s, m) -> s.withCountMillis(Numbers.millis(m.group(1), School.COUNT_MILLIS, "Seconds a count")))
            .on("returning(?: leg| foot)?", (s, m) -> s.with(LegRule.RETURNING))
            .on("same front(?: leg| foot)?", (s, m) -> s.with(LegRule.SAME_FRONT))
            .on("(soft|straight|locked) knees", (s, m) -> s.with(Knees.valueOf(upper(m.group(1)))))
            .on("(invitational|instructive)(?: voice)?", (s, m) -> s.with(Voice.valueOf(upper(m.group(1)))))
            .on("(english|sanskrit)(?: names?)?", (s, m) -> s.with(Names.valueOf(upper(m.group(1)))))
            .on("(?:english and sanskrit|both)(?: names?)?", (s, m) -> s.with(Names.BOTH))
            .on("guided rest", (s, m) -> s.withRestGuided(true))
            .on("silent rest", (s, m) -> s.withRestGuided(false))
            .on("roll to (?:the )?right(?: side)?", (s, m) -> s.with(Roll.RIGHT))
            .on("(explained|by the breath)", (s, m) -> s.with(cueing(m.group(1))))
            .on("roll to either(?: side)?", (s, m) -> s.with(Roll.EITHER))
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
                school = PHRASES.read(part.text(), before)
                        .or(() ->
                                BreathWords.read(part.text(), before.breaths()).map(before::with))
                        .orElseThrow(() -> unknown(part.text()));
            } catch (Refused e) {
                throw e.within(part.span());
            }
        }
        return school;
    }

    /** A line that says only how long breaths are, as {@code 5 s a breath}; empty otherwise. */
    public static Optional<School> breaths(String line, School now) {
        School school = now;
        List<Parts.Part> parts = Parts.of(line).parts();
        for (Parts.Part part : parts) {
            Optional<School> more =
                    BreathWords.read(part.text(), school.breaths()).map(school::with);
            if (more.isEmpty()) return Optional.empty();
            school = more.get();
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(school);
    }

    private static Refused unknown(String part) {
        return new Refused(
                Problem.of(
                        "“" + part + "” is no setting of a school.",
                        "Maybe “no holds”, “1.2 s a count”, “5 s a breath”, “soft knees”, “instructive voice” or “sanskrit names”."));
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
        if (s.cueing() != null) parts.add(s.cueing().word());
        parts.addAll(BreathWords.write(s.breaths()));
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

    private static Cueing cueing(String word) {
        return word.equalsIgnoreCase("explained") ? Cueing.EXPLAINED : Cueing.BY_THE_BREATH;
    }

    private static String upper(String word) {
        return word.toUpperCase(Locale.ROOT);
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
