package gurukram.core.notation.words;

import gurukram.core.plan.Prop;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Hold;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What marked lines say about the part above them: {@code note: ...}, {@code say: ...}, {@code thread: ...}; {@code locked,
 * optional, priority 3}; {@code muted sides-uneven: on purpose}; for steps also {@code pace 5 s, setting up 20 s, passive
 * breath} and {@code props: 2 blocks, 1 strap}.
 */
public final class MarkWords {
    private static final Pattern TEXT = Pattern.compile("(?i)(note|say|thread):(.*)");
    private static final Pattern MUTED = Pattern.compile("(?i)muted? ([^:]*)(?::(.*))?");
    private static final Pattern PROPS = Pattern.compile("(?i)props?:?\\s+(.*)");
    private static final Pattern PROP = Pattern.compile("(?i)(?:(\\d{1,9}|an?|one|two)\\s+)?(.*)");

    private static final Phrases<Marks> MARKS = new Phrases<Marks>()
            .on("locked?", (k, m) -> k.lock(true))
            .on("optional", (k, m) -> k.makeOptional(true))
            .on("priority (-?\\d{1,9})", (k, m) -> k.withPriority(Marks.PRIORITY.parse(m.group(1))));

    private static final Phrases<Timing> TIMING = new Phrases<Timing>()
            .on(
                    "(?:breath |each breath |a breath )?" + Numbers.DECIMAL + " *" + Numbers.SECONDS
                            + "? *(?:a|each|per|every|for (?:a|each|every)) breath",
                    (t, m) -> t.withBreath(Numbers.millis(m.group(1), Timing.BREATH_MILLIS, "Seconds a breath")))
            .on("(?:at a )?pace .*|in(?:hale)? .*out.*|exhale .*", (t, m) -> t.withPace(TypedPace.parse(m.group())))
            .on(
                    Numbers.DECIMAL + " *" + Numbers.SECONDS + "? *(?:a|an|each|per|every|for (?:a|each|every)) "
                            + "(?:position|movement|step|move|half[- ]?breath|inhale|exhale)",
                    (t, m) -> t.withPace(TypedPace.parse(m.group())))
            .on(
                    "setting up " + Numbers.DECIMAL + " *" + Numbers.SECONDS + "? */ *" + Numbers.DECIMAL + " *"
                            + Numbers.SECONDS + "?",
                    (t, m) -> t.withSettingUp(settingUp(m.group(1)), settingUp(m.group(2))))
            .on(
                    "setting up " + Numbers.DECIMAL + " *" + Numbers.SECONDS + "?",
                    (t, m) -> t.withSettingUp(settingUp(m.group(1)), t.secondSettingUpMillis()))
            .on(
                    "second side (?:setting up )?" + Numbers.DECIMAL + " *" + Numbers.SECONDS + "?",
                    (t, m) -> t.withSettingUp(
                            t.settingUpMillis() == null ? settingUp(m.group(1)) : t.settingUpMillis(),
                            settingUp(m.group(1))))
            .on("explained", (t, m) -> t.with(Cueing.EXPLAINED))
            .on("by the breath", (t, m) -> t.with(Cueing.BY_THE_BREATH))
            .on(
                    "(active|passive)(?: breath| hold)?",
                    (t, m) -> t.withHold(Hold.valueOf(m.group(1).toUpperCase(Locale.ROOT))));

    private MarkWords() {}

    public static Optional<Texts> texts(String line, Texts now) {
        Matcher text = TEXT.matcher(line);
        if (!text.matches()) return Optional.empty();
        String said = text.group(2).strip();
        return Optional.of(
                switch (text.group(1).toLowerCase(Locale.ROOT)) {
                    case "note" -> now.withNote(now.note().isEmpty() ? said : now.note() + "\n" + said);
                    case "say" -> now.withSay(once(now.say(), said, "say"));
                    default -> now.withThread(once(now.thread(), said, "thread"));
                });
    }

    /** A second line of a kind there is one of would drop the first. */
    public static String once(String before, String now, String what) {
        if (before.isEmpty() || before.equals(now)) return now;
        throw new Refused("There is one “" + what + "” already: “" + before + "”.");
    }

    public static Optional<Marks> marks(String line, Marks now) {
        Optional<Marks> muted = muted(line, now);
        return muted.isPresent() ? muted : all(MARKS, line, now);
    }

    private static Optional<Marks> muted(String line, Marks now) {
        return mute(line).map(now::and);
    }

    /** {@code muted sides-uneven: on purpose}. */
    public static Optional<Marks.Mute> mute(String line) {
        Matcher muted = MUTED.matcher(line);
        if (!muted.matches()) return Optional.empty();
        return Optional.of(new Marks.Mute(muted.group(1), muted.group(2) == null ? "" : muted.group(2)));
    }

