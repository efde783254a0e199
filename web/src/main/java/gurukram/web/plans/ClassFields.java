package gurukram.web.plans;

import gurukram.core.notation.SchoolWords;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Style;
import gurukram.core.plan.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Side;

/** The fields of a class as a whole. */
final class ClassFields {
    private final PoseCatalogue catalogue;

    ClassFields(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    ClassSettings with(ClassSettings settings, String field, String value) {
        return switch (field) {
            case "title" -> settings.withTitle(value);
            case "slot" -> settings.withSlotMinutes(ClassSettings.SLOT.parse(value));
            case "starts" -> settings.withStarts(value);
            case "style" -> settings.with(Style.valueOf(value));
            case "level" -> settings.with(Level.valueOf(value));
            case "mixed" -> settings.withMixed(value.equals("yes"));
            case "peak" ->
                settings.withPeak(
                        value.isBlank() ? null : PoseNamed.in(catalogue, value).id());
            case "begins" -> settings.withBegins(Side.valueOf(value));
            case "school" -> settings.with(SchoolWords.read(value));
            case "note" -> settings.withNote(value);
            default -> settings.with(theme(settings.theme(), field, value));
        };
    }

    private static Theme theme(Theme t, String field, String value) {
        return switch (field) {
            case "theme" -> t.withTitle(value);
            case "sentence" -> t.withSentence(value);
            case "affirmation" -> t.withAffirmation(value);
            case "image" -> t.withImage(value);
            case "quotation" -> t.withQuotation(value);
            case "focus" -> t.withFocus(value);
            case "mantra" -> t.withMantra(value);
            case "open" -> t.withOpen(value);
            case "close" -> t.withClose(value);
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }
}
