package gurukram.web.plans.page;

import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlowStore;
import gurukram.web.plans.MyFlowStore.MyFlow;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.edit.PasteEdit;
import gurukram.web.plans.edit.PastedText;
import gurukram.web.plans.page.EditAnswers.Asked;
import gurukram.web.plans.panel.Panels;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import java.util.List;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A teacher's own flows: kept from one class, put into another. */
@Controller
class MyFlowController {
    private final ClassStore classes;
    private final MyFlowStore flows;
    private final Panels panels;
    private final EditAnswers answers;
    private final Poses poses;
    private final RandomGenerator random;

    MyFlowController(
            ClassStore classes,
            MyFlowStore flows,
            Panels panels,
            EditAnswers answers,
            Poses poses,
            RandomGenerator random) {
        this.classes = classes;
        this.flows = flows;
        this.panels = panels;
        this.answers = answers;
        this.poses = poses;
        this.random = random;
    }

    /** Keeps a flow; answers the panel it was asked from. */
    @PostMapping("/classes/{id}/flows")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam(defaultValue = "") String view,
            Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        Node found = stored.plan().find(Typed.node(node)).orElseThrow(NotFound::new);
        if (found instanceof Flow flow) {
            String name = flow.settings().name().isEmpty()
                    ? "flow of " + stored.plan().settings().title()
                    : flow.settings().name();
            flows.keep(teacher, name, PastedText.write(List.of(flow), poses.of(teacher)));
        }
        return panel(teacher, stored, node, view, model);
    }

    /** Puts a kept flow into a class. */
    @PostMapping("/classes/{id}/flows/{flow}/put")
    String put(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable UUID flow,
            @RequestParam(defaultValue = "") String at,
            EditPost post,
            Model model) {
        MyFlow kept = flows.find(teacher, flow).orElseThrow(NotFound::new);
        PasteEdit edit = new PasteEdit(kept.text(), at, poses.of(teacher), () -> NodeId.random(random));
        return answers.edited(new Asked(teacher, id, post, "", "", ""), edit, model);
    }

    @PostMapping("/classes/{id}/flows/{flow}/forget")
    String forget(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable UUID flow,
            @RequestParam(defaultValue = "class") String node,
            @RequestParam(defaultValue = "") String view,
            Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        flows.forget(teacher, flow);
        return panel(teacher, stored, node, view, model);
    }

    private String panel(Teacher teacher, StoredClass stored, String node, String view, Model model) {
        View shown = View.of(view, stored.plan().settings());
        model.addAttribute("panel", panels.of(teacher, stored, node, shown, null));
        model.addAttribute("classId", stored.id());
        return "plans/parts/panel";
    }
}
