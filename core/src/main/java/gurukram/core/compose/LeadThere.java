package gurukram.core.compose;

import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What an existing class lacks for a peak, put in: the peak with the rungs before it, what prepares its demands and is not
 * there yet, and a counterpose. Nothing that is there is taken out.
 */
final class LeadThere {
    private static final Set<SectionRole> BEFORE = EnumSet.of(
            SectionRole.ARRIVE,
            SectionRole.BREATHE,
            SectionRole.WARM_UP,
            SectionRole.SALUTATIONS,
            SectionRole.STANDING,
            SectionRole.BALANCE,
            SectionRole.STRENGTH);

    private final Pool pool;
    private final Goal goal;
    private final Dice dice;
    private final Set<String> ids = new LinkedHashSet<>();
    private final List<Section> sections = new ArrayList<>();

    LeadThere(Pool pool, Goal goal, Dice dice) {
        this.pool = pool;
        this.goal = goal;
        this.dice = dice;
    }

    ClassPlan from(ClassPlan plan) {
        sections.addAll(plan.sections());
        plan.walk(node -> ids.add(node.id().value()));
        int at = peakSection();
        List<Pose> rungs = rungs(at);
        addAll(SectionRole.PEAK, at, rungs);
        Merit merit = new Merit(pool.brief(), goal.pose(), Shown.NOTHING, dice.of("lead there"));
        Cover cover = new Cover(
                goal.pose(),
                Preparation.lastButOne(pool.catalogue(), goal.pose()),
                pool.poses().stream()
                        .filter(pose -> !before(peakSection()).contains(pose))
                        .toList(),
                pose -> 30 + Cover.sideSeconds(pose, pose.doseFor(pool.brief().level())) - merit.of(pose),
                pose -> Cover.sideSeconds(pose, pose.doseFor(pool.brief().level())));
        for (Pose pose : cover.find(before(peakSection()))) {
            SectionRole role = Places.forPreparation(pose, goal.pose(), false);
            addAll(role, sectionFor(role), List.of(pose));
        }
        addPeak();
        return new ClassPlan(plan.settings().withPeak(goal.pose().id()), sections);
    }

    /** Where the peak part is; one is made behind the parts that come before it. */
    private int peakSection() {
        for (int i = 0; i < sections.size(); i++) if (sections.get(i).role() == SectionRole.PEAK) return i;
        int at = 0;
        for (int i = 0; i < sections.size(); i++)
            if (BEFORE.contains(sections.get(i).role())) at = i + 1;
        sections.add(at, Section.of(name("peak"), SectionRole.PEAK));
        return at;
    }

    private int sectionFor(SectionRole role) {
        int peak = peakSection();
        for (int i = 0; i < peak; i++) if (sections.get(i).role() == role) return i;
        int at = 0;
        for (int i = 0; i < peak; i++) if (sections.get(i).role().compareTo(role) < 0) at = i + 1;
        sections.add(at, Section.of(name(role.word()), role));
        return at;
    }

    private List<Pose> rungs(int at) {
        List<Pose> rungs = new ArrayList<>();
        if (goal.ladder() == null) return rungs;
        List<Pose> there = before(at + 1);
        for (int rung = goal.rung() - 1; rung >= 1 && rungs.isEmpty(); rung--) {
            String id = goal.ladder().rungs().get(rung - 1).pose();
            if (id == null) continue;
            Pose pose = pool.catalogue().pose(id);
            if (there.contains(pose)) return rungs;
            boolean held = Cover.sideSeconds(pose, pose.doseFor(pool.brief().level())) > 0;
            if (held && pool.has(id)) rungs.add(pose);
        }
        return rungs;
    }

    /** The poses that are held before a section. */
    private List<Pose> before(int end) {
        List<Pose> poses = new ArrayList<>();
        for (Section section : sections.subList(0, Math.min(end + 1, sections.size()))) {
            for (Item item : section.items()) {
                if (item instanceof Flow || ((Step) item).pose() == null) continue;
                Pose pose = pool.catalogue().pose(((Step) item).pose());
                if (!pose.equals(goal.pose())) poses.add(pose);
            }
        }
        return poses;
    }

    private void addPeak() {
        int at = peakSection();
        boolean there = sections.get(at).items().stream()
                .anyMatch(item -> item instanceof Step step && goal.pose().id().equals(step.pose()));
        if (!there) addAll(SectionRole.PEAK, at, List.of(goal.pose()));
        List<Pose> counters = goal.pose().ties().counter().stream()
                .filter(pool::has)
                .map(pool.catalogue()::pose)
                .filter(pose ->
                        Cover.sideSeconds(pose, pose.doseFor(pool.brief().level())) > 0)
                .toList();
        boolean balanced = sections.subList(at + 1, sections.size()).stream()
                .flatMap(section -> section.items().stream())
                .anyMatch(item -> item instanceof Step step
                        && counters.stream().anyMatch(pose -> pose.id().equals(step.pose())));
        if (balanced || counters.isEmpty()) return;
        sections.add(at + 1, Section.of(name("counterposes"), SectionRole.COUNTERPOSES));
        addAll(SectionRole.COUNTERPOSES, at + 1, List.of(counters.get(0)));
    }

    private void addAll(SectionRole role, int at, List<Pose> poses) {
        Section section = sections.get(at);
        List<Item> items = new ArrayList<>(section.items());
        for (Pose pose : poses) {
            Step step = Doses.atLeastUsual(
                    name("to-peak"), pose, pool.brief().level(), pool.brief().begins());
            items.add(step);
        }
        sections.set(at, section.withChildren(items));
    }

    private NodeId name(String root) {
        int n = 1;
        while (!ids.add(root + "-" + n)) n++;
        return new NodeId(root + "-" + n);
    }
}
