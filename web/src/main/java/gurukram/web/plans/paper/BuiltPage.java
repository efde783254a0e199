package gurukram.web.plans.paper;

import gurukram.core.check.Subject;
import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import java.util.List;
import java.util.Locale;

/**
 * How a class is built: its measures of craft, each with what is usual for its style and level.
 *
 * @param kind for which class the usual ranges are
 */
public record BuiltPage(String id, String title, String view, String kind, List<Row> rows) {
    private static final double WIDTH = 100;

    /**
     * @param usual the range in words; empty where nothing is usual
     * @param from where the range begins on a scale of 100, {@code to} where it ends, {@code at} where the class stands
     * @param elsewhere whether the class stands outside the range
     */
    public record Row(
            String what,
            String about,
            String shown,
            String usual,
            double from,
            double to,
            double at,
            boolean elsewhere) {}

    static BuiltPage of(StoredClass stored, Subject subject, View view, PoseCatalogue catalogue) {
        ClassSettings settings = stored.plan().settings();
        return new BuiltPage(
                stored.id().toString(),
                settings.title(),
                view.word(),
                "%d minutes of %s for %ss"
                        .formatted(
                                settings.slotMinutes(),
                                settings.style().word(),
                                settings.level().word()),
                Craft.of(stored.plan(), subject.score(), catalogue).values().stream()
                        .map(BuiltPage::row)
                        .toList());
    }

    private static Row row(Measure measure) {
        Double least = measure.least();
        Double most = measure.most();
        double value = measure.value() == null ? 0 : measure.value();
        double end = Math.max(1, Math.max(value, most != null ? most : least != null ? least * 2 : value)) * 1.15;
        boolean ranged = measure.value() != null && (least != null || most != null);
        return new Row(
                measure.kind().words(),
                measure.kind().about(),
                measure.shown(),
                usual(least, most),
                ranged ? (least == null ? 0 : least / end * WIDTH) : 0,
                ranged ? (most == null ? WIDTH : most / end * WIDTH) : 0,
                value / end * WIDTH,
                !measure.isUsual());
    }

    private static String usual(Double least, Double most) {
        if (least == null && most == null) return "";
        if (least == null) return "up to " + number(most);
        if (most == null) return number(least) + " or more";
        return number(least) + " to " + number(most);
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf(Math.round(value))
                : String.format(Locale.ROOT, "%.1f", value);
    }
}
