package gurukram.core.logline;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The day of a class, as teachers call it. */
final class Days {
    private static final String MONTH =
            "(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)";
    private static final String WEEKDAY =
            "(mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:r(?:s(?:day)?)?)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)";
    private static final Pattern ISO = of("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern DOTTED = of("(\\d{1,2})\\.\\s?(\\d{1,2})\\.(?:\\s?(\\d{4}))?");
    private static final Pattern HALF_DOTTED = of("(\\d{1,2})\\.(\\d{1,2})(?!\\s?(?:h|hours?|[ap]\\.?m)\\b)");
    private static final Pattern SLASHED = of("(\\d{1,2})/(\\d{1,2})(?:/(\\d{4}))?");
    private static final Pattern DAY_MONTH =
            of("(\\d{1,2})(?:st|nd|rd|th)?\\.?\\s+(?:of\\s+)?" + MONTH + "\\.?(?:,?\\s+(20\\d{2}))?");
    private static final Pattern MONTH_DAY =
            of(MONTH + "\\.?\\s+(\\d{1,2})(?:st|nd|rd|th)?(?:,?\\s+(20\\d{2}))?(?!\\s*(?:min|people|came))");
    private static final Pattern AGO = of("(\\d{1,2}|an?)\\s+(day|week)s?\\s+ago");
    private static final Pattern NEAR = of("the\\s+day\\s+before\\s+yesterday|yesterday|today|tonight|tomorrow");
    private static final Pattern NAMED = of("(last\\s+)?" + WEEKDAY + "\\.?");
    /** Without a year it is the latest such day, but none of half a year ago and more. */
    private static final int MONTHS_BACK = 6;

    private static final int MONTHS = 12;
    private static final int HOURS = 24;
    private static final int A_WEEK = 7;
    private static final DateTimeFormatter SHOWN = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final LocalDate today;
    private final List<String> problems;
    private final Set<LocalDate> dates = new LinkedHashSet<>();
    private final Set<LocalDate> named = new LinkedHashSet<>();

    Days(LocalDate today, List<String> problems) {
        this.today = today;
        this.problems = problems;
    }

    private static Pattern of(String words) {
        return Pattern.compile("(?i)(?<![\\p{L}\\d.:/-])(?:" + words + ")(?![\\p{L}\\d])");
    }

    /** Null when no day was found, or none that can be taken. */
    @Nullable
    LocalDate take(Rest rest) {
        int before = problems.size();
        rest.take(ISO, m -> date(m.group(), number(m, 1), number(m, 2), number(m, 3)));
        rest.take(DOTTED, m -> date(m.group(), year(m, 3), number(m, 2), number(m, 1)));
        rest.take(SLASHED, this::slashed);
        rest.take(DAY_MONTH, m -> date(m.group(), year(m, 3), month(m.group(2)), number(m, 1)));
        rest.take(MONTH_DAY, m -> date(m.group(), year(m, 3), month(m.group(1)), number(m, 2)));
        rest.take(AGO, m -> {
            int many = m.group(1).matches("\\d+") ? number(m, 1) : 1;
            dates.add(today.minusDays(m.group(2).equalsIgnoreCase("week") ? (long) many * A_WEEK : many));
        });
        rest.take(NEAR, m -> near(m.group().toLowerCase(Locale.ROOT)));
        rest.take(NAMED, m -> {
            DayOfWeek day = weekday(m.group(2));
            named.add(today.with(
                    m.group(1) == null ? TemporalAdjusters.previousOrSame(day) : TemporalAdjusters.previous(day)));
        });
        rest.take(HALF_DOTTED, m -> halfDotted(m, rest));
        if (problems.size() > before) return null;
        return one();
    }

    private @Nullable LocalDate one() {
        if (dates.size() > 1 || dates.isEmpty() && named.size() > 1) {
            problems.add("There are two days in it; one, please.");
            return null;
        }
        if (dates.isEmpty()) return named.isEmpty() ? null : named.iterator().next();
        LocalDate date = dates.iterator().next();
        for (LocalDate day : named) {
            if (day.getDayOfWeek() == date.getDayOfWeek()) continue;
            problems.add("%s is a %s, not a %s.".formatted(SHOWN.format(date), name(date), name(day)));
            return null;
        }
        if (date.isAfter(today)) {
            problems.add("%s has not come yet.".formatted(SHOWN.format(date)));
            return null;
        }
        return date;
    }

    private static String name(LocalDate day) {
        return day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private void near(String word) {
        int back = word.startsWith("the") ? 2 : word.equals("yesterday") ? 1 : word.equals("tomorrow") ? -1 : 0;
        dates.add(today.minusDays(back));
    }

    private void slashed(MatchResult m) {
        int first = number(m, 1);
        int second = number(m, 2);
        if (first <= MONTHS && second <= MONTHS && first != second)
            problems.add("“%s”: which is the month? Say it as “5 June”.".formatted(m.group()));
        else if (second > MONTHS) date(m.group(), year(m, 3), first, second);
        else date(m.group(), year(m, 3), second, first);
    }

    /** {@code 26.11} is a day, {@code 18.30} a time, {@code 12.11} could be both. */
    private void halfDotted(MatchResult m, Rest rest) {
        int first = number(m, 1);
        int second = number(m, 2);
        if (first >= HOURS && second <= MONTHS) date(m.group(), null, second, first);
        else problems.add("“%s”: a day or a time? Say it as “12 November” or as “12:11”.".formatted(m.group()));
    }

    /** @param year null for the latest */
    private void date(String typed, @Nullable Integer year, int month, int day) {
        try {
            LocalDate date = LocalDate.of(year == null ? today.getYear() : year, month, day);
            boolean lastYears =
                    year == null && date.isAfter(today) && date.minusYears(1).isAfter(today.minusMonths(MONTHS_BACK));
            dates.add(lastYears ? date.minusYears(1) : date);
        } catch (DateTimeException e) {
            problems.add("There is no such day as “%s”.".formatted(typed.strip()));
        }
    }

    private static @Nullable Integer year(MatchResult m, int group) {
        return m.group(group) == null ? null : Integer.valueOf(m.group(group));
    }

    private static int number(MatchResult m, int group) {
        return Integer.parseInt(m.group(group));
    }

    private static int month(String word) {
        return 1
                + List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec")
                        .indexOf(word.substring(0, 3).toLowerCase(Locale.ROOT));
    }

    private static DayOfWeek weekday(String word) {
        return DayOfWeek.of(1
                + List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun")
                        .indexOf(word.substring(0, 3).toLowerCase(Locale.ROOT)));
    }
}
