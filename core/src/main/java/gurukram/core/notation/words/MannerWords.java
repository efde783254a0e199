package gurukram.core.notation.words;

import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseWords;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.manner.Use;
import gurukram.core.plan.manner.Way;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Modifiers.Modifier;
import gurukram.core.pose.Ways;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.TextEnd;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How a pose is done: at the end of its line ({@code eagle arms}, {@code side is the lifted arm}, {@code by jumping}), and on
 * marked lines ({@code by rocking up, 8 s}; {@code stage: one foot light, 2 breaths, may stay}; {@code rest}).
 */
public final class MannerWords {
    private static final Pattern SIDE_IS =
            Pattern.compile("(?i)(?:the )?side (?:is|names|means) ((?:the )?[^,;:]{1,40})");
    private static final Pattern BY = Pattern.compile(
            "(?i)(?:(?:come|get there|on|way in|there)[: ]*)?by (?!the breath)(.*?)(?:,? *(?:in )?(\\d+(?:[.,]\\d+)?) *(?:s|secs?|seconds?))?");
    private static final Pattern STAGE = Pattern.compile("(?i)stage(?: \\d{1,2})?:\\s*(.*)");
    private static final Pattern STAGES = Pattern.compile("(?i)(?:in )?stages:\\s*(.*)");
    private static final Pattern MAY_STAY = Pattern.compile("(?i)(?:or |may |you may |one may )?stay(?: here| there)?");
    private static final Pattern STAGE_PROP = Pattern.compile("(?i)(?:props?|with):? (.+)");
    private static final Pattern WAY_OUT = Pattern.compile("(?i)(?:way )?out: ?(.+)");

    /** Names of what may be different, the longest pattern of each list at the end of a line. */
    private static final Map<Pattern, String> AT_END = atEnd();

    private static final Pattern WAY_AT_END = wayAtEnd();
    private static final Pattern SIDE_SAID = Pattern.compile("(?i)\\bside (?:is|names|means) ");

    /** What such a phrase can end on: lines that end on nothing of it, nearly all, need no closer look. */
    private static final Set<String> LAST_WORDS = Stream.concat(
                    Modifiers.shipped().all().stream()
                            .flatMap(one -> Stream.concat(Stream.of(one.name()), one.also().stream())),
                    Ways.shipped().all().stream()
                            .flatMap(way -> Stream.concat(Stream.of(way.name()), way.also().stream())))
            .map(MannerWords::lastWord)
            .collect(Collectors.toUnmodifiableSet());

    private Manner manner = Manner.USUAL;

    private static Map<Pattern, String> atEnd() {
        Map<Pattern, String> patterns = new LinkedHashMap<>();
        for (Modifier modifier : Modifiers.shipped().all()) {
            String names = Stream.concat(Stream.of(modifier.name()), modifier.also().stream())
                    .map(Pattern::quote)
                    .collect(Collectors.joining("|"));
            patterns.put(Pattern.compile("(?i)(?:with )?(?:" + names + ")"), modifier.name());
        }
        return patterns;
    }

    /** “by” and a way, or one of the words that are ways by themselves. */
    private static Pattern wayAtEnd() {
        String names = Ways.shipped().all().stream()
                .flatMap(way -> Stream.concat(Stream.of(way.name()), way.also().stream()))
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return Pattern.compile(
                "(?i)by (?:the )?(" + names + ")|(step(?:ping)?(?: through| back| forward)?|jump(?:ing)?(?: back"
                        + "| forward| through)?|walk(?:ing)?(?: forward| back)?|float(?:ing)?(?: forward| back)?|rock(?:ing)? up)");
    }

    private static String lastWord(String text) {
        int end = text.length();
        while (end > 0 && !Character.isLetter(text.charAt(end - 1))) end--;
        int from = end;
        while (from > 0 && Character.isLetter(text.charAt(from - 1))) from--;
        return text.substring(from, end).toLowerCase(Locale.ROOT);
    }

