package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/** What the peak asks of the body has been prepared: often enough, strongly enough, long enough, on both sides, lately. */
@AutoService(Check.class)
public final class PeakPrepared implements Check {
    /** Ours: what is prepared that much longer needs no pose of full strength. */
    private static final int AMPLE_OF_2 = 6;

    private static final int AMPLE_OF_3 = 3;

    private static final int NEARLY_PERCENT = 95;
    private static final Card CARD = Card.of(
            "preparation",
            "What the peak asks for has been prepared",
            "A body that meets a demand cold protects itself, or gets hurt.",
            Preparation.SECONDS_OF_2,
            Preparation.SECONDS_OF_3,
            Preparation.WITHIN);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        String wanted = subject.settings().peak();
        Preparation preparation = Preparation.of(subject);
        if (preparation == null || (wanted != null && !leads(subject, wanted, preparation.peak()))) {
            if (wanted == null) return;
            String what = "The class leads to %s, and it does not come.".formatted(subject.name(wanted));
            found.look(NodeId.CLASS, "peak", List.of(), what, "Put it in, or choose another peak.");
            return;
        }
        for (Preparation.Demand demand : preparation.demands()) {
            List<String> lacks = lacks(subject, demand);
            if (lacks.isEmpty()) continue;
            String what = "%s asks for %s (%d of 3): %s."
                    .formatted(
                            preparation.peak().name(), demand.action().words(), demand.strength(), Wording.and(lacks));
            String advice = demand.poses().isEmpty()
                    ? "Put in a pose that prepares it."
                    : "Before it: "
                            + Wording.and(demand.poses().stream()
                                    .map(subject::name)
                                    .limit(5)
                                    .toList())
                            + ", " + Wording.time(demand.sideMs()) + " a side.";
            List<Integer> moments = new ArrayList<>(demand.moments());
            moments.add(preparation.at());
            Severity severity = demand.strength() == 3 && demand.poses().isEmpty() ? Severity.MUST : Severity.LOOK;
            NodeId node = subject.moment(preparation.at()).node();
            found.add(severity, node, demand.action().word(), moments, what, advice);
        }
    }

    /** Whether the pose is the peak or a rung towards it. */
    private static boolean leads(Subject subject, String wanted, Pose there) {
        return there.id().equals(wanted)
                || subject.catalogue().laddersWith(wanted).stream().anyMatch(l -> l.rungOf(there.id()) > 0)
                || subject.catalogue().pose(wanted).ties().easier().contains(there.id());
    }

    private static List<String> lacks(Subject subject, Preparation.Demand demand) {
        List<String> lacks = new ArrayList<>();
        int poses = demand.poses().size();
        long wanted = Preparation.wantedMs(subject, demand);
        if (poses == 0) return List.of("nothing before it prepares that");
        if (poses < Preparation.POSES)
            lacks.add("only " + subject.name(demand.poses().get(0)) + " prepares it, and two poses should");
        boolean ample = demand.sideMs() >= (demand.strength() == 3 ? AMPLE_OF_3 : AMPLE_OF_2) * wanted;
        if (!demand.strongEnough() && !ample) lacks.add("no pose before it is as strong as that");
        if (demand.sideMs() * 100 < wanted * NEARLY_PERCENT) {
            boolean oneSide = Math.max(demand.rightMs(), demand.leftMs()) >= wanted;
            Side less = demand.rightMs() < demand.leftMs() ? Side.RIGHT : Side.LEFT;
            lacks.add(
                    oneSide
                            ? "the %s side has %s of it, and %s would be good"
                                    .formatted(less.word(), Wording.time(demand.sideMs()), Wording.time(wanted))
                            : "there are %s a side of it, and %s would be good"
                                    .formatted(Wording.time(demand.sideMs()), Wording.time(wanted)));
        }
        int within = subject.value(Preparation.WITHIN);
        if (demand.sinceMs() > (long) within * Millis.MINUTE) {
            lacks.add("the last of it was %s before, where %d minutes are the most"
                    .formatted(Wording.minutes(demand.sinceMs()), within));
        }
        if (demand.jumps()) lacks.add("it begins at full strength");
        return lacks;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Preparation preparation = Preparation.of(subject);
        if (preparation == null || finding.about().equals("peak")) return List.of();
        Preparation.Demand demand = preparation.demands().stream()
                .filter(d -> d.action().word().equals(finding.about()))
                .findFirst()
                .orElse(null);
        if (demand == null) return List.of();
        return PreparationMends.of(subject, preparation, demand);
    }
}
