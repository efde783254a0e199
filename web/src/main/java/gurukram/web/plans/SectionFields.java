package gurukram.web.plans;

import gurukram.core.plan.Cueing;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;

/** The fields of a section. */
final class SectionFields {
    private SectionFields() {}

    static Section with(Section s, String field, String value) {
        return switch (field) {
            case "name" -> new Section(s.id(), s.role(), value, s.cueing(), s.items());
            case "role" -> new Section(s.id(), SectionRole.valueOf(value), s.name(), s.cueing(), s.items());
            case "cueing" ->
                new Section(s.id(), s.role(), s.name(), value.isEmpty() ? null : Cueing.valueOf(value), s.items());
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }
}