    public static String write(Marks.Mute mute) {
        return "muted " + mute.rule() + (mute.why().isEmpty() ? "" : ": " + mute.why());
    }

    /** A step's own attributes, or its marks and texts; empty when the line says none of them. */
    public static Optional<Step> step(String line, Step step) {
        Optional<Step> texts = texts(line, step.texts()).map(step::with);
        if (texts.isPresent()) return texts;
        Optional<Step> muted = muted(line, step.marks()).map(step::with);
        if (muted.isPresent()) return muted;
        Matcher props = PROPS.matcher(line);
        if (props.matches()) {
            try {
                return Optional.of(step.withProps(props(props.group(1), step.props())));
            } catch (Refused e) {
                throw e.shifted(props.start(1));
            }
        }
        Optional<Step> manner = MannerWords.read(line, step.manner()).map(step::with);
        if (manner.isPresent()) return manner;
        Step changed = step;
        for (Parts.Part part : Parts.of(line).parts()) {
            Optional<Timing> timing = TIMING.read(part.text(), changed.timing());
            Optional<Marks> marks = MARKS.read(part.text(), changed.marks());
            if (timing.isPresent()) changed = changed.with(timing.get());
            else if (marks.isPresent()) changed = changed.with(marks.get());
            else return Optional.empty();
        }
        return Optional.of(changed);
    }

    private static List<Prop> props(String typed, List<Prop> before) {
        List<Prop> props = new ArrayList<>(before);
        for (Parts.Part part : Parts.of(typed).parts()) {
            Matcher prop = PROP.matcher(part.text());
            if (!prop.matches()) throw new Refused(Problem.of("“" + part.text() + "” is no prop.")).within(part.span());
            try {
                int number = number(prop.group(1));
                String name = prop.group(2);
                boolean plural = number > 1 && name.endsWith("s");
                props.add(new Prop(number, plural ? name.substring(0, name.length() - 1) : name));
            } catch (Refused e) {
                throw e.within(part.span());
            }
        }
        return props;
    }

    private static int settingUp(String seconds) {
        return Numbers.millis(seconds, Timing.SETTING_UP_MILLIS, "Seconds of setting up");
    }

    private static int number(String word) {
        if (word == null) return 1;
        if (word.equalsIgnoreCase("two")) return 2;
        return Character.isDigit(word.charAt(0)) ? Prop.NUMBER.parse(word) : 1;
    }

    private static <T> Optional<T> all(Phrases<T> phrases, String line, T now) {
        T value = now;
        List<Parts.Part> parts = Parts.of(line).parts();
        if (parts.isEmpty()) return Optional.empty();
        for (Parts.Part part : parts) {
            Optional<T> more = phrases.read(part.text(), value);
            if (more.isEmpty()) return Optional.empty();
            value = more.get();
        }
        return Optional.of(value);
    }

    public static List<String> write(Texts texts) {
        List<String> lines = new ArrayList<>();
        if (!texts.note().isEmpty()) texts.note().lines().forEach(line -> lines.add("note: " + line));
        if (!texts.say().isEmpty()) lines.add("say: " + texts.say());
        if (!texts.thread().isEmpty()) lines.add("thread: " + texts.thread());
        return lines;
    }

    public static List<String> write(Marks marks) {
        List<String> flags = new ArrayList<>();
        if (marks.locked()) flags.add("locked");
        if (marks.optional()) flags.add("optional");
        if (marks.priority() != null) flags.add("priority " + marks.priority());
        List<String> lines = new ArrayList<>();
        if (!flags.isEmpty()) lines.add(String.join(", ", flags));
        marks.mutes().forEach(mute -> lines.add(write(mute)));
        return lines;
    }

    public static List<String> write(Step step) {
        Timing timing = step.timing();
        List<String> times = new ArrayList<>();
        if (timing.pace() != null) times.add("pace " + timing.pace());
        if (timing.breathMillis() != null) times.add(Millis.seconds(timing.breathMillis()) + " s a breath");
        if (timing.settingUpMillis() != null) {
            Integer second = timing.secondSettingUpMillis();
            times.add("setting up " + Millis.seconds(timing.settingUpMillis()) + " s"
                    + (second == null ? "" : " / " + Millis.seconds(second) + " s"));
        }
        if (timing.cueing() != null) times.add(timing.cueing().word());
        if (timing.hold() != null) times.add(timing.hold().name().toLowerCase(Locale.ROOT) + " breath");
        List<String> lines = new ArrayList<>();
        if (!times.isEmpty()) lines.add(String.join(", ", times));
        if (!step.props().isEmpty()) {
            lines.add("props: "
                    + String.join(
                            ", ", step.props().stream().map(Prop::toString).toList()));
        }
        lines.addAll(MannerWords.write(step.manner()));
        lines.addAll(write(step.marks()));
        lines.addAll(write(step.texts()));
        return lines;
    }
}
