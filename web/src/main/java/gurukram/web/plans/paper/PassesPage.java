package gurukram.web.plans.paper;

import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** The running order: every moment of a class as it really comes, flows unfolded pass by pass. */
public record PassesPage(String id, String title, String view, String length, List<Part> parts) {
    /** A section, or one pass of a flow, with its moments. @param flow whether it is a pass */
    public record Part(String heading, boolean flow, List<Line> lines) {}

    /** @param side {@code R}, {@code L} or empty */
    public record Line(String start, String side, String pose, String amount, String length, String cue) {}

    public static PassesPage of(StoredClass stored, Score score, View view, PoseCatalogue catalogue, School school) {
        ClassPlan plan = stored.plan();
        List<Cue> cues = Cues.of(score, plan, catalogue, school);
        List<Part> parts = new ArrayList<>();
        Moment before = null;
        for (int i = 0; i < score.moments().size(); i++) {
            Moment moment = score.moments().get(i);
            if (before == null || !samePart(before, moment)) parts.add(part(moment, before, plan));
            parts.get(parts.size() - 1).lines().add(line(moment, cues.get(i), catalogue));
            before = moment;
        }
        return new PassesPage(
                stored.id().toString(), plan.settings().title(), view.word(), Millis.showWhole(score.totalMs()), parts);
    }

    private static boolean samePart(Moment a, Moment b) {
        return a.section().equals(b.section())
                && Objects.equals(a.flow(), b.flow())
                && Objects.equals(a.pass(), b.pass());
    }

    private static Part part(Moment moment, Moment before, ClassPlan plan) {
        String section = plan.sections().stream()
                .filter(s -> s.id().equals(moment.section()))
                .findFirst()
                .orElseThrow()
                .title();
        boolean sameSection = before != null && before.section().equals(moment.section());
        if (moment.flow() == null) return new Part(sameSection ? "" : section, false, new ArrayList<>());
        String heading = flow(moment.flow(), plan) + ", round " + moment.round() + ", pass " + moment.pass();
        return new Part(sameSection ? heading : section + ": " + heading, true, new ArrayList<>());
    }

    private static String flow(NodeId id, ClassPlan plan) {
        String name = plan.find(id).map(node -> ((Flow) node).settings().name()).orElse("");
        return name.isEmpty() ? "flow" : name;
    }

    private static Line line(Moment moment, Cue cue, PoseCatalogue catalogue) {
        String side = moment.side() == null ? "" : moment.side().word();
        boolean pause = moment.kind() == Moment.Kind.PAUSE;
        String pose = new Naming(catalogue).pose(moment.pose());
        return new Line(
                Millis.showWhole(moment.startMs()),
                pause ? "" : side,
                pause ? "pause" : pose,
                amount(moment),
                Millis.show(moment.lengthMs()),
                cue.words());
    }

    private static String amount(Moment moment) {
        return switch (moment.kind()) {
            case MOVEMENT -> new Dose.Movement(moment.breath()).toString();
            case REPS, SHOWN -> moment.reps() == null ? "" : Words.count(moment.reps(), "rep");
            case HOLD -> moment.breaths() == null ? "" : Words.count(moment.breaths(), "breath");
            case PATTERN -> moment.breaths() == null ? "" : Words.count(moment.breaths(), "cycle");
            default -> moment.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}
