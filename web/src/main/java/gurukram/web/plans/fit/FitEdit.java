package gurukram.web.plans.fit;

import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.plans.EditRequest;
import gurukram.web.plans.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The least change that fits, in the class as it is now. */
record FitEdit(Map<String, String> form, String view, PoseCatalogue catalogue, Unfolder unfolder)
        implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        FitForm asked = FitForm.read(form, now.settings());
        var request = asked.request(View.of(view, now.settings()).level());
        if (!(new Fit(catalogue, unfolder).fit(now, request) instanceof FitAnswer.Fits fits)) {
            throw new Refused("The class has changed since; it cannot be fitted like that any more.");
        }
        List<PlanEdit> edits = new ArrayList<>();
        if (!fits.changes().isEmpty()) edits.add(fits.edit());
        int slot = asked.isLate() ? 0 : asked.otherSlot(now.settings());
        if (slot > 0) edits.add(new PlanEdit.Settings(now.settings().withSlotMinutes(slot)));
        if (edits.isEmpty()) return new Labelled(null, "", null);
        PlanEdit edit = PlanEdit.all(edits);
        return new Labelled(edit, "fit to " + Millis.showWhole(request.targetMs()), null);
    }

    @Override
    public String typed() {
        return "";
    }
}
