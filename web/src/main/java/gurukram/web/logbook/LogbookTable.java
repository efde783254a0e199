package gurukram.web.logbook;

import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvWriteFeature;

/** The logbook as comma separated values: a line of names, a line a class, and a last line that says what is left out. */
final class LogbookTable {
    private static final List<String> NAMES = List.of(
            "date",
            "time",
            "class",
            "level",
            "planned_s",
            "real_s",
            "paused_s",
            "moments_left_out",
            "counts",
            "people",
            "first_timers",
            "felt",
            "note");
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss");
    private static final double SECOND_MS = 1_000;
    private static final CsvMapper MAPPER =
            CsvMapper.builder().enable(CsvWriteFeature.STRICT_CHECK_FOR_QUOTING).build();

    private LogbookTable() {}

    static String of(List<LogbookStore.Row> rows, ZoneId zone) {
        List<List<String>> lines = new ArrayList<>(List.of(NAMES));
        for (LogbookStore.Row row : rows) lines.add(line(row, zone));
        lines.add(List.of("# Left out: what was done moment by moment, words said, changes on the way."));
        return MAPPER.writeValueAsString(lines);
    }

    private static final List<String> MOMENTS = List.of(
            "started",
            "ended",
            "planned_s",
            "real_s",
            "paused_s",
            "pause",
            "section",
            "flow",
            "round",
            "pose",
            "side",
            "outcome",
            "count");

    /** One class, moment by moment. */
    static String of(Taught taught, List<Entry> entries, ZoneId zone) {
        List<List<String>> lines = new ArrayList<>(List.of(MOMENTS));
        for (Entry entry : entries) {
            Script.Line line = taught.script().moments().get(entry.ordinal());
            long planned = entry.plannedMs() == null ? line.leadInMs() + line.workMs() : entry.plannedMs();
            lines.add(List.of(
                    SECOND.format(entry.startedAt().atZone(zone)),
                    SECOND.format(entry.endedAt().atZone(zone)),
                    String.valueOf(planned / SECOND_MS),
                    String.valueOf(entry.realMs() / SECOND_MS),
                    String.valueOf(entry.pausedMs() / SECOND_MS),
                    entry.reason() == null ? "" : entry.reason(),
                    noFormula(taught.script().sections().get(line.section()).title()),
                    line.flow() == null ? "" : noFormula(line.flow().name()),
                    line.flow() == null ? "" : String.valueOf(line.flow().round()),
                    noFormula(line.name()),
                    line.side() == null ? "" : line.side(),
                    entry.outcome(),
                    number(entry.count())));
        }
        lines.add(List.of("# Left out: words, notes, changes on the way, how it felt."));
        return MAPPER.writeValueAsString(lines);
    }

    private static List<String> line(LogbookStore.Row row, ZoneId zone) {
        LogbookStore.Heading heading = row.heading();
        ZonedDateTime at = heading.startedAt().atZone(zone);
        String real = heading.endedAt() == null ? "" : String.valueOf(heading.realMs() / 1_000);
        return List.of(
                at.toLocalDate().toString(),
                TIME.format(at),
                noFormula(heading.title()),
                heading.level(),
                String.valueOf(heading.plannedMs() / 1_000),
                real,
                String.valueOf(row.pausedMs() / 1_000),
                String.valueOf(row.leftOut()),
                heading.endedAt() == null ? "not finished" : heading.counts() ? "yes" : "only tried out",
                number(row.said().people()),
                number(row.said().firstTimers()),
                noFormula(row.said().felt()),
                noFormula(row.said().note()));
    }

    private static String number(Integer number) {
        return number == null ? "" : number.toString();
    }

    /** A spreadsheet reads what begins like a formula as one. */
    private static String noFormula(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
