package gurukram.web.logbook;

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
    private static final CsvMapper MAPPER =
            CsvMapper.builder().enable(CsvWriteFeature.STRICT_CHECK_FOR_QUOTING).build();

    private LogbookTable() {}

    static String of(List<LogbookStore.Row> rows, ZoneId zone) {
        List<List<String>> lines = new ArrayList<>(List.of(NAMES));
        for (LogbookStore.Row row : rows) lines.add(line(row, zone));
        lines.add(List.of("# Left out: what was done moment by moment, words said, changes on the way."));
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
