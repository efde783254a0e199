package gurukram.web.plans.page;

import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlows;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.edit.LineEdit;
import gurukram.web.plans.edit.MoveEdit;
import gurukram.web.plans.edit.Picked;
import gurukram.web.plans.edit.TreeEdit;
import gurukram.web.plans.field.FieldEdit;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.page.EditAnswers.Asked;
import gurukram.web.plans.panel.Panels;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletResponse;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The class page. Every edit is a POST that answers with what changes on the page; without htmx it redirects to the page. */
@Controller
public class ClassController {
    private final ClassStore store;
    private final ClassEditor editor;
    private final ClassPages pages;
    private final EditAnswers answers;
    private final Panels panels;
    private final Poses poses;
    private final MyFlows flows;
    private final Supplier<NodeId> newIds;

    ClassController(
            ClassStore store,
            ClassEditor editor,
            ClassPages pages,
            EditAnswers answers,
            Panels panels,
            Poses poses,
            MyFlows flows,
            RandomGenerator random) {
        this.store = store;
        this.editor = editor;
        this.pages = pages;
        this.answers = answers;
        this.panels = panels;
        this.poses = poses;
        this.flows = flows;
        this.newIds = () -> NodeId.random(random);
    }

    /** @param level a level, or {@code MIXED} for all of them on one clock; without it, what the class is for */
    @GetMapping("/classes/{id}")
    String page(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Vary", "HX-Request");
        response.setHeader("Cache-Control", "no-store");
        View view = View.of(level, stored.plan().settings());
        String told = (model.getAttribute("told") instanceof String words ? words + " " : "") + view.told();
        model.addAttribute("page", pages.page(teacher, stored, view, Notice.of(told.strip()), null));
        model.addAttribute("panel", panels.of(teacher, stored, NodeId.CLASS.value(), view, null));
        model.addAttribute("classId", id);
        return "plans/class";
    }

    /**
     * One field of one node: {@code node} is {@code class} for the settings of the class.
     *
     * @param of the level whose line it changes, where that is not the one shown
     */
    @PostMapping("/classes/{id}/change")
    String change(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam String field,
            @RequestParam(defaultValue = "") String value,
            @RequestParam(defaultValue = "") String of,
            EditPost post,
            Model model) {
        Level level = of.isEmpty() ? view(teacher, id, post).level() : Typed.named(Level.class, of);
        FieldEdit edit = new FieldEdit(Typed.node(node), field, value, level, !of.isEmpty(), poses.of(teacher), newIds);
        return answers.edited(new Asked(teacher, id, post, node, field, of), edit, model);
    }

    /** A typed line. */
    @PostMapping("/classes/{id}/line")
    String line(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String line,
            @RequestParam(defaultValue = "") String at,
            EditPost post,
            Model model) {
        Level shown = view(teacher, id, post).level();
        PoseCatalogue mine = poses.of(teacher);
        LineReader reader = new LineReader(mine, newIds, flows.of(teacher));
        LineEdit edit = new LineEdit(line, at, shown, editor.schoolOf(teacher), reader, mine, newIds);
        return answers.edited(new Asked(teacher, id, post, Refusal.LINE, "", ""), edit, model);
    }

    /** @param node one part of the class, or several with spaces between; {@code what}: see {@link TreeEdit.What} */
    @PostMapping("/classes/{id}/tree")
    String tree(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam String what,
            EditPost post,
            Model model) {
        TreeEdit.What action = Typed.named(TreeEdit.What.class, what);
        TreeEdit edit = new TreeEdit(action, Picked.ids(node), poses.of(teacher), newIds);
        return answers.edited(new Asked(teacher, id, post, node, "", ""), edit, model);
    }

    /** @param target the part they are put before or behind */
    @PostMapping("/classes/{id}/move")
    String move(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam String target,
            @RequestParam String where,
            EditPost post,
            Model model) {
        MoveEdit.Where place = Typed.named(MoveEdit.Where.class, where);
        MoveEdit edit = new MoveEdit(Picked.ids(node), Typed.node(target), place, poses.of(teacher));
        return answers.edited(new Asked(teacher, id, post, node, "", ""), edit, model);
    }

    @PostMapping("/classes/{id}/undo")
    String undo(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, EditPost post, Model model) {
        return answers.moved(new Asked(teacher, id, post, "", "", ""), editor.undo(teacher, id, post.version()), model);
    }

    @PostMapping("/classes/{id}/redo")
    String redo(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, EditPost post, Model model) {
        return answers.moved(new Asked(teacher, id, post, "", "", ""), editor.redo(teacher, id, post.version()), model);
    }

    @PostMapping("/classes/{id}/delete")
    String delete(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id) {
        if (!store.delete(teacher, id)) throw new NotFound();
        return "redirect:/";
    }

    /** The page says which line it shows; only who asks without a page makes us look it up. */
    private View view(Teacher teacher, ClassId id, EditPost post) {
        if (!post.view().isEmpty()) return View.of(post.view(), null);
        ClassPlan plan = store.find(teacher, id).orElseThrow(NotFound::new).plan();
        return View.of("", plan.settings());
    }
}
