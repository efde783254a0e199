package gurukram.web.plans;

import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.dose.Reps;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.Pace;
import gurukram.core.text.Refused;
import java.util.Locale;

/** The fields of a step. A dose is changed on the base line, or only for the level the page shows. */
final class StepFields {
    private final PoseCatalogue catalogue;
    private final Level level;
    private final boolean baseLine;

    StepFields(PoseCatalogue catalogue, Level level, boolean baseLine) {
        this.catalogue = catalogue;
        this.level = level;
        this.baseLine = baseLine;
    }

    Step with(Step step, String field, String value) {
        return switch (field) {
            case "sides" -> step.withSides(SideRule.parse(value));
            case "note" -> step.withNote(value);
            case "same" -> step.withDoseFor(level, null);
            default -> withDose(step, dose(step, field, value));
        };
    }

    private Step withDose(Step step, Dose dose) {
        boolean ownAlready = step.hasDoseFor(level);
        return baseLine && !ownAlready ? step.withDose(dose) : step.withDoseFor(level, dose);
    }

    private Dose dose(Step step, String field, String value) {
        Dose now = step.doseFor(level);
        Pose pose = step.pose() == null ? null : catalogue.pose(step.pose());
        switch (field) {
            case "dose":
                return DoseText.parse(value);
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
