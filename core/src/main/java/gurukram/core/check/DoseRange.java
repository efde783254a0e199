package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.pose.UsualDoses;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** How long a pose is held, or how often it is done, suits the level: within the pose's own range. The final rest is {@link FinalRest}'s. */
@AutoService(Check.class)
public final class DoseRange implements Check {
    /** Ours: two or three sets with a rest between are one dose. */
    private static final int USUAL_SETS = 3;

    private static final int HUNDRED = 100;
    /** Ours: nobody counts it. */
    private static final int TRIFLE_PERCENT = 25;

    private static final int MOST_RESTFUL_SECONDS = 900;
    private static final Card CARD = Card.of(
            "dose-range",
            "Holds and repetitions suit the level",
            "Too long is a test of will; too short is over before anybody has arrived.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Set<NodeId> seen = new LinkedHashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            boolean open = moment.kind() == Moment.Kind.OPEN || moment.kind() == Moment.Kind.OWN_PACE;
            if (!subject.isWork(i) || open || moment.flow() != null || subject.role(i) == SectionRole.REST) continue;
            if (seen.add(moment.node())) dose(subject, i, found);
        }
    }

    private static void dose(Subject subject, int i, Findings found) {
        Step step = subject.step(i);
        Pose pose = subject.pose(i);
        Dose written = written(subject, step);
        Dose range = pose.range(subject.judgedLevel());
        UsualDoses.Part part = subject.role(i).part();
        if (isWithin(written, range, pose, step)
                || isWithin(written, pose.doses().range(subject.judgedLevel(), part), pose, step)) return;
        Dose low = range.at(Dose.Reading.LOW);
        Dose high = range.at(Dose.Reading.HIGH);
        long have = amount(written, pose, step);
        long most = amount(high, pose, step);
        boolean over = have > most;
        if (over && isRestful(pose, written)) return;
        String usual = low.equals(high) ? low.toString() : range.toString().replaceAll(", at .*", "");
        String what = "%s for %s; usual for %s: %s.".formatted(pose.name(), written, people(subject), usual);
        boolean trifle = over && have * HUNDRED <= most * (HUNDRED + TRIFLE_PERCENT);
        boolean lost = (over && !trifle)
                || (pose.hold() == Hold.PASSIVE && pose.depth() > 1 && have * 2 < amount(low, pose, step));
        found.add(
                lost ? Severity.LOOK : Severity.INFO,
                step.id(),
                "",
                subject.momentsOf(step.id()),
                what,
                over ? "Maybe less." : "Maybe more.");
    }

    /** Also where the two cannot be compared. */
    private static boolean isWithin(Dose written, Dose range, Pose pose, Step step) {
        Dose low = range.at(Dose.Reading.LOW);
        long have = amount(written, pose, step);
        long least = amount(low, pose, step);
        long most = amount(range.at(Dose.Reading.HIGH), pose, step);
        return have < 0 || least < 0 || isReps(written) != isReps(low) || (have >= least && have <= most);
    }

    /** Lying and sitting at ease lasts as long as the teacher likes, up to a quarter of an hour. */
    private static boolean isRestful(Pose pose, Dose written) {
        return pose.hold() == Hold.PASSIVE
                && pose.effort() == 1
                && pose.depth() < 3
                && !(written instanceof Dose.Seconds held && held.seconds() > MOST_RESTFUL_SECONDS);
    }

    private static String people(Subject subject) {
        return switch (subject.judgedLevel()) {
            case BEGINNER -> "beginners";
            case INTERMEDIATE -> "intermediates";
            case ADVANCED -> "the advanced";
        };
    }

    private static Dose written(Subject subject, Step step) {
        Dose dose = subject.level() == null ? step.dose() : step.doseFor(subject.level());
        return dose.at(Dose.Reading.CHOSEN);
    }

    private static boolean isReps(Dose dose) {
        return dose instanceof Reps;
    }

    /** Repetitions, or ms of a hold; -1 for what has no such measure. */
    private static long amount(Dose dose, Pose pose, Step step) {
        if (dose instanceof Reps reps)
            return reps.sets() <= USUAL_SETS ? reps.reps() : (long) reps.reps() * reps.sets();
        if (dose instanceof Dose.Breaths hold) {
            Hold how =
                    step.timing().hold() == null ? pose.hold() : step.timing().hold();
            return hold.breaths() * Pace.defaults().holdBreath(how);
        }
        return dose instanceof Dose.Seconds hold ? (long) hold.seconds() * Millis.SECOND : -1;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        int i = finding.moments().get(0);
        Step step = subject.step(i);
        Pose pose = subject.pose(i);
        Dose range = pose.range(subject.judgedLevel());
        Dose written = written(subject, step);
        boolean tooMuch = amount(written, pose, step) > amount(range.at(Dose.Reading.HIGH), pose, step);
        Dose nearest = range.at(tooMuch ? Dose.Reading.HIGH : Dose.Reading.LOW);
        Dose usual = range.at(Dose.Reading.CHOSEN);
        List<Mend> mends = new ArrayList<>();
        for (Dose dose : new LinkedHashSet<>(List.of(nearest, usual))) {
            Dose same = inUnitOf(written, dose, pose, step);
            Step after = ChosenDose.in(step, subject.level(), same);
            mends.add(new Mend(
                    "Make it %s".formatted(same instanceof Reps reps ? Words.count(reps.reps(), "rep") : same),
                    PlanEdit.instead(subject.plan(), after)));
        }
        return mends;
    }

    /** The amount in the unit that is written, so that breaths stay breaths and seconds seconds. */
    private static Dose inUnitOf(Dose written, Dose dose, Pose pose, Step step) {
        if (written instanceof Reps reps && dose instanceof Reps other) {
            return reps.withReps(Math.max(1, Math.round((float) other.reps() * other.sets() / reps.sets())));
        }
        if (written instanceof Dose.Seconds && dose instanceof Dose.Breaths) {
            return new Dose.Seconds((int) (amount(dose, pose, step) / Millis.SECOND));
        }
        return dose;
    }
}
