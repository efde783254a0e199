package gurukram.core.logline;

import gurukram.core.body.Side;
import gurukram.core.logline.HandLine.Left;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads a {@link HandLine}: what is understood is taken out of the line, bit by bit; what stays is a problem. */
final class HandReader {
    private static final Pattern NOTE = Pattern.compile("(?is)(?<!\\p{L})note\\s*:\\s*(.*)$");
    private static final String CLOCK = "([01]?\\d|2[0-3])(?:[:.]([0-5]\\d))?\\s?([ap])?\\.?(?:m\\b\\.?)?";
    private static final Pattern SPAN = of(
            "(?:from\\s+)?([01]?\\d|2[0-3])[:.]([0-5]\\d)\\s*(?:-|–|to|until|till)\\s*([01]?\\d|2[0-3])[:.]([0-5]\\d)");
    private static final Pattern AT = of("at\\s+" + CLOCK);
    private static final Pattern NOON = of("(?:at\\s+)?noon");
    private static final Pattern AM_PM = of("(1[0-2]|0?[1-9])(?:[:.]([0-5]\\d))?\\s?([ap])\\.?m\\.?");
    private static final Pattern TIME = of("([01]?\\d|2[0-3]):([0-5]\\d)|([01]?\\d|2[0-3])\\.(1[3-9]|[2-5]\\d)");

    private static final Pattern HOUR_AND_HALF =
            of("(?:an?|1)\\s+hours?\\s+and\\s+a\\s+half|(?:an?|1)\\s+and\\s+a\\s+half\\s+hours?");
    private static final Pattern QUARTERS = of("3\\s+quarters\\s+of\\s+an\\s+hour");
    private static final Pattern HALF_HOUR = of("half\\s+an\\s+hour");
    private static final Pattern PART_HOURS = of("(\\d+)[.,](\\d)\\s*(?:h|hrs?|hours?)");
    private static final Pattern HOURS =
            of("(\\d+|an?)\\s*(?:h|hrs?|hours?)(?:\\s*(?:and\\s+)?([0-5]?\\d)\\s*(?:minutes?|mins?|m|'|′)?)?");
    private static final Pattern MINUTES = of("(\\d+)\\s*(?:minutes?|mins?|m|'|′|’)");
    /** A class of less than five hours; a clock that shows less is no time anybody teaches at. */
    private static final int SMALL_HOURS = 5;

    private static final String WHO =
            "(?:people|persons?|students?|ppl|mats|yogis|participants|guests|of\\s+us|women|came|were\\s+there|there)";
    private static final Pattern NOBODY_NEW =
            of("(?:nobody|no\\s*-?\\s*one|none|no)\\s+(?:was\\s+)?new(?:\\s+people)?|no\\s+first[\\s-]?timers?");
    private static final Pattern NEW = of(
            "(\\d+)\\s+(?:of\\s+(?:them|whom)\\s+)?(?:were\\s+)?(?:new(?:\\s+people|\\s+ones?)?|first[\\s-]?timers?|for\\s+the\\s+first\\s+time)");
    private static final Pattern NOBODY = of("(?:nobody|no\\s*-?\\s*one)\\s+came");
    private static final Pattern CAME = of("(\\d+)\\s+" + WHO + "(?:\\s+came)?");

    private static final Pattern LEFT_OUT = Pattern.compile(
            "(?i)(?<!\\p{L})(?:we\\s+|i\\s+)?(?:left\\s+out|leaving\\s+out|skipped|skipping|without|dropped|omitted|did\\s*n[o’']t\\s+do|did\\s+not\\s+do|no\\s+time\\s+for|no)(?:\\s+the)?(?!\\p{L})\\s*([^,;]*)");
    private static final Pattern LEFT_IT_OUT =
            Pattern.compile("(?i)(?<!\\p{L})(?:we\\s+|i\\s+)?left\\s+([^,;]+?)\\s+out(?!\\p{L})");
    private static final Pattern NOTHING_OUT =
            of("nothing\\s+(?:was\\s+)?left\\s+out|left\\s+out\\s+nothing|everything\\s+done|all\\s+done");
    private static final Pattern WAS_LEFT_OUT = Pattern.compile(
            "(?i)(?<=^|[,;:])\\s*([\\p{L}\\d][^,;:]*?)\\s+(?:was\\s+|were\\s+)?(?:left\\s+out|skipped|dropped|omitted)\\s*(?=$|[,;.])");
    private static final Pattern DAYTIME = of("(?:in\\s+the\\s+)?(?:early\\s+)?(?:morning|afternoon|evening)");
    private static final Pattern SIDE = Pattern.compile(
            "(?i)^(?:the\\s+)?(?:(left|right)(?:\\s+side(?:\\s+of)?)?\\s+)(?:the\\s+)?(.+)$|^(.+?)[\\s(]+(?:on\\s+the\\s+)?(left|right)(?:\\s+side)?\\)?$");
    private static final Pattern FILLER = Pattern.compile(
            "(?i)(?<!\\p{L})(?:on|in|at|it|took|was|were|there|with|for|we|had|and|the|class|lasted|about|i|taught|of|only|just|incl|including|us)(?!\\p{L})|[():.]");

