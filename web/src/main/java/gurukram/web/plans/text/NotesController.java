package gurukram.web.plans.text;

import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassEditor.Outcome;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlows;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.edit.PasteEdit;
import gurukram.web.plans.edit.PastedText;
import gurukram.web.plans.edit.Picked;
import gurukram.web.plans.edit.Spot;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.page.EditAnswers;
import gurukram.web.plans.page.EditAnswers.Asked;
import gurukram.web.plans.page.EditPost;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Parts of a class as text: copied, pasted, and read from scribbled notes line by line. */
@Controller
class NotesController {
    private static final String MOVED_ON =
            "The class was changed in another window meanwhile, so your notes are not in it yet. Put them in again.";

    private final ClassStore store;
    private final ClassEditor editor;
    private final EditAnswers answers;
    private final Poses poses;
    private final MyFlows flows;
    private final Supplier<NodeId> newIds;

    NotesController(
            ClassStore store,
            ClassEditor editor,
            EditAnswers answers,
            Poses poses,
            MyFlows flows,
            RandomGenerator random) {
        this.store = store;
        this.editor = editor;
        this.answers = answers;
        this.poses = poses;
        this.flows = flows;
        this.newIds = () -> NodeId.random(random);
    }

    /** Some parts as text, to be kept by who copies them. */
    @GetMapping("/classes/{id}/clip")
    ResponseEntity<String> clip(
            @AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, @RequestParam String node) {
        StoredClass stored = find(teacher, id);
        List<Node> picked;
        try {
            picked = Picked.of(stored.plan(), Picked.ids(node));
        } catch (Refused e) {
            throw new NotFound();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/plain;charset=UTF-8"))
                .header("Cache-Control", "no-store")
                .body(PastedText.write(picked, poses.of(teacher)));
    }

    /** Pasted on the class page: done when all of it is clear; otherwise the page is told to have it read line by line. */
    @Dear
    @PostMapping("/classes/{id}/paste")
    String paste(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String at,
            EditPost post,
            Model model) {
        PasteEdit edit = new PasteEdit(text, at, poses.of(teacher), flows.of(teacher), newIds);
        String view = answers.edited(new Asked(teacher, id, post, Refusal.LINE, "", ""), edit, model);
        boolean refused = post.response().getStatus() == HttpStatus.UNPROCESSABLE_CONTENT.value();
        if (refused) post.response().setHeader("HX-Trigger", "not-clear");
        return view;
    }

    @Dear
    @GetMapping("/classes/{id}/notes")
    String notes(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String at,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = find(teacher, id);
        response.setHeader("Cache-Control", "no-store");
        return page(teacher, stored, stored.version(), at, "", "", model, "plans/notes");
    }

    /** The lines as they are read; stores nothing. */
    @Dear
    @PostMapping("/classes/{id}/notes/check")
    String check(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        StoredClass stored = find(teacher, id);
        return page(teacher, stored, stored.version(), at, text, "", model, "plans/parts/notes-lines");
    }

    /** Puts the notes into the class when every line is clear. */
    @Dear
    @PostMapping("/classes/{id}/notes")
    String put(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam int version,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String text,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = find(teacher, id);
        try {
            PasteEdit edit = new PasteEdit(text, at, poses.of(teacher), flows.of(teacher), newIds);
            if (editor.edit(teacher, id, version, edit).outcome() != Outcome.COLLIDED) return "redirect:/classes/" + id;
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(teacher, stored, stored.version(), at, text, MOVED_ON, model, "plans/notes");
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, stored, version, at, text, e.getMessage(), model, "plans/notes");
        }
    }

    private String page(
            Teacher teacher,
            StoredClass stored,
            int version,
            String at,
            String text,
            String notice,
            Model model,
            String template) {
        PoseCatalogue catalogue = poses.of(teacher);
        Spot spot = Spot.at(stored.plan(), at);
        PastedText read = PastedText.read(text, spot.flow(), catalogue, flows.of(teacher), newIds);
        model.addAttribute("page", NotesPage.of(stored, version, at, text, read, catalogue, notice));
        return template;
    }

    private StoredClass find(Teacher teacher, ClassId id) {
        return store.find(teacher, id).orElseThrow(NotFound::new);
    }
}
