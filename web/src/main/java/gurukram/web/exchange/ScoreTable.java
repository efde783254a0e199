package gurukram.web.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvWriteFeature;

/** A score as comma separated values: a line of names, a line a moment, and a last line that says what is left out. */
final class ScoreTable {
    private static final List<String> NAMES = List.of(
            "start_ms",
            "length_ms",
            "transition_ms",
            "setting_up_ms",
            "work_ms",
            "section",
            "flow",
            "round",
            "pass",
            "position",
            "kind",
            "pose",
            "side",
            "twist",
            "breath",
            "breaths",
            "reps",
            "set",
            "cue");
    private static final CsvMapper MAPPER =
            CsvMapper.builder().enable(CsvWriteFeature.STRICT_CHECK_FOR_QUOTING).build();

    private ScoreTable() {}

    /** @param titles what sections and flows are called, by id */
    static String of(ScoreAnswer score, Map<String, String> titles) {
        List<List<String>> rows = new ArrayList<>(List.of(NAMES));
        score.moments().forEach(moment -> rows.add(row(moment, titles)));
        rows.add(List.of("# " + FileForm.CSV.leavesOut()));
        return MAPPER.writeValueAsString(rows);
    }

    private static List<String> row(ScoreAnswer.Line m, Map<String, String> titles) {
        List<String> row = new ArrayList<>();
        for (Object value : new Object[] {
            m.startMs(),
            m.lengthMs(),
            m.transitionMs(),
            m.settingUpMs(),
            m.workMs(),
            titles.getOrDefault(m.section(), ""),
            m.flow() == null ? null : titles.getOrDefault(m.flow(), "Flow"),
            m.round(),
            m.pass(),
            m.position(),
            m.kind(),
            m.pose(),
            m.side(),
            m.twistSide(),
            m.breath(),
            m.breaths(),
            m.reps(),
            m.set(),
            m.cue()
        }) {
            row.add(value == null ? "" : harmless(value.toString()));
        }
        return row;
    }

    /** A spreadsheet would calculate what begins like a formula. */
    private static String harmless(String value) {
        return !value.isEmpty() && "=+-@\t".indexOf(value.charAt(0)) >= 0 ? "'" + value : value;
    }
}