    private static final List<String> UNITS = List.of(
            "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
                    .split(" "));
    private static final List<String> TENS =
            List.of("twenty thirty forty fifty sixty seventy eighty ninety".split(" "));
    private static final Pattern NUMBER = Pattern.compile("(?i)(?<![\\p{L}\\d])(?:(" + String.join("|", TENS)
            + ")(?:[\\s-]+(" + String.join("|", UNITS.subList(1, 10)) + "))?|(" + String.join("|", UNITS)
            + "))(?![\\p{L}\\d])");
    private static final int TEN = 10;
    private static final int AN_HOUR = 60;
    private static final int NOON_HOUR = 12;

    private final Rest rest;
    private final LocalDate today;
    private final String note;
    private final List<String> problems = new ArrayList<>();
    private final Set<Integer> minutes = new LinkedHashSet<>();
    private final Set<LocalTime> times = new LinkedHashSet<>();
    private final Set<Integer> people = new LinkedHashSet<>();
    private final Set<Integer> newcomers = new LinkedHashSet<>();
    private final List<Left> leftOut = new ArrayList<>();

    HandReader(String line, LocalDate today) {
        Matcher noted = NOTE.matcher(line);
        boolean hasNote = noted.find();
        this.note = hasNote ? noted.group(1).strip() : "";
        this.rest = new Rest(inDigits(hasNote ? line.substring(0, noted.start()) : line));
        this.today = today;
    }

    private static Pattern of(String words) {
        return Pattern.compile("(?i)(?<![\\p{L}\\d.:])(?:" + words + ")(?![\\p{L}\\d])");
    }

    /** Numbers in words as digits. */
    private static String inDigits(String line) {
        return NUMBER.matcher(line).replaceAll(m -> {
            if (m.group(3) != null) return "" + UNITS.indexOf(m.group(3).toLowerCase(Locale.ROOT));
            int tens = TEN * (2 + TENS.indexOf(m.group(1).toLowerCase(Locale.ROOT)));
            return ""
                    + (tens + (m.group(2) == null ? 0 : UNITS.indexOf(m.group(2).toLowerCase(Locale.ROOT))));
        });
    }

    HandLine read() {
        lengths();
        clock();
        rest.take(NOBODY_NEW, m -> newcomers.add(0));
        rest.take(NEW, m -> number(newcomers, m.group(1)));
        Days days = new Days(today, problems);
        boolean spoilt = problems.size() > 0;
        LocalDate day = days.take(rest);
        boolean answered = problems.size() > 0 && !spoilt;
        rest.take(CAME, m -> number(people, m.group(1)));
        rest.take(NOBODY, m -> people.add(0));
        rest.take(NOTHING_OUT, m -> {});
        // the time tells it already
        if (!times.isEmpty()) rest.take(DAYTIME, m -> {});
        rest.take(WAS_LEFT_OUT, this::left);
        rest.take(LEFT_IT_OUT, this::left);
        rest.take(LEFT_OUT, this::left);
        leftovers();
        if (day == null && !answered) problems.add("Which day was it? Say “yesterday”, “Thursday” or “26 November”.");
        Integer length = one(minutes, "two lengths");
        if (minutes.isEmpty()) problems.add("How long did it take? Say “62 min”.");
        if (length != null && (length < 1 || length > HandLine.MOST_MINUTES))
            problems.add("A class takes between one minute and %d.".formatted(HandLine.MOST_MINUTES));
        return whole(day, length);
    }

    private HandLine whole(@Nullable LocalDate day, @Nullable Integer length) {
        Integer came = one(people, "two numbers of people");
        Integer first = one(newcomers, "two numbers of new people");
        if (came != null && came > HandLine.MOST_PEOPLE)
            problems.add("%d people are more than the %d I count.".formatted(came, HandLine.MOST_PEOPLE));
        if (first != null && first > 0 && came == null) problems.add("How many came in all?");
        if (first != null && came != null && first > came)
            problems.add("%d for the first time are more than the %d who came.".formatted(first, came));
        LocalTime began = one(times, "two times");
        return new HandLine(day, began, length, came, came == null ? null : first, leftOut, note, problems);
    }

