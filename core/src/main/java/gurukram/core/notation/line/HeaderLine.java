package gurukram.core.notation.line;

import gurukram.core.body.Side;
import gurukram.core.notation.words.GuardWords;
import gurukram.core.notation.words.MarkWords;
import gurukram.core.notation.words.Parts;
import gurukram.core.notation.words.Phrases;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a class is for: {@code class: title}, and under it {@code 60 min, vinyasa, intermediate}, {@code mixed room},
 * {@code starts 18:30}, {@code begins left}, {@code peak pose: half moon}, {@code theme: ...} with its parts, {@code school:
 * ...}, {@code note: ...}, {@code muted sides-uneven: on purpose}.
 */
public final class HeaderLine {
    private static final Pattern TITLE = Pattern.compile("(?i)(?:class|title):(.*)");
    private static final Pattern KEYED = Pattern.compile("(?i)(theme|sentence|affirmation|image|quotation|focus|mantra|"
            + "opening words|closing words|peak pose|school|note):(.*)");

    private static final Phrases<ClassSettings> PHRASES = new Phrases<ClassSettings>()
            .on("(-?\\d{1,9}) *(?:m|mins?|minutes?)", (s, m) -> s.withSlotMinutes(ClassSettings.SLOT.parse(m.group(1))))
            .on(
                    "(hatha|vinyasa)(?: class)?",
                    (s, m) -> s.with(Style.valueOf(m.group(1).toUpperCase(Locale.ROOT))))
            .on(
                    "(beginners?|intermediates?|advanced)(?: level| class)?",
                    (s, m) -> s.with(GuardWords.level(m.group(1))))
            .on("props (?:lie |are )?ready|(?:lay|put) (?:the )?props ready", (s, m) -> s.withPropsReady(true))
            .on("mixed(?: room| level| levels)?", (s, m) -> s.withMixed(true))
            .on("(?:starts?|begins?)(?: at)? (\\d{1,2}[:.]\\d\\d)", (s, m) -> s.withStarts(clock(m.group(1))))
            .on(
                    "(?:begins?|first side)(?: on)?(?: the)? (right|left)",
                    (s, m) -> s.withBegins(Side.valueOf(m.group(1).toUpperCase(Locale.ROOT))));

    private final PoseCatalogue catalogue;

    public HeaderLine(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The title in a line that says it is one. */
    public static Optional<String> title(String line) {
        Matcher title = TITLE.matcher(line);
        return title.matches() ? Optional.of(title.group(1).strip()) : Optional.empty();
    }

    /** The settings with what a line says about them; empty when it says nothing about a class. */
    public Optional<ClassSettings> read(String line, ClassSettings now) {
        Matcher keyed = KEYED.matcher(line);
        if (keyed.matches()) {
            int from = keyed.start(2)
                    + (keyed.group(2).length() - keyed.group(2).stripLeading().length());
            try {
                return Optional.of(keyed(
                        keyed.group(1).toLowerCase(Locale.ROOT), keyed.group(2).strip(), now));
            } catch (Refused e) {
                throw e.shifted(from).within(new Span(Math.min(from, line.length()), line.length()));
            }
        }
        Optional<Marks.Mute> muted = MarkWords.mute(line);
        if (muted.isPresent()) {
            List<Marks.Mute> more = new ArrayList<>(now.mutes());
            more.add(muted.get());
            return Optional.of(now.withMutes(more));
        }
        ClassSettings settings = now;
        List<Parts.Part> parts = Parts.of(line).parts();
        for (Parts.Part part : parts) {
            try {
                Optional<ClassSettings> more = part(part.text(), settings);
                if (more.isEmpty()) return Optional.empty();
                settings = more.get();
            } catch (Refused e) {
                throw e.within(part.span());
            }
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(settings);
    }

    private static Optional<ClassSettings> part(String part, ClassSettings now) {
        return PHRASES.read(part, now)
                .or(() -> SchoolWords.breaths(part, now.school()).map(now::with));
    }

    private ClassSettings keyed(String key, String said, ClassSettings s) {
        Theme t = s.theme();
        return switch (key) {
            case "theme" -> s.with(t.withTitle(MarkWords.once(t.title(), said, key)));
            case "peak pose" -> s.withPeak(peak(said));
            case "school" -> s.with(SchoolWords.read(said).over(s.school()));
            case "note" -> s.withNote(s.note().isEmpty() ? said : s.note() + "\n" + said);
            default -> s.with(part(key, said, t));
        };
    }

    private static Theme part(String key, String said, Theme t) {
        String[] parts = {
            t.sentence(), t.affirmation(), t.image(), t.quotation(), t.focus(), t.mantra(), t.open(), t.close()
        };
        int i = List.of(
                        "sentence",
                        "affirmation",
                        "image",
                        "quotation",
                        "focus",
                        "mantra",
                        "opening words",
                        "closing words")
                .indexOf(key);
        parts[i] = MarkWords.once(parts[i], said, key);
        return new Theme(t.title(), parts[0], parts[1], parts[2], parts[3], parts[4], parts[5], parts[6], parts[7]);
    }

    private String peak(String name) {
        if (name.isEmpty()) throw new Refused("Which pose does the class lead to? As in “peak pose: half moon”.");
        String shown = name.length() <= 60 ? name : name.substring(0, 60);
        return catalogue
                .named(name)
                .map(Pose::id)
                .orElseThrow(() -> new Refused(Problem.of(
                        "I know no pose called “" + shown + "”.",
                        "Maybe: "
                                + String.join(
                                        ", ",
                                        catalogue.nearest(shown, 3).stream()
                                                .map(Pose::name)
                                                .toList())
                                + ".")));
    }

    private static String clock(String typed) {
        String clock = typed.replace('.', ':');
        return clock.length() == 4 ? "0" + clock : clock;
    }

    /** The lines under {@code class:}, without their marks. */
    public List<String> write(ClassSettings s) {
        List<String> about = new ArrayList<>();
        about.add(s.slotMinutes() + " min");
        about.add(s.style().word());
        about.add(s.level().name().toLowerCase(Locale.ROOT));
        if (s.mixed()) about.add("mixed room");
        if (s.propsReady()) about.add("props ready");
        if (!s.starts().isEmpty()) about.add("starts " + s.starts());
        if (s.begins() == Side.LEFT) about.add("begins left");
        List<String> lines = new ArrayList<>(List.of(String.join(", ", about)));
        add(
                lines,
                "peak pose",
                s.peak() == null ? "" : catalogue.pose(s.peak()).name().toLowerCase(Locale.ROOT));
        Theme t = s.theme();
        add(lines, "theme", t.title());
        add(lines, "sentence", t.sentence());
        add(lines, "affirmation", t.affirmation());
        add(lines, "image", t.image());
        add(lines, "quotation", t.quotation());
        add(lines, "focus", t.focus());
        add(lines, "mantra", t.mantra());
        add(lines, "opening words", t.open());
        add(lines, "closing words", t.close());
        add(lines, "school", SchoolWords.write(s.school()));
        if (!s.note().isEmpty()) s.note().lines().forEach(line -> lines.add("note: " + line));
        s.mutes().forEach(mute -> lines.add(MarkWords.write(mute)));
        return lines;
    }

    private static void add(List<String> lines, String key, String said) {
        if (!said.isEmpty()) lines.add(key + ": " + said);
    }
}
