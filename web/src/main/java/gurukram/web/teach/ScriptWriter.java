package gurukram.web.teach;

import gurukram.core.body.Side;
import gurukram.core.check.Subject;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.cue.HowWords;
import gurukram.core.cue.ShortCue;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.room.Prompts;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Breath;
import gurukram.web.drawing.Figures;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Writes the script of a score. */
final class ScriptWriter {
    private static final long REMIND_MS = 90_000;

    private final PoseCatalogue catalogue;
    private final NotationWriter words;
    private final Map<NodeId, Node> nodes = new HashMap<>();
    private final Map<NodeId, Integer> sections = new HashMap<>();
    private final Map<String, Integer> figures = new LinkedHashMap<>();

    private ScriptWriter(ClassPlan plan, PoseCatalogue catalogue) {
        this.catalogue = catalogue;
        this.words = new NotationWriter(catalogue);
        plan.walk(node -> nodes.put(node.id(), node));
    }

    /**
     * @param school the teacher's own, for the words
     * @param starts when the class begins on the clock; null when that is not known
     */
    static Script write(Subject subject, Level level, School school, LocalTime starts) {
        ClassPlan plan = subject.plan();
        Score score = subject.score();
        ScriptWriter writer = new ScriptWriter(plan, subject.catalogue());
        List<Script.Part> parts = new ArrayList<>();
        for (Score.SectionSpan span : score.sections()) {
            writer.sections.put(span.id(), parts.size());
            parts.add(new Script.Part(span.title(), span.startMs(), span.lengthMs()));
        }
        List<Cue> cues = Cues.of(score, plan, subject.catalogue(), school);
        List<Script.Line> lines = new ArrayList<>();
        for (int i = 0; i < cues.size(); i++)
            lines.add(writer.line(score.moments().get(i), cues.get(i).words()));
        List<Script.Prompted> prompts = Prompts.of(subject).stream()
                .map(prompt -> new Script.Prompted(
                        prompt.id(),
                        prompt.kind().word(),
                        prompt.at(),
                        prompt.words(),
                        prompt.kind().isSaid()))
                .toList();
        return new Script(
                plan.settings().title(),
                level.word(),
                score.totalMs(),
                parts,
                lines,
                List.copyOf(writer.figures.keySet()),
                prompts,
                remindAt(score),
                starts == null
                        ? null
                        : starts.plusMinutes(plan.settings().slotMinutes())
                                .format(DateTimeFormatter.ofPattern("HH:mm")));
    }

    /** Some time before the rest ends, or the class where there is none; of a short rest its middle. */
    private static long remindAt(Score score) {
        long from = 0;
        long to = score.totalMs();
        for (Score.SectionSpan span : score.sections())
            if (span.role() == SectionRole.REST) {
                from = span.startMs();
                to = span.startMs() + span.lengthMs();
            }
        return Math.max((from + to) / 2, to - REMIND_MS);
    }

    /** Its place among the figures; null without a pose. */
    private Integer figure(Pose pose, Side side, List<String> with) {
        if (pose == null) return null;
        String address = Figures.small(pose, side, with) + "&large=true&dark=true";
        return figures.computeIfAbsent(address, key -> figures.size());
    }

    private Script.Line line(Moment m, String say) {
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
                options(step, m),
                say,
                figure(pose, m.side(), m.how().with()),
                figure(
                        pose,
                        m.side() == null ? null : m.side().opposite(),
                        m.how().with()));
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
