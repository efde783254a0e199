package gurukram.web.plans.edit;

import gurukram.core.check.Checks;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Marks;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import gurukram.web.shared.Typed;
import java.util.ArrayList;
import java.util.List;

/**
 * Keeps a check silent at a part of the class, or lets it speak again.
 *
 * @param at the part; {@code class} for the whole class
 * @param why the teacher's reason; may be empty
 */
public record MuteEdit(String rule, String at, String why, boolean silent) implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        String title = Checks.card(rule).title();
        String label = (silent ? "mute: " : "unmute: ") + title;
        if (at.equals(NodeId.CLASS.value())) {
            List<Marks.Mute> mutes = changed(now.settings().mutes());
            return new Labelled(new PlanEdit.Settings(now.settings().withMutes(mutes)), label, null);
        }
        Node node =
                now.find(Typed.node(at)).orElseThrow(() -> new Refused("That part of the class is no longer there."));
        return new Labelled(new PlanEdit.Change(with(node)), label, null);
    }

    private List<Marks.Mute> changed(List<Marks.Mute> mutes) {
        List<Marks.Mute> others = new ArrayList<>(mutes);
        others.removeIf(mute -> mute.rule().equals(rule));
        if (silent) others.add(new Marks.Mute(rule, why));
        return others;
    }

    private Node with(Node node) {
        if (node instanceof Section section) return section.with(with(section.marks()));
        if (node instanceof Flow flow) return flow.with(with(flow.marks()));
        if (node instanceof Link link) return link.with(with(link.marks()));
        if (node instanceof Step step) return step.with(with(step.marks()));
        throw new Refused("Nothing can be muted here; mute it for the class.");
    }

    private Marks with(Marks marks) {
        return new Marks(marks.locked(), marks.optional(), marks.priority(), changed(marks.mutes()));
    }

    @Override
    public String typed() {
        return why;
    }
}
