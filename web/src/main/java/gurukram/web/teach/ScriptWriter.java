package gurukram.web.teach;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.check.Subject;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.cue.HowWords;
import gurukram.core.cue.ShortCue;
import gurukram.core.fit.RoundsForTime;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.room.Count;
import gurukram.core.room.Demonstrated;
import gurukram.core.room.Prompts;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Figures;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes the script of a score. */
final class ScriptWriter {
    private static final long REMIND_MS = 90_000;
    private static final long LONG_MS = 90_000;
    private static final long WHOLE = 1_000;
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final PoseCatalogue catalogue;
    private final NotationWriter words;
    private final ClassPlan plan;
    private final Set<String> poses = new LinkedHashSet<>();
    private final Map<NodeId, Node> nodes = new HashMap<>();
    private final Map<NodeId, Integer> sections = new HashMap<>();
    private final Map<String, Integer> figures = new LinkedHashMap<>();

    private ScriptWriter(ClassPlan plan, PoseCatalogue catalogue) {
        this.plan = plan;
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
        List<Script.Line> lines = writer.allLines(subject, level, school);
        List<Script.Prompted> prompts = Prompts.of(subject).stream()
                .map(prompt -> new Script.Prompted(
                        prompt.id(),
                        prompt.kind().word(),
                        prompt.at(),
                        prompt.words(),
                        prompt.kind().isSaid()))
                .toList();
        long slotMs = plan.settings().slotMinutes() * Millis.MINUTE;
        return new Script(
                plan.settings().title(),
                level.word(),
                score.totalMs(),
                parts,
                lines,
                List.copyOf(writer.figures.keySet()),
                prompts,
                remindAt(score),
                starts == null ? null : CLOCK.format(starts),
                starts == null
                        ? null
                        : CLOCK.format(starts.plusMinutes(plan.settings().slotMinutes())),
                slotMs,
                (int) subject.pace().inhaleOf(WHOLE),
                writer.firstOf(score, SectionRole.PEAK),
                writer.firstOf(score, SectionRole.REST),
                writer.otherLevels(level),
                writer.felt());
    }

    /** The lines of a score and the figures they name by their place. */
    record Lines(List<Script.Line> lines, List<String> figures) {}

    static Lines lines(Subject subject, Level level, School school) {
        ScriptWriter writer = new ScriptWriter(subject.plan(), subject.catalogue());
        for (Score.SectionSpan span : subject.score().sections())
            writer.sections.put(span.id(), writer.sections.size());
        List<Script.Line> lines = writer.allLines(subject, level, school);
        return new Lines(lines, List.copyOf(writer.figures.keySet()));
    }

    private List<Script.Line> allLines(Subject subject, Level level, School school) {
        Score score = subject.score();
        List<Cue> cues = Cues.of(score, subject.plan(), catalogue, school);
        List<Cue> brief = Cues.brief(score, subject.plan(), catalogue, school);
        List<Count> counts = Count.of(score.moments());
        List<String> stands = Demonstrated.of(score.moments(), catalogue::pose);
        List<Script.Line> lines = new ArrayList<>();
        for (int i = 0; i < cues.size(); i++) {
            Moment moment = score.moments().get(i);
            if (moment.pose() != null) poses.add(moment.pose());
            lines.add(line(moment, level, new Told(cues.get(i), brief.get(i), counts.get(i), stands.get(i))));
        }
        return lines;
    }

    /** What the whole score says about one moment. */
    private record Told(Cue cue, Cue brief, Count count, String stand) {}

    private Integer firstOf(Score score, SectionRole role) {
        for (int i = 0; i < score.moments().size(); i++) {
            Section section = (Section) nodes.get(score.moments().get(i).section());
            if (section.role() == role) return i;
        }
        return null;
    }

    /** Levels some step is something else at. */
    private List<String> otherLevels(Level level) {
        Set<Level> levels = new TreeSet<>();
        for (Node node : nodes.values())
            if (node instanceof Step step)
                step.layers().stream()
                        .filter(layer -> !layer.when().isBeside())
                        .forEach(layer -> levels.addAll(layer.when().levels()));
        if (!levels.isEmpty()) levels.add(plan.settings().level());
        levels.remove(level);
        return levels.stream().map(Level::word).toList();
    }

    private Map<String, Script.Felt> felt() {
        Map<String, Script.Felt> felt = new LinkedHashMap<>();
        for (String id : poses) {
            Pose pose = catalogue.pose(id);
            String notIn = pose.notIn().stream()
                    .map(area -> area.word().replace('-', ' '))
                    .collect(Collectors.joining(", "));
            felt.put(id, new Script.Felt(Figures.felt(pose), notIn));
        }
        return felt;
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

    private Script.Line line(Moment m, Level level, Told told) {
        Pose pose = m.pose() == null ? null : catalogue.pose(m.pose());
        Step step = (Step) nodes.get(m.node());
        return new Script.Line(
                m.node().value(),
                kind(m),
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
                options(step, m, level),
                told.cue().words(),
                figure(pose, m.side(), m.how().with()),
                figure(
                        pose,
                        m.side() == null ? null : m.side().opposite(),
                        m.how().with()),
                told.brief().words(),
                m.pose(),
                flowing(m),
                told.count(),
                m.how().phases(),
                halfway(m, pose),
                told.stand());
    }

    /** What is held by the clock in the final rest is rest. */
    private String kind(Moment m) {
        boolean rests = ((Section) nodes.get(m.section())).role() == SectionRole.REST;
        Moment.Kind kind = rests && m.kind() == Moment.Kind.HOLD && m.breaths() == null ? Moment.Kind.REST : m.kind();
        return kind.name().toLowerCase(Locale.ROOT);
    }

    private Script.Flowing flowing(Moment m) {
        if (m.flow() == null) return null;
        Flow flow = (Flow) nodes.get(m.flow());
        int rounds = flow.settings().rounds();
        return new Script.Flowing(
                m.flow().value(), Naming.of(flow), m.round(), rounds, m.pass(), RoundsForTime.step(flow));
    }

    /** In long time that nobody counts through; who lies with the head turned turns it. */
    private static String halfway(Moment m, Pose pose) {
        boolean counted = m.breaths() != null && m.workMs() < 2 * LONG_MS || m.reps() != null;
        if (m.workMs() < LONG_MS || counted) return "";
        boolean turned = pose != null && pose.base() == Base.PRONE && pose.effort() == 1;
        return turned ? "halfway: turn the head to the other side" : "halfway";
    }

    /** The other of two choices, the lines of people with a need and of other levels, for as long as the step lasts. */
    private List<String> options(Step step, Moment m, Level level) {
        return step.layers().stream()
                .filter(layer -> layer.when().isBeside() || isForOthers(layer.when(), level))
                .filter(layer -> holds(layer.when(), m))
                .map(words::words)
                .toList();
    }

    private static boolean isForOthers(When when, Level level) {
        return !when.levels().isEmpty() && !when.levels().contains(level);
    }

    private boolean holds(When when, Moment m) {
        if (when.rounds() == null || m.flow() == null) return true;
        int rounds = ((Flow) nodes.get(m.flow())).settings().rounds();
        return when.rounds().has(m.round(), rounds);
    }

    private String where(Moment m) {
        if (m.flow() == null) return "";
        Flow flow = (Flow) nodes.get(m.flow());
        String name = Naming.of(flow);
        return "%s · round %d of %d".formatted(name, m.round(), flow.settings().rounds());
    }
}
