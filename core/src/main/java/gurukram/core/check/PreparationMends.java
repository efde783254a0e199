package gurukram.core.check;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.score.Pace;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What would prepare a demand of the peak that is not prepared: what is there held longer, or poses put in before it. */
final class PreparationMends {
    private static final int OFFERS = 4;
    private static final int MOST_TOGETHER = 4;
    /** Who stands before the peak need not sit down for it. */
    private static final Set<Base> UPRIGHT = EnumSet.of(Base.STANDING, Base.LUNGE, Base.SQUAT);

    private PreparationMends() {}

    static List<Mend> of(Subject subject, Preparation preparation, Preparation.Demand demand) {
        List<Mend> mends = new ArrayList<>();
        longer(subject, demand, mends);
        inserted(subject, preparation, demand, mends);
        return mends;
    }

    /** The steps that prepare it, outside flows, held longer; the last of them first. */
    private static void longer(Subject subject, Preparation.Demand demand, List<Mend> mends) {
        long lacking = Preparation.wantedMs(subject, demand) - demand.sideMs();
        if (lacking <= 0) return;
        for (int k = demand.moments().size() - 1; k >= 0 && mends.size() < 2; k--) {
            int i = demand.moments().get(k);
            Step step = subject.step(i);
            Dose dose = ChosenDose.of(step, subject.level());
            if (!(dose instanceof Dose.Breaths hold) || subject.moment(i).flow() != null) continue;
            long breath = subject.moment(i).workMs() / hold.breaths();
            long least = hold.breaths() + (lacking + breath - 1) / breath;
            if (least > Dose.BREATHS.most() || least > hold.breaths() * 2L + 2) continue;
            int more = Dose.Breaths.counted((int) least).breaths();
            Step after = ChosenDose.in(step, subject.level(), new Dose.Breaths(more));
            Mend mend = new Mend(
                    "Hold %s for %s instead of %d"
                            .formatted(subject.name(subject.pose(i).id()), Words.count(more, "breath"), hold.breaths()),
                    PlanEdit.instead(subject.plan(), after));
            if (!mends.contains(mend)) mends.add(mend);
        }
    }

    /** Where something is put in: in which part, behind what. */
    private record Spot(NodeId parent, @Nullable NodeId after) {}

    /** Poses that prepare it, put in before the peak, two where two are lacking; those on another base before the whole lesson. */
    private static void inserted(
            Subject subject, Preparation preparation, Preparation.Demand demand, List<Mend> mends) {
        NodeId first = subject.topOf(subject.moment(preparation.at()).node());
        var place = subject.plan().placeOf(first).orElseThrow();
        Optional<Spot> before = endOfPartBefore(subject, place.parent());
        NodeId last = place.after();
        Spot near = last == null ? before.orElse(null) : new Spot(place.parent(), last);
        if (near == null) return;
        Base base = preparation.peak().base();
        boolean lesson = subject.role(preparation.at()) == SectionRole.PEAK;
        List<Pose> mild = candidates(subject, preparation, demand, demand.strength() - 1);
        List<Pose> leading = demand.strongEnough() ? mild : candidates(subject, preparation, demand, demand.strength());
        for (Pose lead : leading.subList(0, Math.min(OFFERS, leading.size()))) {
            List<Pose> poses = new ArrayList<>(List.of(lead));
            for (Pose other : mild) {
                if (poses.size() == MOST_TOGETHER || isEnough(subject, demand, poses)) break;
                if (!poses.contains(other)) poses.add(0, other);
            }
            boolean away = lesson && poses.stream().noneMatch(pose -> pose.base() == base);
            Spot spot = away ? before.orElse(near) : near;
            mends.add(insert(subject, demand, spot.parent(), spot.after(), poses));
        }
    }

    /** Whether so many poses, held as long as is usual at most, make up for what is lacking. */
    private static boolean isEnough(Subject subject, Preparation.Demand demand, List<Pose> poses) {
        long lacking = Preparation.wantedMs(subject, demand) - demand.sideMs();
        for (Pose pose : poses) lacking -= lengthMs(pose, longEnough(subject, pose, Long.MAX_VALUE / 2));
        return lacking <= 0 && demand.poses().size() + poses.size() >= Preparation.POSES;
    }

