package gurukram.web.plans;

import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Style;
import gurukram.core.pose.Level;

/** The fields of a class as a whole. */
final class ClassFields {
    private ClassFields() {}

    static ClassSettings with(ClassSettings settings, String field, String value) {
        return switch (field) {
            case "title" -> settings.withTitle(value);
            case "theme" -> settings.with(settings.theme().withTitle(value));
            case "slot" -> settings.withSlotMinutes(ClassSettings.SLOT.parse(value));
            case "style" -> settings.with(Style.valueOf(value));
            case "level" -> settings.with(Level.valueOf(value));
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }
}
