package gurukram.web.plans.paper;

import gurukram.core.check.Checks;
import gurukram.core.check.Subject;
import gurukram.core.check.SwapEverywhere;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Need;
import gurukram.core.text.Words;
import gurukram.web.plans.EditRequest;
import gurukram.web.plans.View;

/** All that a need asks to leave out, worked out again for the class as it is now, in one edit. */
record SwapEdit(Checks checks, View view, Need need, SwapEverywhere.How how) implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        Subject subject = checks.subject(now, view.level());
        SwapEverywhere swap = SwapEverywhere.of(subject, need, how);
        int n = swap.swaps().size();
        Labelled labelled = new Labelled(swap.edit(), SwapEverywhere.label(subject, need, how, n), null);
        return labelled.telling(Words.capital(Words.count(n, "pose")) + " swapped"
                + (how == SwapEverywhere.How.LINES ? ", as lines beside the others." : " for everybody."));
    }

    @Override
    public String typed() {
        return "";
    }
}
