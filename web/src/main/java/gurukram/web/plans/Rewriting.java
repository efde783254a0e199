package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.SameNodes;

/**
 * The class written anew.
 *
 * @param named whether the plan brings the names of its parts; otherwise what stayed the same keeps the name it had
 */
record Rewriting(ClassPlan plan, boolean named) implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        boolean sameWords = !named && NodeNames.numbered(plan).equals(NodeNames.numbered(now));
        if (sameWords) return new Labelled(null, "", null);
        ClassPlan after = named ? plan : SameNodes.named(plan, now);
        return new Labelled(new PlanEdit.Rewrite(after), "write anew", null);
    }

    @Override
    public String typed() {
        return "";
    }
}
