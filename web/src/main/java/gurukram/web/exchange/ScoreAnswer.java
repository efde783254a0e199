package gurukram.web.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Moment;
import gurukram.core.score.Parity;
import gurukram.core.score.Score;
import gurukram.core.score.SideWork;
import gurukram.core.score.Tallies;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.LongSummaryStatistics;
import java.util.stream.Stream;

/**
 * The score of a class as the HTTP interface answers it. All times in ms; what does not apply is null and left out.
 *
 * @param totalMs the length with every range at its chosen value; {@code lowMs} and {@code highMs} with every range at its ends
 * @param likelyLowMs the band a class really lasts in, without any log of the teacher's; {@code likelyHighMs} its upper end
 * @param even whether both sides have the same written work
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ScoreAnswer(
        String title,
        Level level,
        long totalMs,
        long lowMs,
        long highMs,
        long likelyLowMs,
        long likelyHighMs,
        boolean even,
        List<Part> sections,
        List<Line> moments,
        Counts tallies,
        List<MixedRoom.Line> mixedRoom) {

    public record Part(String id, String role, long startMs, long lengthMs) {}

    /** @param cue what is said; empty in silence */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Line(
            String node,
            String kind,
            long startMs,
            long lengthMs,
            long transitionMs,
            long settingUpMs,
            long workMs,
            String pose,
            String side,
            String twistSide,
            Integer direction,
            String section,
            String flow,
            Integer round,
            Integer pass,
            Integer position,
            String mode,
            String breath,
            Boolean continued,
            Integer breaths,
            Integer reps,
            Integer set,
            Integer stage,
            Integer turn,
            List<String> with,
            String way,
            Long fetchMs,
            String cue) {}

    /**
     * @param clashes pairs of moments on the same half-breath, as indices
     * @param words of all cues; {@code wordsTooMany} moments whose words do not fit their time
     */
    public record Counts(
            SideWork right,
            SideWork left,
            List<Tallies.Row> byPose,
            List<Tallies.Row> byBase,
            List<Tallies.Row> byArea,
            Tallies.Row byTwist,
            Feet.Tally feet,
            List<Parity.Clash> clashes,
            int wristLoad,
            int retentions,
            long retentionCounts,
            int baseChanges,
            int floorTrips,
            int words,
            int wordsTooMany) {}

    static ScoreAnswer of(ClassPlan plan, Level level, Unfolder unfolder, School school, PoseCatalogue catalogue) {
        Score score = unfolder.unfold(plan, level);
        // A lower dose can be the longer class: an odd number of sways leaves people on the side not set up yet.
        LongSummaryStatistics lengths = Stream.of(Dose.Reading.values())
                .mapToLong(reading -> unfolder.unfold(plan, level, reading).totalMs())
                .summaryStatistics();
        List<Cue> cues = Cues.of(score, plan, catalogue, school);
        return new ScoreAnswer(
                plan.settings().title(),
                level,
                score.totalMs(),
                lengths.getMin(),
                lengths.getMax(),
                score.likelyLowMs(),
                score.likelyHighMs(),
                score.isEven(),
                score.sections().stream()
                        .map(span -> new Part(span.id().value(), span.role().word(), span.startMs(), span.lengthMs()))
                        .toList(),
                lines(score, cues),
                counts(score, cues, catalogue),
                plan.settings().mixed() ? MixedRoom.lines(plan, unfolder) : null);
    }

    private static List<Line> lines(Score score, List<Cue> cues) {
        List<Line> lines = new ArrayList<>(cues.size());
        for (int i = 0; i < cues.size(); i++) lines.add(line(score.moments().get(i), cues.get(i)));
        return lines;
    }

    private static Line line(Moment m, Cue cue) {
        return new Line(
                m.node().value(),
                word(m.kind()),
                m.startMs(),
                m.lengthMs(),
                m.transitionMs(),
                m.settingUpMs(),
                m.workMs(),
                m.pose(),
                m.side() == null ? null : m.side().word(),
                m.twistSide() == null ? null : m.twistSide().word(),
                m.direction(),
                m.section().value(),
                m.flow() == null ? null : m.flow().value(),
                m.round(),
                m.pass(),
                m.position(),
                m.mode() == null ? null : m.mode().word(),
                m.breath() == Breath.FREE ? null : m.breath().word(),
                m.continued() ? true : null,
                m.breaths(),
                m.reps(),
                m.set(),
                m.how().stage(),
                m.how().turn(),
                m.how().with().isEmpty() ? null : m.how().with(),
                m.how().way(),
                m.how().fetchMs() == 0 ? null : m.how().fetchMs(),
                cue.words());
    }

    private static String word(Moment.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Counts counts(Score score, List<Cue> cues, PoseCatalogue catalogue) {
        Tallies tallies = Tallies.of(score, catalogue);
        return new Counts(
                score.right(),
                score.left(),
                tallies.byPose(),
                tallies.byBase(),
                tallies.byArea(),
                tallies.byTwist(),
                Feet.tally(score, catalogue),
                Parity.clashes(score),
                tallies.wristLoad(),
                tallies.retentions(),
                tallies.retentionCounts(),
                tallies.baseChanges(),
                tallies.floorTrips(),
                Cues.words(cues),
                (int) cues.stream().filter(cue -> !cue.fits()).count());
    }
}
