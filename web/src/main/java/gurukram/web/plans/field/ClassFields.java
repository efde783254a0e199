package gurukram.web.plans.field;

import gurukram.core.body.Side;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.edit.PoseNamed;
import gurukram.web.shared.Typed;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/** The fields of a class as a whole. */
public final class ClassFields {
    private static final int WIDE = 34;

    public record At(ClassSettings settings, PoseCatalogue catalogue) {}

    private static final Fields<At, ClassSettings> FIELDS = new Fields<>(at -> NodeId.CLASS.value());

    public static final Declared<At, ClassSettings> TITLE =
            text("title", "Title", "Title of the class", ClassSettings::title, ClassSettings::withTitle);
    public static final Declared<At, ClassSettings> SLOT = FIELDS.declare(
            "slot",
            "Slot",
            (at, f) -> f.number(at.settings().slotMinutes(), "Slot in minutes").between("", "min"),
            (at, typed) -> at.settings().withSlotMinutes(ClassSettings.SLOT.parse(typed)));
    public static final Declared<At, ClassSettings> STARTS = FIELDS.declare(
            "starts",
            "Starts at",
            (at, f) -> f.text(at.settings().starts(), "Starts at, such as 18:30", 8),
            (at, typed) -> at.settings().withStarts(typed));
    public static final Declared<At, ClassSettings> STYLE = FIELDS.declare(
            "style",
            "Style",
            (at, f) -> f.choice(at.settings().style().name(), "Style", Options.styles()),
            (at, typed) -> at.settings().with(Typed.named(Style.class, typed)));
    public static final Declared<At, ClassSettings> LEVEL = FIELDS.declare(
            "level",
            "Level",
            (at, f) -> f.choice(at.settings().level().name(), "Level", Options.levels()),
            (at, typed) -> at.settings().with(Typed.named(Level.class, typed)));
    public static final Declared<At, ClassSettings> MIXED = FIELDS.declare(
            "mixed",
            "Room",
            (at, f) -> f.tick(at.settings().mixed(), "mixed: all levels on one clock"),
            (at, typed) -> at.settings().withMixed(Field.isYes(typed)));
    public static final Declared<At, ClassSettings> PEAK = FIELDS.declare(
            "peak",
            "Peak pose",
            (at, f) -> f.text(peak(at), "Peak pose", WIDE),
            (at, typed) -> at.settings()
                    .withPeak(
                            typed.isBlank()
                                    ? null
                                    : PoseNamed.in(at.catalogue(), typed).id()));
    public static final Declared<At, ClassSettings> BEGINS = FIELDS.declare(
            "begins",
            "Flows that alternate by class begin",
            (at, f) -> f.choice(at.settings().begins().name(), "This class begins", Options.FIRST),
            (at, typed) -> at.settings().withBegins(Typed.named(Side.class, typed)));
    public static final Declared<At, ClassSettings> THEME =
            theme("theme", "Title", "Theme", Theme::title, Theme::withTitle);
    private static final List<Declared<At, ClassSettings>> THEME_CARD = List.of(
            THEME,
            theme("sentence", "In one sentence", Theme::sentence, Theme::withSentence),
            theme("affirmation", "Affirmation", Theme::affirmation, Theme::withAffirmation),
            theme("image", "Image", Theme::image, Theme::withImage),
            theme("quotation", "Quotation", Theme::quotation, Theme::withQuotation),
            theme("focus", "Focus in the body", Theme::focus, Theme::withFocus),
            theme("mantra", "Mantra", Theme::mantra, Theme::withMantra),
            theme("open", "Opening words", Theme::open, Theme::withOpen),
            theme("close", "Closing words", Theme::close, Theme::withClose));
    public static final Declared<At, ClassSettings> SCHOOL = text(
            "school",
            "Where this class differs from your school",
            "Where this class differs from your school",
            settings -> SchoolWords.write(settings.school()),
            (settings, typed) -> settings.with(SchoolWords.read(typed)));
    public static final Declared<At, ClassSettings> NOTE = FIELDS.declare(
            "note",
            "Note",
            (at, f) -> f.lines(at.settings().note(), "Note on the class"),
            (at, typed) -> at.settings().withNote(typed));

    private ClassFields() {}

    private static String peak(At at) {
        String peak = at.settings().peak();
        return peak == null ? "" : at.catalogue().pose(peak).name().toLowerCase();
    }

    private static Declared<At, ClassSettings> text(
            String name,
            String caption,
            String label,
            Function<ClassSettings, String> read,
            BiFunction<ClassSettings, String, ClassSettings> write) {
        return FIELDS.declare(
                name,
                caption,
                (at, f) -> f.text(read.apply(at.settings()), label, WIDE),
                (at, typed) -> write.apply(at.settings(), typed));
    }

    private static Declared<At, ClassSettings> theme(
            String name, String caption, Function<Theme, String> read, BiFunction<Theme, String, Theme> write) {
        return theme(name, caption, caption, read, write);
    }

    private static Declared<At, ClassSettings> theme(
            String name,
            String caption,
            String label,
            Function<Theme, String> read,
            BiFunction<Theme, String, Theme> write) {
        return text(
                name,
                caption,
                label,
                settings -> read.apply(settings.theme()),
                (settings, typed) -> settings.with(write.apply(settings.theme(), typed)));
    }

    static ClassSettings write(At at, String field, String typed) {
        return FIELDS.write(at, field, typed);
    }

    /** When and for whom, as a panel shows it. */
    public static List<Captioned> basics(At at, Refusal refusal) {
        return captioned(List.of(SLOT, STARTS, STYLE, LEVEL, MIXED, PEAK, BEGINS), at, refusal);
    }

    public static List<Captioned> theme(At at, Refusal refusal) {
        return captioned(THEME_CARD, at, refusal);
    }

    public static List<Captioned> school(At at, Refusal refusal) {
        return captioned(List.of(SCHOOL, NOTE), at, refusal);
    }

    private static List<Captioned> captioned(List<Declared<At, ClassSettings>> fields, At at, Refusal refusal) {
        return fields.stream().map(field -> field.captioned(at, refusal)).toList();
    }
}
