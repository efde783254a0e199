package gurukram.web.today;

import gurukram.core.body.Side;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import gurukram.web.calendar.Entry;
import gurukram.web.drawing.Figures;
import gurukram.web.groups.Group;
import gurukram.web.plans.ClassSummary;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * All that the first page's template may see.
 *
 * @param preparing address of a figure on the way to {@code peak}, for who has no class yet
 */
public record TodayPage(List<Line> classes, List<Day> week, String preparing, String peak) {
    /**
     * A date of the coming days.
     *
     * @param when such as {@code Today 18:30}
     */
    public record Day(
            String when,
            String what,
            String about,
            String address,
            String classId,
            String classTitle,
            boolean lacks,
            boolean cancelled,
            List<String> clashes) {
        static Day of(Entry entry, LocalDate today) {
            LocalDate day = entry.day();
            String name = day.equals(today)
                    ? "Today"
                    : day.equals(today.plusDays(1))
                            ? "Tomorrow"
                            : day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
            String about = entry.lesson().equals(entry.classTitle()) ? entry.about() : entry.lesson();
            return new Day(
                    (name + " " + entry.at()).strip(),
                    entry.what(),
                    about,
                    entry.address(),
                    entry.classId(),
                    entry.classTitle(),
                    entry.lacks(),
                    entry.cancelled(),
                    entry.clashes());
        }
    }

    /**
     * One class of the list.
     *
     * @param fit how the length stands to the slot, in words
     * @param carried how much is left from last time, in words; empty when nothing is
     * @param width of the length's bar and {@code slotX} of the slot's mark, in units of a bar 1000 wide for the longest
     */
    public record Line(
            String id,
            String title,
            String theme,
            String about,
            String length,
            String slot,
            String fit,
            int width,
            int slotX,
            String taught,
            String carried,
            String group) {}

    static TodayPage of(
            List<ClassSummary> classes,
            List<Group> groups,
            List<Entry> week,
            Map<UUID, Integer> carried,
            PoseCatalogue catalogue,
            LocalDate today,
            ZoneId zone) {
        Map<UUID, Group> byId = groups.stream().collect(Collectors.toMap(Group::id, g -> g));
        long longest = classes.stream()
                .mapToLong(c -> Math.max(c.lengthMs(), (long) c.slotMinutes() * Millis.MINUTE))
                .max()
                .orElse(1);
        return new TodayPage(
                classes.stream()
                        .map(c -> line(
                                c,
                                byId,
                                carried.getOrDefault(c.id().value(), 0),
                                longest,
                                ago(c.lastTaught(), today, zone)))
                        .toList(),
                week.stream().map(entry -> Day.of(entry, today)).toList(),
                Figures.small(catalogue.pose("triangle"), Side.RIGHT),
                Figures.small(catalogue.pose("half-moon"), Side.RIGHT));
    }

    private static Line line(ClassSummary c, Map<UUID, Group> groups, int carried, long longest, String taught) {
        long slot = (long) c.slotMinutes() * Millis.MINUTE;
        long over = Millis.whole(c.lengthMs()) - slot;
        String fit = over == 0 ? "just the slot" : Millis.showWhole(Math.abs(over)) + (over > 0 ? " over" : " free");
        Group group = c.group() == null ? null : groups.get(c.group());
        return new Line(
                c.id().toString(),
                c.title(),
                c.theme(),
                c.style() + ", " + c.level(),
                Millis.showWhole(c.lengthMs()),
                c.slotMinutes() + " min",
                fit,
                (int) (1000 * c.lengthMs() / longest),
                (int) (1000 * slot / longest),
                taught,
                carried == 0 ? "" : carried + " from last time",
                group == null ? "" : group.name());
    }

    /** By the days of a calendar: what was taught last evening was yesterday. */
    private static String ago(Instant taught, LocalDate today, ZoneId zone) {
        if (taught == null) return "not taught yet";
        long days = ChronoUnit.DAYS.between(taught.atZone(zone).toLocalDate(), today);
        if (days <= 0) return "taught today";
        return days == 1 ? "taught yesterday" : "taught " + days + " days ago";
    }
}
