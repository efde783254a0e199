package gurukram.web.plans;

import gurukram.core.plan.Cueing;
import gurukram.core.plan.Marks;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Texts;

/** The fields of a section. */
final class SectionFields {
    private SectionFields() {}

    static Section with(Section s, String field, String value) {
        return switch (field) {
            case "name" -> s.withName(value);
            case "role" -> s.with(SectionRole.valueOf(value));
            case "cueing" -> s.with(value.isEmpty() ? null : Cueing.valueOf(value));
            default -> marked(s, field, value);
        };
    }

    private static Section marked(Section s, String field, String value) {
        Texts texts = MarkFields.with(s.texts(), field, value);
        if (texts != null) return s.with(texts);
        Marks marks = MarkFields.with(s.marks(), field, value);
        if (marks != null) return s.with(marks);
        throw new IllegalArgumentException("no such field: " + field);
    }
}
