package gurukram.web.plans;

import static gurukram.web.plans.Panel.captioned;

import gurukram.core.plan.Marks;
import gurukram.core.plan.Texts;
import gurukram.web.plans.Panel.Captioned;
import java.util.List;

/** The words and marks that sections, flows and steps have alike. */
final class MarkFields {
    private static final int WIDE = 34;

    private MarkFields() {}

    static List<Captioned> words(Texts texts, String id, Refusal refusal) {
        return List.of(
                captioned("Note to yourself", Field.lines(id, "note", texts.note(), "Note", ""), refusal),
                captioned(
                        "Theme thread",
                        Field.text(id, "thread", texts.thread(), "Thread of the theme", WIDE),
                        refusal));
    }

    static List<Captioned> marks(Marks marks, String id, Refusal refusal) {
        String priority = marks.priority() == null ? "" : marks.priority().toString();
        return List.of(
                captioned("Fitting", Field.tick(id, "locked", marks.locked(), "locked as it is"), refusal),
                captioned("", Field.tick(id, "optional", marks.optional(), "may be left out"), refusal),
                captioned("Kept, 1 longest to 9", Field.number(id, "priority", priority, "Priority", "", ""), refusal));
    }

    /** {@code null} when the field is none of these. */
    static Texts with(Texts texts, String field, String value) {
        return switch (field) {
            case "note" -> texts.withNote(value);
            case "thread" -> texts.withThread(value);
            case "say" -> texts.withSay(value);
            default -> null;
        };
    }

    /** {@code null} when the field is none of these. */
    static Marks with(Marks marks, String field, String value) {
        return switch (field) {
            case "locked" -> marks.lock(value.equals("yes"));
            case "optional" -> marks.makeOptional(value.equals("yes"));
            case "priority" -> marks.withPriority(value.isBlank() ? null : Marks.PRIORITY.parse(value));
            default -> null;
        };
    }
}
