package gurukram.web.plans;

import gurukram.core.notation.LineReader;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor.Answer;
import gurukram.web.plans.ClassEditor.Outcome;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The class page. Every edit is a POST that answers with the same region the page was made of; without htmx it redirects to
 * the page.
 */
@Controller
class ClassController {
    private final ClassStore store;
    private final ClassEditor editor;
    private final Poses poses;
    private final Supplier<NodeId> newIds;

    ClassController(ClassStore store, ClassEditor editor, Poses poses, RandomGenerator random) {
        this.store = store;
        this.editor = editor;
        this.poses = poses;
        this.newIds = () -> NodeId.random(random);
    }

    @GetMapping("/classes/{id}")
    String page(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) Level level,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Vary", "HX-Request");
        response.setHeader("Cache-Control", "no-store");
        model.addAttribute("page", build(teacher, stored, level, Notice.NONE, null));
        model.addAttribute("poses", poses.offered(teacher));
        return "plans/class";
    }

    @GetMapping("/classes/{id}/print")
    String print(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) Level level,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        Level shown = level == null ? stored.plan().settings().level() : level;
        model.addAttribute(
                "page", PrintPage.of(stored, editor.unfold(teacher, stored.plan(), shown), shown, poses.of(teacher)));
        return "plans/print";
    }

    /** One field of one node: {@code node} is {@code class} for the settings of the class. */
    @PostMapping("/classes/{id}/change")
    String change(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam String field,
            @RequestParam(defaultValue = "") String value,
            EditPost post,
            Model model) {
        Level level = post.levelOr(() -> ownLevel(teacher, id));
        FieldEdit edit = new FieldEdit(new NodeId(node), field, value, level, poses.of(teacher), newIds);
        return apply(teacher, id, post, edit, node, field, model);
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
        Level level = post.levelOr(() -> ownLevel(teacher, id));
        PoseCatalogue mine = poses.of(teacher);
        LineEdit edit =
                new LineEdit(line, at, level, editor.schoolOf(teacher), new LineReader(mine, newIds), mine, newIds);
        return apply(teacher, id, post, edit, Refusal.LINE, "", model);
    }

    /** {@code what}: up, down, duplicate or remove. */
    @PostMapping("/classes/{id}/tree")
    String tree(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String node,
            @RequestParam String what,
            EditPost post,
            Model model) {
        TreeEdit.What action = TreeEdit.What.valueOf(what.toUpperCase(Locale.ROOT));
        return apply(teacher, id, post, new TreeEdit(action, new NodeId(node), newIds), node, "", model);
    }

    @PostMapping("/classes/{id}/undo")
    String undo(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, EditPost post, Model model) {
        return answered(teacher, id, post, editor.undo(teacher, id, post.version()), Notice.NONE, model);
    }

    @PostMapping("/classes/{id}/redo")
    String redo(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, EditPost post, Model model) {
        return answered(teacher, id, post, editor.redo(teacher, id, post.version()), Notice.NONE, model);
    }

    @PostMapping("/classes/{id}/delete")
    String delete(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id) {
        if (!store.delete(teacher, id)) throw new NotFound();
        return "redirect:/";
    }

    private Level ownLevel(Teacher teacher, ClassId id) {
        return store.find(teacher, id)
                .orElseThrow(NotFound::new)
                .plan()
                .settings()
                .level();
    }

    private String apply(
            Teacher teacher, ClassId id, EditPost post, EditRequest edit, String node, String field, Model model) {
        try {
            Answer answer = editor.edit(teacher, id, post.version(), edit);
            boolean lost = answer.outcome() == Outcome.COLLIDED && !field.isEmpty();
            Notice.Again again = lost ? new Notice.Again(node, field, edit.typed()) : null;
            return answered(teacher, id, post, answer, new Notice("", again), model);
        } catch (Refused e) {
            StoredClass now = store.find(teacher, id).orElseThrow(NotFound::new);
            post.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return refused(teacher, id, post, now, node, field, edit.typed(), e.problem(), model);
        }
    }

    private String refused(
            Teacher teacher,
            ClassId id,
            EditPost post,
            StoredClass now,
            String node,
            String field,
            String typed,
            Problem problem,
            Model model) {
        boolean stillThere = node.equals(Refusal.LINE)
                || node.equals(NodeId.CLASS.value())
                || now.plan().has(new NodeId(node));
        boolean hasPlace = stillThere && (node.equals(Refusal.LINE) || !field.isEmpty());
        Notice notice = Notice.NONE;
        if (!hasPlace) {
            String kept = typed.isEmpty() ? "" : " You typed “" + typed + "”.";
            notice = Notice.of(problem + kept);
        }
        Refusal refusal = Refusal.of(node, field, typed, problem);
        model.addAttribute("page", build(teacher, now, post.level(), notice, refusal));
        model.addAttribute("poses", poses.offered(teacher));
        return post.isHtmx() ? "plans/parts/region" : "plans/class";
    }

    private String answered(Teacher teacher, ClassId id, EditPost post, Answer answer, Notice notice, Model model) {
        Notice told = notice;
        if (answer.outcome() == Outcome.REPLAYED) {
            told = Notice.of(
                    "This class was also changed in another window. Both changes are kept; you see them here.");
        }
        if (answer.outcome() == Outcome.COLLIDED) {
            post.response().setStatus(HttpStatus.CONFLICT.value());
            told = new Notice(collision(notice.again()), notice.again());
        }
        if (!post.isHtmx()) return "redirect:/classes/" + id;
        if (answer.at() != null) post.response().setHeader("HX-Trigger", "{\"line-at\":\"" + answer.at() + "\"}");
        model.addAttribute("page", build(teacher, answer.now(), post.level(), told, null));
        return "plans/parts/region";
    }

    private static String collision(Notice.Again again) {
        String told = "This was changed in another window first; what you see here is how it is now.";
        return again == null ? told : told + " You typed “" + again.value() + "”.";
    }

    private ClassPage build(Teacher teacher, StoredClass stored, Level level, Notice notice, Refusal refusal) {
        Level shown = level == null ? stored.plan().settings().level() : level;
        return new ClassPageBuilder(
                        stored, editor.unfold(teacher, stored.plan(), shown), shown, poses.of(teacher), refusal)
                .build(notice);
    }

    /** What comes with every edit. */
    record EditPost(int version, Level level, HttpServletRequest request, HttpServletResponse response) {
        boolean isHtmx() {
            return request.getHeader("HX-Request") != null;
        }

        Level levelOr(Supplier<Level> own) {
            return level == null ? own.get() : level;
        }
    }
}