    private static Mend insert(
            Subject subject, Preparation.Demand demand, NodeId parent, @Nullable NodeId after, List<Pose> poses) {
        List<PlanEdit> edits = new ArrayList<>();
        List<String> names = new ArrayList<>();
        List<Dose> doses = shared(subject, demand, poses);
        for (int k = 0; k < poses.size(); k++) {
            Pose pose = poses.get(k);
            String id = "for-" + demand.action().word() + "-" + pose.id();
            NodeId own = new NodeId(id.length() > 40 ? id.substring(0, 40).replaceAll("-$", "") : id);
            SideRule sides = pose.sides().hasSides() ? new SideRule.Both(Side.RIGHT) : new SideRule.None();
            Step step = Step.of(own, pose.id(), sides, doses.get(k)).withProps(PropStock.laidOut(pose));
            edits.add(new PlanEdit.Insert(parent, after, step));
            after = own;
            names.add(subject.name(pose.id()));
        }
        return new Mend("Put in " + Wording.and(names) + " before it", PlanEdit.all(edits));
    }

    /** What is lacking, shared out over the poses; what the last cannot take within its range the ones before it do. */
    private static List<Dose> shared(Subject subject, Preparation.Demand demand, List<Pose> poses) {
        List<Dose> doses = new ArrayList<>();
        long lacking = Preparation.wantedMs(subject, demand) - demand.sideMs();
        for (int k = poses.size() - 1; k >= 0; k--) {
            Dose dose = longEnough(subject, poses.get(k), lacking / (k + 1) + 1);
            doses.add(0, dose);
            lacking -= lengthMs(poses.get(k), dose);
        }
        return doses;
    }

    private static long lengthMs(Pose pose, Dose dose) {
        return dose instanceof Dose.Breaths hold
                ? hold.breaths() * Pace.defaults().holdBreath(pose.hold())
                : 0;
    }

    /** The usual dose, or so many breaths that a time is filled where that stays within the pose's range. */
    private static Dose longEnough(Subject subject, Pose pose, long ms) {
        Dose range = pose.range(subject.judgedLevel());
        Dose usual = range.at(Dose.Reading.CHOSEN);
        if (!(usual instanceof Dose.Breaths hold) || ms <= 1) return usual;
        long breath = Pace.defaults().holdBreath(pose.hold());
        int wanted = (int) Math.min(Dose.BREATHS.most(), (ms - 1 + breath - 1) / breath);
        int most = range.at(Dose.Reading.HIGH) instanceof Dose.Breaths high ? high.breaths() : hold.breaths();
        Dose.Breaths counted = Dose.Breaths.counted(Math.max(hold.breaths(), wanted));
        return counted.breaths() <= most ? counted : new Dose.Breaths(Math.min(most, Math.max(hold.breaths(), wanted)));
    }

    /** Poses that prepare it so strongly, those that suit best first; the ladder's last rung but one is as good as any. */
    private static List<Pose> candidates(
            Subject subject, Preparation preparation, Preparation.Demand demand, int strength) {
        Base base = preparation.peak().base();
        Set<String> almostThere = Preparation.lastButOne(subject.catalogue(), preparation.peak());
        // what is there and only too long ago may come once more
        boolean tooLongAgo = Preparation.wantedMs(subject, demand) <= demand.sideMs()
                && demand.poses().size() >= Preparation.POSES;
        return subject.catalogue().poses().stream()
                .filter(pose -> pose.prepares(demand.action()) >= Math.max(1, strength)
                        || (almostThere.contains(pose.id()) && pose.prepares(demand.action()) >= demand.strength() - 1))
                .filter(pose -> !demand.jumps() || pose.prepares(demand.action()) < 3)
                .filter(pose -> !pose.id().equals(preparation.peak().id())
                        && (tooLongAgo || !demand.poses().contains(pose.id())))
                .filter(pose -> Swap.suits(subject, pose))
                .sorted(Comparator.comparing((Pose pose) ->
                                Needs.cautions(pose, subject.group()).size())
                        .thenComparing(pose -> !almostThere.contains(pose.id()))
                        .thenComparing(pose -> pose.base() != base)
                        .thenComparing(pose -> UPRIGHT.contains(base) && !UPRIGHT.contains(pose.base()))
                        .thenComparing(Pose::effort)
                        .thenComparing(Pose::depth)
                        .thenComparing(Pose::id))
                .toList();
    }

    private static Optional<Spot> endOfPartBefore(Subject subject, NodeId section) {
        Section before = null;
        for (Section each : subject.plan().sections()) {
            if (each.id().equals(section)) break;
            before = each;
        }
        if (before == null) return Optional.empty();
        List<Item> items = before.items();
        return Optional.of(new Spot(
                before.id(),
                items.isEmpty() ? null : items.get(items.size() - 1).id()));
    }
}
