package gurukram.web.plans.paper;

import gurukram.core.check.Finding;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.plan.Naming;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.FindingsPanel;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The whole class to be played at speed: what is done when, what is said, and what the checks find there.
 *
 * @param total its length in seconds
 * @param whole findings about the class as a whole
 */
public record DryRunPage(String id, String title, String length, long total, List<Line> lines, List<Found> whole) {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

    /**
     * @param at seconds from the start
     * @param clock by the clock on the wall where the class has a time, else from its start
     * @param side with its round, where there is one
     */
    public record Line(long at, String clock, String pose, String side, String cue, List<Found> found) {}

    public record Found(String css, String what) {}

    public static DryRunPage of(StoredClass stored, ClassChecks.Found found, School school, PoseCatalogue catalogue) {
        Score score = found.subject().score();
        List<Cue> cues = Cues.of(score, stored.plan(), catalogue, school);
        Map<Integer, List<Found>> at = new HashMap<>();
        List<Found> whole = new ArrayList<>();
        for (Finding finding : found.report().findings()) {
            Found told = new Found(FindingsPanel.css(finding.severity()), finding.what());
            if (finding.moments().isEmpty()) whole.add(told);
            else
                at.computeIfAbsent(finding.moments().get(0), i -> new ArrayList<>())
                        .add(told);
        }
        String starts = stored.plan().settings().starts();
        LocalTime begins = starts.isEmpty() ? null : LocalTime.parse(starts);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < score.moments().size(); i++) {
            lines.add(line(score.moments().get(i), cues.get(i), begins, catalogue, at.getOrDefault(i, List.of())));
        }
        return new DryRunPage(
                stored.id().toString(),
                stored.plan().settings().title(),
                Millis.showWhole(score.totalMs()),
                score.totalMs() / Millis.SECOND,
                lines,
                whole);
    }

    private static Line line(Moment moment, Cue cue, LocalTime begins, PoseCatalogue catalogue, List<Found> found) {
        long seconds = moment.startMs() / Millis.SECOND;
        String clock = begins == null
                ? Millis.showWhole(moment.startMs())
                : begins.plusSeconds(seconds).format(CLOCK);
        boolean pause = moment.kind() == Moment.Kind.PAUSE;
        String pose = pause ? "Pause" : new Naming(catalogue).pose(moment.pose());
        String side = moment.side() == null ? "" : moment.side().word();
        if (moment.round() != null) side += (side.isEmpty() ? "" : ", ") + "round " + moment.round();
        return new Line(seconds, clock, pose, side, cue.words(), found);
    }
}
