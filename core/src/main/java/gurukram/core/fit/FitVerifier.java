package gurukram.core.fit;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.pose.Level;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.SideWork;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Looks at a fitted class from outside, knowing nothing of how it was found: what was promised must hold. */
final class FitVerifier {
    private static final int REST_PERCENT = 8;

    private final Unfolder unfolder;

    FitVerifier(Unfolder unfolder) {
        this.unfolder = unfolder;
    }

    /** Every promise that is broken; empty when all hold. */
    List<String> problems(ClassPlan before, FitRequest request, FitAnswer.Fits answer, Set<NodeId> unlocked) {
        List<String> problems = new ArrayList<>();
        Level level = request.level();
        Score now = unfolder.unfold(answer.plan(), level);
        if (now.totalMs() != answer.afterMs()) problems.add("its length is not what was said");
        if (Math.abs(now.totalMs() - request.targetMs()) > request.toleranceMs())
            problems.add("it ends outside the tolerance");
        if (!answer.changes().isEmpty() && !answer.edit().applyTo(before).equals(answer.plan()))
            problems.add("its edit leads elsewhere");
        before.walk(node -> locked(node, answer.plan(), unlocked, problems));
        answer.plan().walk(node -> changed(before, node, level, problems));
        Set<NodeId> odd = oddTurns(before);
        Map<String, SideWork[]> was = sides(unfolder.unfold(before, level), odd);
        sides(now, odd).forEach((pose, both) -> {
            SideWork[] old = was.get(pose);
            boolean wasEven = old == null || old[0].equals(old[1]);
            if (wasEven && !both[0].equals(both[1])) problems.add(pose + " has become uneven");
        });
        rest(before, answer.plan(), request, problems);
        return problems;
    }

    private static void locked(Node node, ClassPlan after, Set<NodeId> unlocked, List<String> problems) {
        boolean marked = node instanceof Section || node instanceof Flow || node instanceof Step;
        if (!marked || !Choices.marks(node).locked() || unlocked.contains(node.id())) return;
        if (!after.find(node.id()).filter(node::equals).isPresent()
                && !(node instanceof Section && unlockedInside(node, unlocked))) {
            problems.add(node.id() + " is locked and has changed");
        }
    }

    private static boolean unlockedInside(Node node, Set<NodeId> unlocked) {
        return node.children().stream()
                .anyMatch(child -> unlocked.contains(child.id()) || unlockedInside(child, unlocked));
    }

    private static void changed(ClassPlan before, Node now, @Nullable Level level, List<String> problems) {
        Node old = before.find(now.id()).orElse(null);
        if (old == null) {
            problems.add(now.id() + " is new");
        } else if (now instanceof Flow flow) {
            boolean turns = flow.settings().counting() == Counting.ONE_SIDE
                    && flow.settings().sides().leads() == Leads.ALTERNATING;
            boolean other = flow.settings().rounds() != ((Flow) old).settings().rounds();
            if (turns && other && flow.settings().rounds() % 2 == 1)
                problems.add(now.id() + " has an odd number of rounds");
        } else if (now instanceof Step step) {
            Dose written = level == null ? ((Step) old).dose() : ((Step) old).doseFor(level);
            Dose chosen = ChosenDose.of(step, level);
            if (!(written instanceof Range range) || chosen.equals(range.at(Dose.Reading.CHOSEN))) return;
            if (!range.low().upTo(chosen) || !chosen.upTo(range.high())) problems.add(now.id() + " leaves its range");
        }
    }

    /** Flows that took an odd number of turns: they are uneven as they are written, and even when they are changed. */
    private static Set<NodeId> oddTurns(ClassPlan plan) {
        Set<NodeId> odd = new HashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow flow
                    && flow.settings().counting() == Counting.ONE_SIDE
                    && flow.settings().rounds() % 2 == 1) odd.add(flow.id());
        });
        return odd;
    }

    /** Written work by pose, right and left, but for some flows. */
    private static Map<String, SideWork[]> sides(Score score, Set<NodeId> without) {
        Map<String, SideWork[]> sides = new HashMap<>();
        for (Moment moment : score.moments()) {
            if (moment.side() == null || moment.pose() == null || moment.kind() == Moment.Kind.PAUSE) continue;
            if (moment.flow() != null && without.contains(moment.flow())) continue;
            SideWork[] both = sides.computeIfAbsent(moment.pose(), p -> new SideWork[] {SideWork.NONE, SideWork.NONE});
            int i = moment.side() == Side.RIGHT ? 0 : 1;
            both[i] = both[i].plus(moment);
        }
        return sides;
    }

    private void rest(ClassPlan before, ClassPlan after, FitRequest request, List<String> problems) {
        long was = restMs(before, request.level());
        long is = restMs(after, request.level());
        long least = Math.min(was, request.targetMs() * REST_PERCENT / 100);
        if (is < least || (!request.freedom().rest() && is != was)) problems.add("the final rest has been shortened");
    }

    private long restMs(ClassPlan plan, @Nullable Level level) {
        Set<NodeId> rest = new HashSet<>();
        for (Section section : plan.sections()) if (section.role() == SectionRole.REST) rest.add(section.id());
        return unfolder.unfold(plan, level).moments().stream()
                .filter(moment -> rest.contains(moment.section()))
                .mapToLong(Moment::workMs)
                .sum();
    }
}
