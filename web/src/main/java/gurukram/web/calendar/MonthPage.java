package gurukram.web.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Some weeks, day by day: a month, or one week.
 *
 * @param oneWeek whether one week is shown
 * @param before the address of what comes before, {@code after} of what comes after
 * @param other the address of the month or the week instead
 * @param lacking how many dates to come have no class, {@code clashes} what cannot be: whole sentences
 */
public record MonthPage(
        String title,
        boolean oneWeek,
        String before,
        String after,
        String other,
        int lacking,
        List<String> clashes,
        List<Week> weeks) {
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM uuuu", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.UK);

    /** Monday to Sunday. */
    public record Week(List<Day> days) {}

    /** @param words the day in words, {@code outside} whether it is of another month, {@code roped} whether a lesson of a course is on it */
    public record Day(
            String date,
            int number,
            String words,
            boolean outside,
            boolean today,
            boolean past,
            boolean roped,
            List<Entry> entries) {}

    /** The first Monday that is shown of a month, and the last Sunday. */
    static LocalDate first(YearMonth month) {
        return month.atDay(1).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    static LocalDate last(YearMonth month) {
        return month.atEndOfMonth().with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY));
    }

    static MonthPage month(YearMonth month, List<Entry> entries, LocalDate today) {
        List<Week> weeks = weeks(first(month), last(month), month, entries, today);
        return new MonthPage(
                MONTH.format(month),
                false,
                "/calendar?month=" + month.minusMonths(1),
                "/calendar?month=" + month.plusMonths(1),
                "/calendar/week?day=" + (YearMonth.from(today).equals(month) ? today : month.atDay(1)),
                lacking(entries, today),
                clashes(entries, today),
                weeks);
    }

    static MonthPage week(LocalDate monday, List<Entry> entries, LocalDate today) {
        return new MonthPage(
                "%s to %s".formatted(DAY.format(monday), SHORT.format(monday.plusDays(6))),
                true,
                "/calendar/week?day=" + monday.minusWeeks(1),
                "/calendar/week?day=" + monday.plusWeeks(1),
                "/calendar?month=" + YearMonth.from(monday),
                lacking(entries, today),
                clashes(entries, today),
                weeks(monday, monday.plusDays(6), null, entries, today));
    }

    /** {@code Thursday 3 December}. */
    static String words(LocalDate day) {
        return DAY.format(day);
    }

    /** {@code 3 December 2026, 17:40}. */
    static String moment(ZonedDateTime at) {
        return SHORT.format(at) + at.format(DateTimeFormatter.ofPattern(", HH:mm"));
    }

    private static List<Week> weeks(
            LocalDate from, LocalDate to, YearMonth month, List<Entry> entries, LocalDate today) {
        List<Week> weeks = new ArrayList<>();
        for (LocalDate monday = from; !monday.isAfter(to); monday = monday.plusWeeks(1)) {
            List<Day> days = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                LocalDate day = monday.plusDays(i);
                List<Entry> here = entries.stream()
                        .filter(entry -> entry.day().equals(day))
                        .toList();
                days.add(new Day(
                        day.toString(),
                        day.getDayOfMonth(),
                        DAY.format(day),
                        month != null && !YearMonth.from(day).equals(month),
                        day.equals(today),
                        day.isBefore(today),
                        here.stream().anyMatch(entry -> !entry.lesson().isEmpty() && entry.starts() != null),
                        here));
            }
            weeks.add(new Week(days));
        }
        return weeks;
    }

    private static int lacking(List<Entry> entries, LocalDate today) {
        return (int) entries.stream()
                .filter(entry -> entry.lacks() && !entry.day().isBefore(today))
                .count();
    }

    private static List<String> clashes(List<Entry> entries, LocalDate today) {
        return entries.stream()
                .filter(entry -> !entry.day().isBefore(today))
                .flatMap(entry -> entry.clashes().stream().map(words -> DAY.format(entry.day()) + ": " + words))
                .distinct()
                .toList();
    }
}