    /** Takes a phrase from the end: the text before it, or null when none stands there. */
    public @Nullable String takeFromEnd(String text) {
        String last = lastWord(text);
        boolean maybeSide = SIDE_SAID.matcher(text).find();
        if (!maybeSide && !LAST_WORDS.contains(last)) return null;
        TextEnd end = new TextEnd(text);
        Optional<MatchResult> side = end.find(SIDE_IS);
        if (side.isPresent()) {
            manner = manner.withSideNames(
                    MarkWords.once(manner.sideNames(), side.get().group(1).strip(), "side is"));
            return end.before(side.get());
        }
        Optional<MatchResult> way = end.find(WAY_AT_END);
        if (way.isPresent()) {
            String name =
                    way.get().group(1) != null ? way.get().group(1) : way.get().group(2);
            if (manner.way() != null)
                throw new Refused("“" + manner.way() + "” and “" + name + "” are two ways; keep one.");
            manner = manner.with(new Way(name, null));
            return end.before(way.get());
        }
        MatchResult longest = null;
        String modifier = null;
        for (Map.Entry<Pattern, String> one : AT_END.entrySet()) {
            Optional<MatchResult> found = end.find(one.getKey());
            if (found.isEmpty()
                    || (longest != null && longest.start() <= found.get().start())) continue;
            longest = found.get();
            modifier = one.getValue();
        }
        if (longest == null) return null;
        List<String> all = new ArrayList<>(List.of(modifier));
        all.addAll(manner.with());
        manner = manner.with(all);
        return end.before(longest);
    }

    public Manner manner() {
        return manner;
    }

    /** What a marked line says; empty when it says something else. */
    public static Optional<Manner> read(String line, Manner now) {
        Matcher stage = STAGE.matcher(line);
        if (stage.matches()) return Optional.of(now.and(shifted(stage.group(1), stage.start(1))));
        Matcher stages = STAGES.matcher(line);
        if (stages.matches()) {
            Manner all = now;
            for (String one : stages.group(1).split(";")) all = all.and(stage(one));
            return Optional.of(all);
        }
        Optional<Use> use = Use.named(line);
        if (use.isPresent()) return use.map(now::with);
        Matcher by = BY.matcher(line);
        if (by.matches()) {
            Integer ms = by.group(2) == null ? null : Numbers.millis(by.group(2), Way.MILLIS, "Seconds of a way");
            return Optional.of(now.with(new Way(by.group(1), ms)));
        }
        return modifiers(line, now);
    }

    private static Optional<Manner> modifiers(String line, Manner now) {
        return modifiers(line).map(names -> {
            Manner changed = now;
            for (String name : names) changed = changed.and(name);
            return changed;
        });
    }

    /** What is different about a pose, where a text says nothing else; a pose may have the same name. */
    public static Optional<List<String>> modifiers(String text) {
        List<String> names = new ArrayList<>();
        for (Parts.Part part : Parts.of(text).parts()) {
            Optional<Modifier> modifier = Modifiers.shipped().named(part.text());
            if (modifier.isEmpty()) return Optional.empty();
            names.add(modifier.get().name());
        }
        return names.isEmpty() ? Optional.empty() : Optional.of(names);
    }

    private static Stage shifted(String said, int by) {
        try {
            return stage(said);
        } catch (Refused e) {
            throw e.shifted(by);
        }
    }

    /** {@code one foot light, 2 breaths, may stay, props: 1 block, out: sit down}. */
    private static Stage stage(String said) {
        boolean stay = false;
        String prop = "";
        String wayOut = "";
        List<String> words = new ArrayList<>();
        for (Parts.Part part : Parts.of(said).parts()) {
            Matcher props = STAGE_PROP.matcher(part.text());
            Matcher out = WAY_OUT.matcher(part.text());
            if (MAY_STAY.matcher(part.text()).matches()) stay = true;
            else if (out.matches()) wayOut = MarkWords.once(wayOut, out.group(1), "out");
            else if (props.matches() && prop.isEmpty()) prop = props.group(1);
            else words.add(part.text());
        }
        DoseWords dose = new DoseWords();
        String rest = String.join(", ", words);
        for (String shorter = dose.takeFromEnd(rest); shorter != null; shorter = dose.takeFromEnd(rest)) {
            rest = shorter;
            if (rest.isEmpty()) break;
        }
        Dose held = dose.dose()
                .orElseThrow(() -> new Refused(Problem.of(
                        "How long is this stage? “" + said.strip() + "” does not say.",
                        "As in “stage: one foot light, 2 breaths”.")));
        return new Stage(rest, held, stay, prop, wayOut);
    }

    /** The marked lines of what does not stand in the step's own line. */
    public static List<String> write(Manner manner) {
        List<String> lines = new ArrayList<>();
        if (manner.way() != null) lines.add(manner.way().toString());
        for (Stage stage : manner.stages()) {
            lines.add("stage: " + stage.words() + ", " + stage.dose() + (stage.mayStay() ? ", may stay" : "")
                    + (stage.prop().isEmpty() ? "" : ", props: " + stage.prop())
                    + (stage.wayOut().isEmpty() ? "" : ", out: " + stage.wayOut()));
        }
        if (manner.use() != null) lines.add(manner.use().word());
        return lines;
    }

    /** What stands in the step's own line behind its pose. */
    public static List<String> inLine(Manner manner) {
        return manner.with();
    }
}
