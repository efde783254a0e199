package gurukram.web.plans.edit;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Mend;
import gurukram.core.plan.ClassPlan;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import gurukram.web.plans.View;

/**
 * A mend that was offered, looked for again in the class as it is now.
 *
 * @param view the line of the class that was looked at
 * @param finding key of the finding; {@code mend} the label of the mend
 */
public record MendEdit(Checks checks, String view, String finding, String mend) implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        var subject = checks.subject(now, View.of(view, now.settings()).level());
        Finding there = checks.report(subject).find(finding).orElseThrow(MendEdit::gone);
        Mend taken = checks.mends(subject, there).stream()
                .filter(offered -> offered.label().equals(mend))
                .findFirst()
                .orElseThrow(MendEdit::gone);
        return new Labelled(taken.edit(), "mend: " + taken.label(), null);
    }

    private static Refused gone() {
        return new Refused(
                "The class has changed since; that is no longer on offer. What there is to look at is told anew.");
    }

    @Override
    public String typed() {
        return "";
    }
}
