package gurukram.web.plans;

import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.dose.Reps;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Marks;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.plan.Texts;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.SideBehaviour;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.Pace;
import gurukram.core.text.Refused;
import java.util.Locale;

/** The fields of a step. A dose is changed on the base line, or only for the level the page shows. */
final class StepFields {
    private final PoseCatalogue catalogue;
    private final Level level;
    private final boolean baseLine;
    private final Flow flow;

    /** @param flow the flow the step stands in; null outside flows */
    StepFields(PoseCatalogue catalogue, Level level, boolean baseLine, Flow flow) {
        this.flow = flow;
        this.catalogue = catalogue;
        this.level = level;
        this.baseLine = baseLine;
    }

    Step with(Step step, String field, String value) {
        return switch (field) {
            case "sides" -> step.withSides(SideRule.parse(value));
            case "pose" -> withPose(step, value);
            case "same" -> step.withDoseFor(level, null);
            default -> withWords(step, field, value);
        };
    }

    private Step withWords(Step step, String field, String value) {
        Texts texts = MarkFields.with(step.texts(), field, value);
        if (texts != null) return step.with(texts);
        Marks marks = MarkFields.with(step.marks(), field, value);
        if (marks != null) return step.with(marks);
        return withDose(step, dose(step, field, value));
    }

    /** Another pose: on the base line, or for the level alone. Its sides fit it as the step's sides fitted the one before. */
    private Step withPose(Step step, String typed) {
        Pose pose = PoseNamed.in(catalogue, typed);
        if (!baseLine) return step.withPoseFor(level, pose.id());
        Step other = step.withPose(pose.id());
        boolean symmetric = pose.sides() == SideBehaviour.SYMMETRIC;
        if (symmetric && other.sides().isSided()) return other.withSides(new SideRule.None());
        if (symmetric || other.sides().isSided()) return other;
        boolean follows = flow != null && flow.settings().hasSides();
        return other.withSides(SideRule.parse(follows ? "lead" : "both"));
    }

    private Step withDose(Step step, Dose dose) {
        boolean ownAlready = level != null && step.hasDoseFor(level);
        return baseLine && !ownAlready ? step.withDose(dose) : step.withDoseFor(level, dose);
    }

    private Dose dose(Step step, String field, String value) {
        Dose now = step.doseFor(level);
        Pose pose = step.pose() == null ? null : catalogue.pose(step.pose());
        switch (field) {
            case "dose":
                if (now instanceof Reps reps && value.strip().matches("\\d+")) return reps(reps, "reps", value);
                return DoseText.parse(DoseUnit.of(now.at(Dose.Reading.CHOSEN)).complete(value));
            case "unit":
                return DoseUnit.valueOf(value.toUpperCase(Locale.ROOT)).convert(now, pose, Pace.defaults());
            case "breaths":
                return new Dose.Breaths(Dose.BREATHS.parse(value));
            case "seconds":
                return new Dose.Seconds(seconds(value, Dose.SECONDS));
            case "open":
                return new Dose.Open(seconds(value, Dose.OPEN_SECONDS));
            default:
                if (now instanceof Reps reps) return reps(reps, field, value);
                throw new IllegalArgumentException("no such field: " + field);
        }
    }

    private static Dose reps(Reps now, String field, String value) {
        return switch (field) {
            case "reps" -> new Reps(Dose.REPS.parse(value), now.sets(), now.restSeconds(), now.repMillis());
            case "sets" -> new Reps(now.reps(), Dose.SETS.parse(value), now.restSeconds(), now.repMillis());
            case "rest" -> new Reps(now.reps(), now.sets(), Dose.REST.parse(value), now.repMillis());
            case "each" -> new Reps(now.reps(), now.sets(), now.restSeconds(), value.isBlank() ? null : each(value));
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }

    private static int each(String value) {
        int ms = FlowFields.seconds(value, 0, 60);
        if (ms < Dose.REP_MILLIS.least()) throw new Refused("A repetition takes from 0.5 to 60 seconds.");
        return ms;
    }

    /** {@code 90}, {@code 1:30} and {@code 1.5 min} are the same. */
    private static int seconds(String typed, gurukram.core.text.Limit limit) {
        if (typed.strip().matches("\\d+:\\d\\d|.*[a-zA-Z].*")) {
            try {
                if (DoseText.parse(typed) instanceof Dose.Seconds held) return limit.check(held.seconds());
            } catch (Refused e) {
                return limit.parse(typed);
            }
        }
        return limit.parse(typed);
    }
}
