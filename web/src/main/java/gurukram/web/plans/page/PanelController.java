package gurukram.web.plans.page;

import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.panel.Panels;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What stands beside the spine. */
@Controller
class PanelController {
    private final ClassStore store;
    private final Panels panels;

    PanelController(ClassStore store, Panels panels) {
        this.store = store;
        this.panels = panels;
    }

    /** All about one part of a class; {@code node} is {@code class} for the class as a whole. */
    @GetMapping("/classes/{id}/panel")
    String panel(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "class") String node,
            @RequestParam(required = false) String view,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Cache-Control", "no-store");
        View shown = View.of(view, stored.plan().settings());
        model.addAttribute("panel", panels.of(teacher, stored, node, shown, null));
        model.addAttribute("classId", id);
        return "plans/parts/panel";
    }

    /** The group a class is for; it is no part of the plan, so it stands in no history. */
    @PostMapping("/classes/{id}/group")
    String group(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String value,
            @RequestParam(required = false) String view,
            HttpServletResponse response,
            Model model) {
        if (store.find(teacher, id).isEmpty()) throw new NotFound();
        store.setGroup(teacher, id, value.isEmpty() ? null : Typed.id(value));
        return panel(teacher, id, "class", view, response, model);
    }
}
