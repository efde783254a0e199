package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Holds with sides that stand next to each other, gathered to chains: one side of all of them, then the other. Right, left and
 * the next pose is for first meetings only (craft.md, rules 22 and 24).
 */
public final class OneSide {
    private static final Set<SectionRole> QUIET = EnumSet.of(SectionRole.FLOOR, SectionRole.COOL_DOWN);
    private static final Set<SectionRole> ALL = EnumSet.of(
            SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR, SectionRole.COOL_DOWN);
    /** How long a chain lasts a side, by level, s. */
    private static final int[] MOST_SECONDS = {90, 150, 240};

    /** And how long on one leg. */
    private static final int[] MOST_ON_ONE_LEG = {60, 90, 120};

    private static final int MOST = 3;

    private final Attempt attempt;

    public OneSide(Attempt attempt) {
        this.attempt = attempt;
    }

    /** Beginners meet the poses of the busy parts on both sides one by one; what the teacher keeps stays as it is. */
    public ClassPlan gathered(ClassPlan plan) {
        Set<SectionRole> roles = attempt.brief().level() == Level.BEGINNER ? QUIET : ALL;
        List<Section> sections = new ArrayList<>();
        for (Section section : plan.sections())
            sections.add(roles.contains(section.role()) ? section.withChildren(gathered(section)) : section);
        return new ClassPlan(plan.settings(), sections);
    }

    private List<Item> gathered(Section section) {
        List<Item> items = new ArrayList<>();
        List<Step> run = new ArrayList<>();
        for (Item item : section.items()) {
            boolean sided = item instanceof Step step && !attempt.isKept(step) && isSided(section.role(), step);
            boolean goesOn = sided && fits(run, (Step) item);
            if (!goesOn) close(run, items, item);
            if (sided) run.add((Step) item);
            else items.add(item);
        }
        close(run, items, null);
        return items;
    }

    /** @param next what comes behind the run */
    private void close(List<Step> run, List<Item> items, @Nullable Item next) {
        // from flow to flow elsewhere something stands between
        Item before = items.isEmpty() ? null : items.get(items.size() - 1);
        if (!run.isEmpty() && before instanceof Flow flow && isFar(Phrases.last(flow), run.get(0)))
            items.add(run.remove(0));
        boolean lone = !run.isEmpty()
                && next instanceof Flow flow
                && isFar(run.get(run.size() - 1), flow.steps().get(0));
        List<Step> single = lone ? List.of(run.remove(run.size() - 1)) : List.of();
        if (run.size() > 1) items.add(chain(run));
        else items.addAll(run);
        items.addAll(single);
        run.clear();
    }

    private boolean isFar(Step from, Step to) {
        return from.pose() != null && to.pose() != null && Way.legs(pose(from).base(), pose(to).base()) > 1;
    }

    /**
     * From a lunge to a lunge with the other leg in front nobody gets in one step; and who lies in a warm-up is not brought from
     * side to side before the spine has moved.
     */
    private boolean isSided(SectionRole role, Step step) {
        return step.pose() != null
                && pose(step).base() != Base.LUNGE
                && !(role == SectionRole.WARM_UP && Places.isLying(pose(step).base()))
                && !step.marks().locked()
                && (step.dose() instanceof Dose.Breaths || step.dose() instanceof Reps)
                && step.sides().equals(new SideRule.Both(attempt.brief().begins()));
    }

    private boolean fits(List<Step> run, Step step) {
        if (run.isEmpty()) return true;
        Step last = run.get(run.size() - 1);
        if (run.size() >= MOST || pose(last).equals(pose(step))) return false;
        if (Way.legs(pose(last).base(), pose(step).base()) > 1) return false;
        List<Step> more = new ArrayList<>(run);
        more.add(step);
        boolean oneLeg = more.stream().allMatch(each -> pose(each).demands(Action.ONE_LEG_BALANCE) >= 2);
        int most = (oneLeg ? MOST_ON_ONE_LEG : MOST_SECONDS)
                [attempt.brief().level().ordinal()];
        return attempt.clock().flowMs(chain(more)) <= 2L * most * Millis.SECOND;
    }

    /** Whether one leg carries these one after the other. */
    static boolean carries(Attempt attempt, List<Step> balances) {
        Flow chain = new OneSide(attempt).chain(balances);
        return attempt.clock().flowMs(chain)
                <= 2L * MOST_ON_ONE_LEG[attempt.brief().level().ordinal()] * Millis.SECOND;
    }

    private Pose pose(Step step) {
        return attempt.catalogue().pose(Objects.requireNonNull(step.pose()));
    }

    /** Under the names of its poses, which is what people would ask for. */
    private Flow chain(List<Step> run) {
        List<String> names = run.stream()
                .map(step -> pose(step).name().toLowerCase(Locale.ROOT))
                .toList();
        int last = names.size() - 1;
        String name = String.join(", ", names.subList(0, last)) + " and " + names.get(last);
        if (name.length() > FlowSettings.MOST_LETTERS) name = names.get(0) + " and more";
        FlowSettings settings = FlowSettings.of(1)
                .withName(name)
                .with(FlowSides.BOTH.with(attempt.brief().begins()));
        List<Step> steps =
                run.stream().map(step -> step.withSides(new SideRule.Lead())).toList();
        return new Flow(new NodeId(run.get(0).id().value() + "-side"), settings, steps);
    }
}
