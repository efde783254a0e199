package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.score.Feet;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Every step of a flow can be taken by the feet where they are; and where the school says which foot comes forward first,
 * the second lunge of a salutation is on that leg.
 */
@AutoService(Check.class)
public final class FootStep implements Check {
    private static final Card CARD = Card.of(
            "foot-step",
            "The feet can take every step of a flow",
            "When the leg in front is not the one that is free to move, the room stops and looks at you.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<NodeId, List<Feet.Impossible>> byStep = new LinkedHashMap<>();
        for (Feet.Impossible step : subject.feet().impossible()) {
            byStep.computeIfAbsent(subject.moment(step.moment()).node(), n -> new ArrayList<>())
                    .add(step);
        }
        byStep.forEach((node, all) -> {
            List<Integer> moments = all.stream().map(Feet.Impossible::moment).toList();
            found.must(node, "", moments, all.get(0).why(), "Put a step between.");
        });
        LegRule rule = subject.ownSchool().legRule();
        subject.plan().walk(node -> {
            if (node instanceof Flow flow) legRule(subject, flow, rule, found);
        });
    }

    /** @param wider the class's or the teacher's rule; null when none is said */
    private static void legRule(Subject subject, Flow flow, @Nullable LegRule wider, Findings found) {
        LegRule own = flow.settings().school().legRule();
        LegRule rule = own == null ? wider : own;
        if (rule == null) return;
        List<Integer> lunges = lungesOfFirstPass(subject, flow);
        if (lunges.size() != 2) return;
        Side first = subject.moment(lunges.get(0)).side();
        Side second = subject.moment(lunges.get(1)).side();
        boolean returning = first != second;
        if (returning == (rule == LegRule.RETURNING)) return;
        Moment moment = subject.moment(lunges.get(1));
        String what = returning
                ? "In the second lunge the other leg is in front; in your school the same leg comes forward again."
                : "In the second lunge the same leg is in front; in your school the foot that went back first comes forward first.";
        found.look(
                moment.node(),
                "leg",
                List.of(lunges.get(1)),
                what,
                "Change the side of the second lunge, or the school of this flow.");
    }

    /** The first lunge after standing and the first after plank or dog, in the flow's first pass. */
    private static List<Integer> lungesOfFirstPass(Subject subject, Flow flow) {
        List<Integer> lunges = new ArrayList<>();
        Base before = null;
        boolean steppedBack = false;
        for (int i : subject.momentsOf(flow.id())) {
            Moment moment = subject.moment(i);
            if (Objects.requireNonNull(moment.pass()) > 1) break;
            if (!subject.isWork(i)) continue;
            Base base = subject.pose(i).base();
            boolean arrives = base == Base.LUNGE && before != Base.LUNGE && moment.side() != null;
            if (arrives && lunges.isEmpty() && before == Base.STANDING) lunges.add(i);
            if (arrives && lunges.size() == 1 && steppedBack) lunges.add(i);
            if (!lunges.isEmpty() && (base == Base.PLANK || base == Base.DOG)) steppedBack = true;
            before = base;
        }
        return lunges;
    }
}
