package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.body.SpineDirection;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A deep pose that is held is balanced soon after: by one of its counterposes within the next four poses (ours). After a
 * pose on the head or the forearms comes child's pose, five breaths at least.
 */
@AutoService(Check.class)
public final class Counterpose implements Check {
    private static final int DEEP = 3;
    private static final int WITHIN_POSES = 4;
    static final int BREATHS_AFTER_HEADSTAND = 5;
    private static final String CHILD = "childs-pose";
    private static final Card CARD = Card.of(
            "counterpose",
            "A deep pose is balanced soon after",
            "The far end of a range is left through the middle and by the other way, or it stays in the back for the evening.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        for (int i = 0; i < subject.moments().size(); i++) {
            // a pose done again is balanced after the last time
            if (!isHeld(subject, i) || subject.lastMomentOf(subject.pose(i)) != i) continue;
            Pose pose = subject.pose(i);
            if (wantsChild(pose)) afterHeadstand(subject, i, found);
            else if (isDeep(pose)) deep(subject, i, found);
        }
    }

    private static boolean isHeld(Subject subject, int i) {
        return subject.isWork(i) && subject.moment(i).kind() != Moment.Kind.MOVEMENT;
    }

    private static boolean isDeep(Pose pose) {
        return pose.depth() >= DEEP
                && pose.spine() != SpineDirection.NEUTRAL
                && !pose.ties().counter().isEmpty();
    }

    private static boolean wantsChild(Pose pose) {
        return pose.base() == Base.INVERTED && pose.ties().counter().contains(CHILD) && pose.headDown();
    }

    private static void deep(Subject subject, int i, Findings found) {
        Pose pose = subject.pose(i);
        List<String> next = next(subject, i);
        if (next.stream().anyMatch(id -> balances(subject, pose, id))) return;
        if (pose.hold() == Hold.PASSIVE
                && next.stream().anyMatch(id -> isEasyLying(subject.catalogue().pose(id)))) return;
        String what = "%s is deep, and none of the %s behind it balances it."
                .formatted(pose.name(), next.isEmpty() ? "poses" : "next " + next.size() + " poses");
        String counters = Wording.and(
                pose.ties().counter().stream().map(subject::name).limit(3).toList());
        found.look(subject.moment(i).node(), pose.id(), List.of(i), what, "Usual counterposes: " + counters + ".");
    }

    /** What a long quiet stretch may end in: lying down, with nothing asked. */
    private static boolean isEasyLying(Pose pose) {
        return pose.base() == Base.SUPINE && pose.effort() == 1 && pose.spine() != SpineDirection.BACK;
    }

    /** A counterpose of it, or a form of one. */
    private static boolean balances(Subject subject, Pose pose, String id) {
        return pose.ties().counter().stream().anyMatch(counter -> {
            Pose usual = subject.catalogue().pose(counter);
            return counter.equals(id)
                    || usual.ties().easier().contains(id)
                    || usual.ties().harder().contains(id);
        });
    }

    /** The different poses that come next. */
    private static List<String> next(Subject subject, int i) {
        List<String> next = new ArrayList<>();
        for (int k = i + 1; k < subject.moments().size() && next.size() < WITHIN_POSES; k++) {
            if (subject.isWork(k) && !next.contains(subject.pose(k).id()))
                next.add(subject.pose(k).id());
        }
        return next;
    }

    private static void afterHeadstand(Subject subject, int i, Findings found) {
        int next = i + 1;
        while (next < subject.moments().size() && !subject.isWork(next)) next++;
        boolean child =
                next < subject.moments().size() && subject.pose(next).id().equals(CHILD);
        Integer breaths = child ? subject.moment(next).breaths() : null;
        if (child && (breaths == null || breaths >= BREATHS_AFTER_HEADSTAND)) return;
        String what = breaths != null
                ? "After %s child’s pose lasts %s; five are wanted."
                        .formatted(subject.pose(i).name().toLowerCase(Locale.ROOT), Words.count(breaths, "breath"))
                : "After %s people come up at once; child’s pose of five breaths is wanted."
                        .formatted(subject.pose(i).name().toLowerCase(Locale.ROOT));
        List<Integer> moments = child ? List.of(i, next) : List.of(i);
        found.look(subject.moment(i).node(), subject.pose(i).id(), moments, what, "Nobody rises quickly from there.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        int at = finding.moments().get(0);
        Pose pose = subject.pose(at);
        List<Mend> mends = new ArrayList<>();
        if (wantsChild(pose) && finding.moments().size() > 1) {
            Step child = subject.step(finding.moments().get(1));
            Step longer = ChosenDose.in(child, subject.level(), new Dose.Breaths(BREATHS_AFTER_HEADSTAND));
            return List.of(new Mend("Stay in child’s pose for five breaths", PlanEdit.instead(subject.plan(), longer)));
        }
        NodeId top = subject.topOf(finding.node());
        NodeId parent = subject.parent(top);
        for (String id : wantsChild(pose) ? List.of(CHILD) : pose.ties().counter()) {
            Pose counter = subject.catalogue().pose(id);
            if (Needs.isBlocked(counter, subject.group())
                    || counter.level().ordinal() > subject.judgedLevel().ordinal()) continue;
            SideRule sides = counter.sides().hasSides() ? new SideRule.Both(Side.RIGHT) : new SideRule.None();
            Dose dose = wantsChild(pose)
                    ? new Dose.Breaths(BREATHS_AFTER_HEADSTAND)
                    : counter.doseFor(subject.judgedLevel());
            Step step = Step.of(new NodeId(StepBetween.shortened(top) + "-after"), id, sides, dose);
            mends.add(new Mend("Put %s behind it".formatted(subject.name(id)), new PlanEdit.Insert(parent, top, step)));
        }
        return mends;
    }
}
