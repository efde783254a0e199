package gurukram.web.plans.field;

import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Style;
import gurukram.web.shared.Typed;
import java.util.ArrayList;
import java.util.List;

/** The fields of a section. */
public final class SectionFields {
    private static final int WIDE = 34;

    /** @param style of the class, which says what is usual */
    public record At(Section section, Style style) {}

    private static final Fields<At, Section> FIELDS =
            new Fields<>(at -> at.section().id().value());

    private static final Declared<At, Section> ROLE = FIELDS.declare(
            "role",
            "Role",
            (at, f) ->
                    f.choice(at.section().role().name(), "Role", Options.of(SectionRole.values(), SectionRole::title)),
            (at, typed) -> at.section().with(Typed.named(SectionRole.class, typed)));
    private static final Declared<At, Section> NAME = FIELDS.declare(
            "name",
            "Name",
            (at, f) -> f.text(at.section().name(), "Name of the section", WIDE),
            (at, typed) -> at.section().withName(typed));
    private static final Declared<At, Section> CUEING = FIELDS.declare(
            "cueing",
            "Way of cueing",
            (at, f) -> f.choice(cueing(at.section()), "Way of cueing", Options.cueing(at.style())),
            (at, typed) -> at.section().with(typed.isEmpty() ? null : Typed.named(Cueing.class, typed)));
    private static final Declared<At, Section> BREATH = FIELDS.declare(
            "breath",
            "One breath of its holds; empty is yours",
            (at, f) -> f.text(BreathField.words(at.section().breathMillis()), "Seconds a breath in holds", 8),
            (at, typed) -> at.section().withBreath(BreathField.millis(typed)));
    private static final Declared<At, Section> MINUTES = FIELDS.declare(
            "minutes",
            "About how many minutes; empty is its share",
            (at, f) -> f.text(
                    at.section().minutes() == null ? "" : at.section().minutes().toString(),
                    "Minutes you want it to take",
                    6),
            (at, typed) -> at.section().withMinutes(typed.isBlank() ? null : Section.MINUTES.parse(typed.strip())));
    private static final Declared<At, Section> WAY = FIELDS.declare(
            "way",
            "Ways from pose to pose; empty is as usual",
            (at, f) ->
                    f.text(at.section().way() == null ? "" : at.section().way().toString(), "As in by stepping", 24),
            (at, typed) ->
                    at.section().withWay(StepFields.withWay(Manner.USUAL, typed).way()));
    private static final MarkFields<At, Section> MARKS = new MarkFields<>(
            FIELDS,
            new MarkFields.Words<>(
                    at -> at.section().texts(), (at, texts) -> at.section().with(texts)),
            new MarkFields.Marked<>(
                    at -> at.section().marks(), (at, marks) -> at.section().with(marks)));

    private SectionFields() {}

    private static String cueing(Section section) {
        return section.cueing() == null ? "" : section.cueing().name();
    }

    static Section write(At at, String field, String typed) {
        return FIELDS.write(at, field, typed);
    }

    /** All of them, as a panel shows them. */
    public static List<Captioned> panel(Section section, Style style, Refusal refusal) {
        At at = new At(section, style);
        List<Captioned> all = new ArrayList<>();
        for (Declared<At, Section> field : List.of(ROLE, NAME, MINUTES, CUEING, BREATH, WAY))
            all.add(field.captioned(at, refusal));
        MARKS.captioned(at, refusal).forEach(all::add);
        return all;
    }
}
