package gurukram.web.account;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.School;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The settings of a school as a form of choices, each in the words of the notation; an empty one is the usual. */
final class SchoolForm {
    /** @param options the words that can be chosen; empty for a box to type in */
    public record Choice(String name, String label, List<String> options, String value) {}

    private static final Map<String, List<String>> OPTIONS = Map.of(
            "holds", List.of("all holds", "no empty holds", "no holds"),
            "legs", List.of("returning leg", "same front leg"),
            "knees", List.of("soft knees", "straight knees", "locked knees"),
            "voice", List.of("invitational voice", "instructive voice"),
            "names", List.of("english names", "sanskrit names", "english and sanskrit names"),
            "cueing", List.of("explained", "by the breath"),
            "rest", List.of("silent rest", "guided rest"),
            "roll", List.of("roll to the right", "roll to either side"));

    private SchoolForm() {}

    /** {@link Refused} when a number is none. */
    static School read(Map<String, String> typed) {
        List<String> parts = new ArrayList<>();
        for (String name : OPTIONS.keySet()) add(parts, typed.get(name), "");
        add(parts, typed.get("cap"), "holds up to %s counts");
        add(parts, typed.get("count"), "%s s a count");
        add(parts, typed.get("active"), "%s s an active breath");
        add(parts, typed.get("passive"), "%s s a passive breath");
        add(parts, typed.get("half"), "%s s a half-breath");
        add(parts, typed.get("second"), "second side %s s a half-breath");
        add(parts, typed.get("rounds"), "");
        add(parts, typed.get("ratio"), "");
        return SchoolWords.read(String.join(", ", parts));
    }

    private static void add(List<String> parts, String value, String as) {
        if (value == null || value.isBlank()) return;
        String plain = value.strip().replace(',', '.');
        if (!as.isEmpty() && !plain.matches("\\d{1,6}(\\.\\d{1,3})?")) {
            throw new Refused("“" + value.strip() + "” is no number.");
        }
        parts.add(as.isEmpty() ? value.strip() : as.formatted(plain));
    }

    /** Settings that belong together, under a heading. */
    public record Group(String heading, List<Choice> choices) {}

    static List<Group> groups(School school, Map<String, String> typed) {
        String words = SchoolWords.write(school);
        String cap = typed.getOrDefault("cap", number(school.holdCap()));
        String usual = school.countMillis() == null ? "" : Millis.seconds(school.countMillis());
        String count = typed.getOrDefault("count", usual);
        BreathLengths breaths = school.breaths();
        return List.of(
                new Group(
                        "How long your breaths are",
                        List.of(
                                seconds(
                                        "active",
                                        "A breath in active holds (usually 6 s)",
                                        breaths.activeMillis(),
                                        typed),
                                seconds(
                                        "passive",
                                        "A breath in passive holds (usually 8 s)",
                                        breaths.passiveMillis(),
                                        typed),
                                seconds(
                                        "half",
                                        "Half a breath in flows, first side (usually 4)",
                                        breaths.halfMillis(),
                                        typed),
                                seconds(
                                        "second",
                                        "The same on the second side (usually 3.6)",
                                        breaths.secondHalfMillis(),
                                        typed),
                                words("rounds", "As in rounds 100/91/85 %", "rounds ", words, typed),
                                words("ratio", "As in inhale 3 to exhale 4", "inhale ", words, typed),
                                choice("cueing", "Way of cueing", words, typed))),
                new Group(
                        "Breath and counting",
                        List.of(
                                choice("holds", "Retentions of breath", words, typed),
                                new Choice("cap", "Longest retention, in counts", List.of(), cap),
                                new Choice("count", "One spoken count, in seconds (usually 1.5)", List.of(), count))),
                new Group(
                        "How you speak",
                        List.of(
                                choice("voice", "Your voice", words, typed),
                                choice("names", "Names of poses", words, typed),
                                choice("knees", "How straight legs are cued", words, typed))),
                new Group(
                        "Salutations and rest",
                        List.of(
                                choice("legs", "In a salutation, who comes forward first", words, typed),
                                choice("rest", "The final rest", words, typed),
                                choice("roll", "After the rest", words, typed))));
    }

    private static Choice seconds(String name, String label, Integer millis, Map<String, String> typed) {
        return new Choice(
                name, label, List.of(), typed.getOrDefault(name, millis == null ? "" : Millis.seconds(millis)));
    }

    /** A setting in its own words, where it is set. */
    private static Choice words(String name, String label, String begins, String all, Map<String, String> typed) {
        String set = Stream.of(all.split(", "))
                .filter(part -> part.startsWith(begins))
                .findFirst()
                .orElse("");
        return new Choice(name, label, List.of(), typed.getOrDefault(name, set));
    }

    private static Choice choice(String name, String label, String words, Map<String, String> typed) {
        List<String> options = OPTIONS.get(name);
        String chosen = options.stream()
                .filter(option -> List.of(words.split(", ")).contains(option))
                .findFirst()
                .orElse("");
        return new Choice(name, label, options, typed.getOrDefault(name, chosen));
    }

    private static String number(Integer value) {
        return value == null ? "" : value.toString();
    }
}