    private <T> @Nullable T one(Set<T> found, String twice) {
        if (found.size() > 1) problems.add("There are %s in it; one, please.".formatted(twice));
        return found.isEmpty() ? null : found.iterator().next();
    }

    private static void number(Set<Integer> into, String digits) {
        into.add(digits.length() > 6 ? Integer.MAX_VALUE : Integer.parseInt(digits));
    }

    private void lengths() {
        rest.take(SPAN, m -> {
            LocalTime from = LocalTime.of(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)));
            LocalTime to = LocalTime.of(Integer.parseInt(m.group(3)), Integer.parseInt(m.group(4)));
            times.add(from);
            if (to.isAfter(from)) minutes.add((to.toSecondOfDay() - from.toSecondOfDay()) / AN_HOUR);
            else problems.add("“%s” ends before it begins.".formatted(m.group()));
        });
        rest.take(HOUR_AND_HALF, m -> minutes.add(AN_HOUR * 3 / 2));
        rest.take(QUARTERS, m -> minutes.add(AN_HOUR * 3 / 4));
        rest.take(HALF_HOUR, m -> minutes.add(AN_HOUR / 2));
        rest.take(
                PART_HOURS,
                m -> minutes.add(AN_HOUR * small(m.group(1)) + AN_HOUR * Integer.parseInt(m.group(2)) / TEN));
        rest.take(HOURS, m -> {
            int hours = m.group(1).matches("\\d+") ? small(m.group(1)) : 1;
            minutes.add(AN_HOUR * hours + (m.group(2) == null ? 0 : Integer.parseInt(m.group(2))));
        });
        rest.take(MINUTES, m -> number(minutes, m.group(1)));
    }

    private static int small(String digits) {
        return digits.length() > 3 ? HandLine.MOST_MINUTES : Integer.parseInt(digits);
    }

    private void clock() {
        rest.take(NOON, m -> times.add(LocalTime.NOON));
        rest.take(AT, m -> times.add(time(m.group(1), m.group(2), m.group(3))));
        rest.take(AM_PM, m -> times.add(time(m.group(1), m.group(2), m.group(3))));
        rest.take(TIME, m -> {
            boolean colon = m.group(1) != null;
            int hour = Integer.parseInt(colon ? m.group(1) : m.group(3));
            int minute = Integer.parseInt(colon ? m.group(2) : m.group(4));
            if (hour < SMALL_HOURS) minutes.add(AN_HOUR * hour + minute);
            else times.add(LocalTime.of(hour, minute));
        });
    }

    private static LocalTime time(String hours, @Nullable String minutes, @Nullable String half) {
        int hour = Integer.parseInt(hours);
        if (half != null && half.equalsIgnoreCase("p") && hour < NOON_HOUR) hour += NOON_HOUR;
        if (half != null && half.equalsIgnoreCase("a") && hour == NOON_HOUR) hour = 0;
        return LocalTime.of(hour, minutes == null ? 0 : Integer.parseInt(minutes));
    }

    private void left(MatchResult m) {
        if (m.group(1).isBlank()) problems.add("What was left out? Say its name: “left out dancer”.");
        for (String one : m.group(1).split("(?i)\\s+(?:and|or|nor)\\s+|\\s*&\\s*")) {
            String name = one.strip().replaceAll("[.!]+$", "");
            if (name.isEmpty()) continue;
            Matcher side = SIDE.matcher(name);
            if (!side.matches()) leftOut.add(new Left(bare(name), null));
            else if (side.group(1) != null) leftOut.add(new Left(bare(side.group(2)), side(side.group(1))));
            else leftOut.add(new Left(bare(side.group(3)), side(side.group(4))));
        }
    }

    private static String bare(String name) {
        return name.replaceAll("(?i)^the\\s+", "").replaceAll("[.!]+$", "").strip();
    }

    private static Side side(String word) {
        return Side.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private void leftovers() {
        for (String segment : rest.text().split("[,;]")) {
            String words = segment.strip().replaceAll("[.!]+$", "");
            if (FILLER.matcher(words).replaceAll("").strip().isEmpty()) continue;
            problems.add(
                    words.matches("\\d+")
                            ? "“%s”: of what? Say “%s people” or “%s min”.".formatted(words, words, words)
                            : "I do not know what to do with “%s”. With “note:” before it, it is kept as your note."
                                    .formatted(words));
        }
    }
}
