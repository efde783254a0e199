package gurukram.web.logbook;

import gurukram.core.coverage.Coverage;
import gurukram.core.coverage.Covered.Sides;
import gurukram.core.coverage.Gaps;
import gurukram.core.coverage.Lesson;
import gurukram.core.coverage.Tally;
import gurukram.core.notation.NamedFlows;
import gurukram.core.pose.Need;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.TimeUse;
import gurukram.core.time.Millis;
import gurukram.web.groups.Group;
import gurukram.web.logbook.LogbookStore.Over;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What the classes of some weeks had in them, as a page.
 *
 * @param sum how many classes, how long and how many people, in one sentence
 * @param bias how long they took against their plans and their slots; empty where nothing is known
 * @param strip week by week, the latest first
 */
public record WeeksPage(
        int weeks,
        String group,
        List<Choice> groups,
        String sum,
        String bias,
        List<Gaps.Gap> gaps,
        List<String> patterns,
        List<Week> strip,
        List<Share> time,
        List<Bars> bars,
        List<Told> told) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int A_WEEK = 7;
    private static final int MOST_TOLD = 12;

    /** What the page is asked for. @param group null for all */
    record Asked(int weeks, Group group, LocalDate from, LocalDate today, ZoneId zone) {}

    public record Choice(String value, String words, boolean chosen) {}

    /** A week. @param days seven, Monday first */
    public record Week(String from, List<Day> days) {}

    /** @param date for a narrow page, where days stand by themselves */
    public record Day(String date, List<Lived> classes) {}

    /** A class on its day. @param minutes how long it was */
    public record Lived(String id, String at, String title, String minutes) {}

    public record Share(String what, String length, int percent) {}

    /** A table of bars: left and right of the spine. */
    public record Bars(String title, List<Bar> lines) {}

    /**
     * @param leftPercent width of its bar, of the longest half; {@code centrePercent} half of what has no side, next to the spine
     * @param classes in how many classes, and when last
     */
    public record Bar(
            String what,
            String left,
            String right,
            String centre,
            int leftPercent,
            int rightPercent,
            int centrePercent,
            String classes) {}

    /** What came how often. */
    public record Told(String title, List<String> lines) {}

    static WeeksPage of(
            Asked asked,
            List<Over> over,
            List<Lesson> lessons,
            List<Gaps.Gap> gaps,
            List<Group> groups,
            PoseCatalogue catalogue) {
        Coverage coverage = Coverage.of(lessons, catalogue);
        Set<String> asking = new HashSet<>();
        for (Group group : asked.group() == null ? groups : List.of(asked.group()))
            group.needs().forEach((need, people) -> {
                if (people > 0) asking.add(need.word());
            });
        Lines lines = new Lines(asked.today(), lessons.size());
        return new WeeksPage(
                asked.weeks(),
                asked.group() == null ? "" : asked.group().id().toString(),
                groups.stream()
                        .map(g -> new Choice(
                                g.id().toString(),
                                g.name(),
                                asked.group() != null
                                        && g.id().equals(asked.group().id())))
                        .toList(),
                sum(over),
                bias(over),
                gaps,
                Gaps.patterns(lessons, catalogue, NamedFlows::isOurs),
                strip(asked, over),
                shares(coverage),
                List.of(
                        new Bars("Stretched", lines.bars(coverage.stretched(), WeeksPage::spaced)),
                        new Bars("Worked", lines.bars(coverage.worked(), WeeksPage::spaced)),
                        new Bars("What the body was asked for", lines.bars(coverage.actions(), what -> what)),
                        new Bars("Families of poses", lines.bars(coverage.families(), WeeksPage::spaced)),
                        new Bars(
                                "In poses that somebody’s need changes or leaves out",
                                lines.bars(
                                        coverage.needs().stream()
                                                .filter(line -> asking.contains(line.what()))
                                                .toList(),
                                        word -> Need.parse(word).words()))),
                List.of(
                        lines.told(
                                "Peaks",
                                coverage.peaks(),
                                id -> catalogue.has(id) ? catalogue.pose(id).name() : id),
                        lines.told("Themes", coverage.themes(), what -> what),
                        lines.told("Affirmations", coverage.affirmations(), what -> what),
                        lines.told("Flows", coverage.flows(), what -> what)));
    }

    private static String spaced(String word) {
        return word.replace('-', ' ');
    }

    private static String sum(List<Over> over) {
        if (over.isEmpty()) return "";
        long ms = over.stream().mapToLong(Over::realMs).sum();
        int people = over.stream()
                .map(Over::people)
                .filter(Objects::nonNull)
                .mapToInt(n -> n)
                .sum();
        long told = over.stream().map(Over::people).filter(Objects::nonNull).count();
        String came =
                told == 0 ? "" : String.format(Locale.ROOT, "; %.0f people came on average", people / (double) told);
        return "%s, %s hours%s.".formatted(count(over.size()), hours(ms), came);
    }

    private static String hours(long ms) {
        return String.format(Locale.ROOT, "%.1f", ms / (60.0 * Millis.MINUTE));
    }

    private static String bias(List<Over> over) {
        if (over.isEmpty()) return "";
        double off = over.stream()
                .filter(one -> one.plannedMs() > 0)
                .mapToDouble(one -> 100.0 * (one.realMs() - one.plannedMs()) / one.plannedMs())
                .average()
                .orElse(0);
        String plan = Math.abs(off) < 1
                ? "On average as long as planned"
                : String.format(
                        Locale.ROOT,
                        "On average %.0f %% %s than planned",
                        Math.abs(off),
                        off > 0 ? "longer" : "shorter");
        List<Over> slotted = over.stream().filter(one -> one.slotMs() != null).toList();
        long late = slotted.stream()
                .filter(one -> one.realMs() > one.slotMs() + Millis.MINUTE)
                .count();
        if (slotted.isEmpty()) return plan + ".";
        return plan
                + (late == 0
                        ? "; none ran over its announced end."
                        : "; %d of %d ran over the announced end by more than a minute."
                                .formatted(late, slotted.size()));
    }

    private static List<Week> strip(Asked asked, List<Over> over) {
        List<Week> weeks = new ArrayList<>();
        // nothing is told of the time before the first of them
        int first = over.isEmpty()
                ? 0
                : (int) ChronoUnit.WEEKS.between(
                        asked.from(),
                        over.get(0).startedAt().atZone(asked.zone()).toLocalDate());
        Map<LocalDate, List<Lived>> byDay = new HashMap<>();
        for (Over one : over) {
            ZonedDateTime at = one.startedAt().atZone(asked.zone());
            byDay.computeIfAbsent(at.toLocalDate(), day -> new ArrayList<>())
                    .add(new Lived(
                            one.id().toString(),
                            CLOCK.format(at),
                            one.title(),
                            Math.round(one.realMs() / (double) Millis.MINUTE) + " min"));
        }
        for (int week = asked.weeks() - 1; week >= first; week--) {
            LocalDate monday = asked.from().plusWeeks(week);
            List<Day> days = new ArrayList<>();
            for (int day = 0; day < A_WEEK; day++) {
                LocalDate date = monday.plusDays(day);
                days.add(new Day(DAY.format(date), byDay.getOrDefault(date, List.of())));
            }
            weeks.add(new Week(DAY.format(monday), days));
        }
        return weeks;
    }

    private static List<Share> shares(Coverage coverage) {
        TimeUse use = new TimeUse(coverage.time());
        long total = Math.max(1, use.totalMs());
        return use.parts().stream()
                .map(part -> new Share(
                        part.words(), hours(use.of(part)) + " h", (int) Math.round(use.of(part) * 100.0 / total)))
                .toList();
    }

    private static String count(int classes) {
        return classes == 1 ? "1 class" : classes + " classes";
    }

    /** Lines of tables as of a day. */
    private record Lines(LocalDate today, int classes) {
        List<Bar> bars(List<Coverage.Line> lines, UnaryOperator<String> words) {
            long longest = lines.stream()
                    .mapToLong(line -> Math.max(
                            line.time().left() + line.time().centre() / 2,
                            line.time().right() + line.time().centre() / 2))
                    .max()
                    .orElse(1);
            return lines.stream()
                    .map(line -> bar(line, Math.max(1, longest), words))
                    .toList();
        }

        private Bar bar(Coverage.Line line, long longest, UnaryOperator<String> words) {
            Sides time = line.time();
            return new Bar(
                    words.apply(line.what()),
                    shown(time.left()),
                    shown(time.right()),
                    shown(time.centre()),
                    (int) (100 * time.left() / longest),
                    (int) (100 * time.right() / longest),
                    (int) (50 * time.centre() / longest),
                    "in %d of %d, %s".formatted(line.classes(), classes, ago(line.last())));
        }

        private static String shown(long ms) {
            return ms == 0 ? "" : Millis.showWhole(ms);
        }

        Told told(String title, List<Tally.Line> lines, UnaryOperator<String> words) {
            return new Told(
                    title,
                    lines.stream()
                            .limit(MOST_TOLD)
                            .map(line -> "%s: %s, %s"
                                    .formatted(words.apply(line.what()), count(line.classes()), ago(line.last())))
                            .toList());
        }

        private String ago(LocalDate day) {
            long days = ChronoUnit.DAYS.between(day, today);
            if (days <= 0) return "today";
            return days == 1 ? "yesterday" : days + " days ago";
        }
    }
}
