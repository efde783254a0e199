package gurukram.web.teach;

import gurukram.core.cue.HowWords;
import gurukram.core.cue.ShortCue;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Writes the script of a score. */
final class ScriptWriter {
    private final PoseCatalogue catalogue;
    private final NotationWriter words;
    private final Map<NodeId, Node> nodes = new HashMap<>();
    private final Map<NodeId, Integer> sections = new HashMap<>();

    private ScriptWriter(ClassPlan plan, PoseCatalogue catalogue) {
        this.catalogue = catalogue;
        this.words = new NotationWriter(catalogue);
        plan.walk(node -> nodes.put(node.id(), node));
    }

    static Script write(ClassPlan plan, Score score, Level level, PoseCatalogue catalogue) {
        ScriptWriter writer = new ScriptWriter(plan, catalogue);
        List<Script.Part> parts = new ArrayList<>();
        for (Score.SectionSpan span : score.sections()) {
            writer.sections.put(span.id(), parts.size());
            parts.add(new Script.Part(span.title(), span.startMs(), span.lengthMs()));
        }
        return new Script(
                plan.settings().title(),
                level.word(),
                score.totalMs(),
                parts,
                score.moments().stream().map(writer::line).toList());
    }

    private Script.Line line(Moment m) {
        Pose pose = m.pose() == null ? null : catalogue.pose(m.pose());
        Step step = (Step) nodes.get(m.node());
        return new Script.Line(
                m.node().value(),
                m.kind().name().toLowerCase(Locale.ROOT),
                m.startMs(),
                m.transitionMs() + m.settingUpMs(),
                m.workMs(),
                pose == null ? Naming.of(null, step) : pose.name(),
                pose == null ? "" : pose.sanskrit(),
                m.side() == null ? null : m.side().word(),
                ShortCue.side(m, pose),
                ShortCue.amount(m),
                sections.get(m.section()),
                where(m),
                m.breath() == Breath.FREE
                        ? null
                        : m.breath().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                m.breaths(),
                m.reps(),
                step.note(),
                String.join(" · ", HowWords.of(m.how(), catalogue)),
                options(step, m));
    }

    /** The other of two choices, and the lines of people with a need, for as long as the step lasts. */
    private List<String> options(Step step, Moment m) {
        return step.layers().stream()
                .filter(layer -> layer.when().isBeside() && holds(layer.when(), m))
                .map(words::words)
                .toList();
    }

    private boolean holds(When when, Moment m) {
        if (when.rounds() == null || m.flow() == null) return true;
        int rounds = ((Flow) nodes.get(m.flow())).settings().rounds();
        return when.rounds().has(m.round(), rounds);
    }

    private String where(Moment m) {
        String of = m.kind() == Moment.Kind.ATTEMPT ? "try " : "set ";
        if (m.flow() == null) return m.set() == null ? "" : of + m.set();
        Flow flow = (Flow) nodes.get(m.flow());
        String name = Naming.of(flow);
        return "%s · round %d of %d".formatted(name, m.round(), flow.settings().rounds());
    }
}
