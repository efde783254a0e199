package gurukram.web.plans;

import gurukram.core.plan.Cueing;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;

/** The fields of a section. */
final class SectionFields {
    private SectionFields() {}

    static Section with(Section s, String field, String value) {
        return switch (field) {
            case "name" -> s.withName(value);
            case "role" -> s.with(SectionRole.valueOf(value));
            case "cueing" -> s.with(value.isEmpty() ? null : Cueing.valueOf(value));
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }
}
