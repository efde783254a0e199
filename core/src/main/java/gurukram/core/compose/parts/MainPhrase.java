package gurukram.core.compose.parts;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.search.Sketch;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Level;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The phrase a class is made around: the one of the class before where it builds on it, else the one that leads to the peak best. */
final class MainPhrase {
    /** A flow of which one round of three is learned lasts so many times as long. */
    private static final double LEARNED = 1.7;

    private static final int MOST_LEARNED_PERCENT = 15;
    private static final double QUOTABLE = 5;
    private static final double LATELY = -40;
    private static final double EARLIER = -60;

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final Phrases phrases;
    private final Joints joints;
    private @Nullable PhraseLine main;

    MainPhrase(Attempt attempt, Phrases phrases, Joints joints) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.phrases = phrases;
        this.joints = joints;
    }

    /** Null before it was put, or where none was found. */
    @Nullable
    PhraseLine line() {
        return main;
    }

    /** @param asLong what counts against a phrase that is too short */
    void put(ToDoubleFunction<PhraseLine> asLong) {
        Optional<Phrases.Taken> taken = Optional.empty();
        Optional<List<String>> last = lastMainFlow();
        if (last.isPresent()) taken = phrases.take(line -> phrases.stepsOf(line).equals(last.get()), line -> 0);
        List<List<String>> avoided = avoided();
        Set<List<String>> before = brief.build()
                ? Set.of()
                : brief.taught().stream().map(Taught::mainFlow).collect(Collectors.toSet());
        ToDoubleFunction<PhraseLine> more = line -> {
            List<String> steps = phrases.stepsOf(line);
            if (avoided.stream().anyMatch(flow -> FlowMaker.isLike(flow, steps))) return LATELY;
            return (before.contains(steps) ? EARLIER : 0)
                    + (phrases.isQuoted(line, Phrases.QUOTED) ? QUOTABLE : 0)
                    + (brief.minutes() < Attempt.ROOMY ? asLong.applyAsDouble(line) : 0)
                    - tooLongToLearn(line)
                    - phrases.onHands(line);
        };
        Predicate<PhraseLine> upright = line -> Phrases.isIn(line, SectionRole.STANDING, Phrase.Kind.FLOW);
        if (taken.isEmpty()) taken = phrases.take(upright, more);
        if (taken.isEmpty())
            taken = phrases.take(line -> Phrases.isIn(line, SectionRole.BALANCE, Phrase.Kind.FLOW), more);
        if (taken.isEmpty())
            taken = phrases.take(line -> Phrases.isIn(line, SectionRole.WARM_UP, Phrase.Kind.FLOW), more);
        taken.ifPresent(found -> {
            main = found.line();
            Flow flow = (Flow) NodeNames.renamed(
                    taught(found.flow()),
                    id -> new NodeId(Taught.MAIN_FLOW.value()
                            + id.value().substring(found.flow().id().value().length())));
            joints.join(SectionRole.STANDING, flow, found.line());
        });
        if (taken.isEmpty()) searched();
    }

    /** What beginners learn position by position takes nearly twice as long; it is to leave room for others. */
    private double tooLongToLearn(PhraseLine line) {
        if (!isLearned()) return 0;
        long most = attempt.clock().slotMs() * MOST_LEARNED_PERCENT / 100;
        return Math.max(0, LEARNED * line.lengthMs() - most) / Phrases.SHORTER_MS;
    }

    private boolean isLearned() {
        return brief.level() == Level.BEGINNER && brief.minutes() >= Attempt.ROOMY;
    }

    /** Where no phrase can be done at all, a flow is searched for out of poses. */
    private void searched() {
        FlowMaker maker = new FlowMaker(
                attempt.pool(),
                attempt.peak(),
                attempt.merit().of("flow"),
                attempt.dice().of("flow"));
        maker.layered(Taught.MAIN_FLOW.value(), "main flow", avoided())
                .ifPresent(flow -> sketch.put(SectionRole.STANDING, taught(flow)));
    }

    /** The main flow of the class before, where the class builds on it. */
    private Optional<List<String>> lastMainFlow() {
        if (!brief.build()) return Optional.empty();
        return brief.taught().stream()
                .map(Taught::mainFlow)
                .filter(flow -> !flow.isEmpty())
                .findFirst();
    }

    private List<List<String>> avoided() {
        if (brief.build()) return List.of();
        return brief.taught().stream()
                .filter(taught -> taught.daysAgo() <= Taught.DAYS_APART
                        && !taught.mainFlow().isEmpty())
                .map(Taught::mainFlow)
                .toList();
    }

    /** Beginners are taught the first round position by position. */
    private Flow taught(Flow flow) {
        if (!isLearned()) return flow;
        int rounds = flow.settings().rounds();
        if (rounds < 2) return flow;
        return flow.with(flow.settings().withModes(new Mode.Run(1, Mode.LEARN), new Mode.Run(rounds - 1, Mode.BREATH)));
    }
}
