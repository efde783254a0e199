package gurukram.web.plans.text;

import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.NodeId;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlows;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A class as text: shown, changed, with what is wrong beside its line. */
@Controller
class TextController {
    private final ClassStore store;
    private final ClassEditor editor;
    private final Poses poses;
    private final MyFlows flows;
    private final RandomGenerator random;

    TextController(ClassStore store, ClassEditor editor, Poses poses, MyFlows flows, RandomGenerator random) {
        this.store = store;
        this.editor = editor;
        this.poses = poses;
        this.flows = flows;
        this.random = random;
    }

    @Dear
    @GetMapping("/classes/{id}/text")
    String text(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Cache-Control", "no-store");
        String text = new NotationWriter(poses.of(teacher)).write(stored.plan());
        return page(model, TextPage.of(stored, stored.version(), text, read(teacher, text), ""));
    }

    /** How to write a class. */
    @GetMapping("/notation")
    String notation() {
        return "plans/notation";
    }

    /** The lines with what is wrong, while they are typed; stores nothing. */
    @Dear
    @PostMapping("/classes/{id}/text/check")
    String check(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        model.addAttribute("page", TextPage.of(stored, stored.version(), text, read(teacher, text), ""));
        return "plans/parts/text-checked";
    }

    /** Takes the text when all of it is understood; otherwise shows it again as it was typed, with what is wrong. */
    @Dear
    @PostMapping("/classes/{id}/text")
    String save(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam int version,
            @RequestParam(defaultValue = "") String text,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        Reading reading = read(teacher, text);
        if (text.isBlank()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, TextPage.of(stored, version, text, reading, TextPage.EMPTY));
        }
        if (!reading.problems().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, TextPage.of(stored, version, text, reading, ""));
        }
        try {
            if (editor.rewrite(teacher, id, version, reading.plan(), false).isPresent())
                return "redirect:/classes/" + id;
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(model, TextPage.of(stored, version, text, reading, TextPage.COLLIDED));
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, TextPage.of(stored, version, text, reading, e.getMessage()));
        }
    }

    private Reading read(Teacher teacher, String text) {
        return new NotationReader(poses.of(teacher), () -> NodeId.random(random), flows.of(teacher)).read(text);
    }

    private static String page(Model model, TextPage page) {
        model.addAttribute("page", page);
        return "plans/text";
    }
}
