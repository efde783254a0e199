package gurukram.web.plans.panel;

import gurukram.core.compose.Why;
import gurukram.core.compose.brief.Focus;
import gurukram.core.fit.WithoutIt;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlowStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.FindingsPanel;
import gurukram.web.poses.OwnWords;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes the panel of a part of a class. */
@Component
public class Panels {
    /** The panel of all findings. */
    static final String CHECKS = "checks";

    private final ClassEditor editor;
    private final Poses poses;
    private final MyFlowStore flows;
    private final ClassStore classes;
    private final GroupStore groups;
    private final ClassChecks checks;
    private final OwnWords words;
    private final CarriedStore carried;

    Panels(
            ClassEditor editor,
            Poses poses,
            MyFlowStore flows,
            ClassStore classes,
            GroupStore groups,
            ClassChecks checks,
            OwnWords words,
            CarriedStore carried) {
        this.words = words;
        this.carried = carried;
        this.checks = checks;
        this.classes = classes;
        this.groups = groups;
        this.flows = flows;
        this.editor = editor;
        this.poses = poses;
    }

    /** @param node a part that is no longer there has the panel of the class */
    public Panel of(Teacher teacher, StoredClass stored, String node, View view, Refusal refusal) {
        ClassChecks.Found found = checks.found(teacher, stored, view);
        if (node.equals(CHECKS)) {
            return new Panel(CHECKS, CHECKS, "What there is to look at", "", List.of(), null)
                    .with(FindingsPanel.all(found, poses.of(teacher)));
        }
        Panel panel = part(teacher, stored, node, view, found.subject().group(), refusal);
        if (!panel.kind().equals("class")) {
            panel = panel.with(FindingsPanel.at(found, new NodeId(panel.node()), poses.of(teacher)))
                    .without(without(teacher, stored, panel.node(), view))
                    .because(why(teacher, stored, panel.node(), found))
                    .owing(owed(teacher, stored, panel.node()));
        }
        if (panel.kind().equals("step")) return panel;
        return panel.with(flows.of(teacher).stream()
                .map(flow -> new Panel.Kept(flow.id().toString(), flow.name()))
                .toList());
    }

    private List<String> owed(Teacher teacher, StoredClass stored, String node) {
        return carried.open(teacher, stored.id()).stream()
                .filter(one -> node.equals(one.node()))
                .map(CarriedStore.Carried::words)
                .toList();
    }

    private List<String> why(Teacher teacher, StoredClass stored, String node, ClassChecks.Found found) {
        Theme theme = stored.plan().settings().theme();
        String themed = (theme.title() + " " + theme.sentence() + " " + theme.focus()).strip();
        Focus focus = themed.isEmpty() ? Focus.NONE : words.of(teacher).in(themed);
        return new Why(found.subject(), poses.of(teacher), focus).of(Typed.node(node));
    }

    /** Whom the class is for; empty for nobody in particular. */
    private static String who(List<Group> groups, UUID id) {
        return groups.stream()
                .filter(group -> group.id().equals(id))
                .findFirst()
                .map(group -> group.name() + ": " + group.people() + "."
                        + (group.school().isEmpty() ? "" : " Their school: " + group.school() + "."))
                .orElse("");
    }

    /** What the class would be without the part. */
    private String without(Teacher teacher, StoredClass stored, String node, View view) {
        WithoutIt without = WithoutIt.of(stored.plan(), Typed.node(node), view.level(), editor.unfolderOf(teacher));
        long saved = without.savedMs();
        if (saved == 0) return "Without it the class is as long.";
        return "Without it the class is %s, %s %s."
                .formatted(
                        Millis.showWhole(without.afterMs()),
                        Millis.showWhole(Math.abs(saved)),
                        saved > 0 ? "less" : "more");
    }

    /** The part that has a row: what a layer changes is told at its step. */
    private static Node row(ClassPlan plan, Node node) {
        return plan.parentOf(node.id())
                .filter(parent -> node instanceof Layer || parent instanceof Layer)
                .map(parent -> row(plan, parent))
                .orElse(node);
    }

    private Panel part(Teacher teacher, StoredClass stored, String node, View view, People people, Refusal refusal) {
        ClassPlan plan = stored.plan();
        PoseCatalogue catalogue = poses.of(teacher);
        Node found = node.equals(NodeId.CLASS.value())
                ? null
                : plan.find(Typed.node(node)).map(there -> row(plan, there)).orElse(null);
        if (found == null) {
            UUID group = classes.group(teacher, stored.id());
            List<Group> all = groups.groups(teacher);
            return ClassPanel.of(plan.settings(), catalogue, all, group, refusal)
                    .without(who(all, group));
        }
        Score score = editor.unfolderOf(teacher).unfold(plan, view.level());
        if (found instanceof Step step) {
            return new StepPanels(plan, score, view, catalogue, editor.schoolOf(teacher), people, refusal).of(step);
        }
        if (found instanceof Flow flow) return FlowPanel.of(flow, score, catalogue, refusal);
        if (found instanceof Link link) return SmallPanels.of(link, catalogue, refusal);
        return SmallPanels.of((Section) found, plan, score, refusal);
    }
}
