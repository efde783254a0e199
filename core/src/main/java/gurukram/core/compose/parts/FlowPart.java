package gurukram.core.compose.parts;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The flows of a class: the main flow and cat and cow of a vinyasa class, and the salutations. */
public final class FlowPart {
    /** The name of the main flow of a vinyasa class. */
    public static final NodeId MAIN_FLOW = new NodeId("flow");

    /** Movements on the hands in flows at a level: about three in five of what a class may have. */
    private static final int[] MOST_LOADS = {18, 32, 46};

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;

    public FlowPart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
    }

    public void put() {
        long loads = 0;
        if (brief.style() == Style.VINYASA) {
            mainFlow();
            for (Sketch.Entry entry : sketch.entries(SectionRole.STANDING))
                if (entry.item() instanceof Flow flow) loads += loads(flow);
            if (attempt.pool().has("cat")
                    && attempt.pool().has("cow")
                    && attempt.tightness() < 2
                    && !attempt.has(SectionRole.WARM_UP)) sketch.put(SectionRole.WARM_UP, catAndCow());
        }
        if (attempt.has(SectionRole.SALUTATIONS) || attempt.tightness() > 2 || brief.flavour() == Flavour.RESTFUL)
            return;
        boolean isLong = brief.minutes() >= 45 && attempt.tightness() == 0;
        long left = MOST_LOADS[brief.level().ordinal()] - loads;
        for (Flow flow : new Salutes(
                        attempt.pool(),
                        attempt.clock().legRule(brief.school()),
                        attempt.dice().of("salutes"))
                .choices("salute", isLong)) {
            if (loads(flow) > left) continue;
            sketch.put(SectionRole.SALUTATIONS, flow.with(flow.settings().withRounds(rounds(flow, left))));
            return;
        }
    }

    private void mainFlow() {
        boolean kept = sketch.entries(SectionRole.STANDING).stream().anyMatch(e -> e.item() instanceof Flow);
        if (kept) return;
        FlowMaker maker = new FlowMaker(
                attempt.pool(),
                attempt.peak(),
                attempt.merit().of("flow"),
                attempt.dice().of("flow"));
        last().flatMap(poses -> maker.again(MAIN_FLOW.value(), flowName(), poses))
                .or(() -> maker.layered(MAIN_FLOW.value(), flowName(), avoided()))
                .ifPresent(flow -> sketch.put(SectionRole.STANDING, taught(flow)));
    }

    /** The main flow of the class before, where the class builds on it. */
    private Optional<List<String>> last() {
        if (!brief.build()) return Optional.empty();
        return brief.taught().stream()
                .map(Taught::mainFlow)
                .filter(flow -> !flow.isEmpty())
                .findFirst();
    }

    /** Movements on the hands in a flow. */
    private long loads(Flow flow) {
        return flow.settings().passes()
                * flow.steps().stream()
                        .filter(step -> attempt.catalogue()
                                .pose(Objects.requireNonNull(step.pose()))
                                .wristLoad())
                        .count();
    }

    /** As many rounds as its share of the class and the hands have time for, at most six. */
    private int rounds(Flow flow, long left) {
        Map<SectionRole, Long> budgets = attempt.clock().budgets(sketch.order());
        int rounds = 1;
        while (rounds < 6
                && (rounds + 1) * loads(flow) <= left
                && attempt.clock().flowMs(flow.with(flow.settings().withRounds(rounds + 1)))
                        <= Objects.requireNonNull(budgets.get(SectionRole.SALUTATIONS))) rounds++;
        return rounds;
    }

    private Flow catAndCow() {
        FlowSettings settings = FlowSettings.of(brief.minutes() >= 60 ? 6 : 4)
                .withName("cow and cat")
                .with(FlowSides.Counting.NO_SIDES);
        return Flow.of(
                new NodeId("cats"),
                settings,
                Step.of(new NodeId("cats-1"), "cow", new SideRule.None(), new Dose.Movement(Breath.INHALE)),
                Step.of(new NodeId("cats-2"), "cat", new SideRule.None(), new Dose.Movement(Breath.EXHALE)));
    }

    /** Beginners are taught the first round position by position. */
    private Flow taught(Flow flow) {
        if (brief.level() != Level.BEGINNER || brief.minutes() < 45) return flow;
        return flow.with(flow.settings().withModes(new Mode.Run(1, Mode.LEARN), new Mode.Run(2, Mode.BREATH)));
    }

    private String flowName() {
        return attempt.goal() == null
                ? "main flow"
                : "towards " + attempt.goal().pose().name().toLowerCase(Locale.ROOT);
    }

    private List<List<String>> avoided() {
        if (brief.build()) return List.of();
        return brief.taught().stream()
                .filter(taught -> taught.daysAgo() <= Taught.DAYS_APART
                        && !taught.mainFlow().isEmpty())
                .map(Taught::mainFlow)
                .toList();
    }
}
