package gurukram.web.plans.fit;

import gurukram.core.fit.RoundsForTime;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.page.EditAnswers;
import gurukram.web.plans.page.EditAnswers.Asked;
import gurukram.web.plans.page.EditPost;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Ending on the minute: what would change, and doing it; how many rounds fill a time. */
@Controller
class FitController {
    private static final Limit FILL = new Limit("Minutes", 1, 240);

    private final ClassStore store;
    private final ClassEditor editor;
    private final EditAnswers answers;
    private final Poses poses;

    FitController(ClassStore store, ClassEditor editor, EditAnswers answers, Poses poses) {
        this.store = store;
        this.editor = editor;
        this.answers = answers;
        this.poses = poses;
    }

    /** The dialogue, as a part for the class page, or as a page of its own. */
    @Dear
    @GetMapping("/classes/{id}/fit")
    String fit(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Cache-Control", "no-store");
        response.addHeader("Vary", "HX-Request");
        ClassSettings settings = stored.plan().settings();
        View view = View.of(typed.get("view"), settings);
        FitPage page =
                FitPage.of(stored, view, FitForm.read(typed, settings), poses.of(teacher), editor.unfolderOf(teacher));
        if (!page.problem().isEmpty()) response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("fit", page);
        return request.getHeader("HX-Request") == null ? "plans/fit" : "plans/parts/fit";
    }

    /** Takes what was shown, worked out again for the class as it is now. */
    @Dear
    @PostMapping("/classes/{id}/fit")
    String take(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam Map<String, String> typed,
            EditPost post,
            Model model) {
        FitEdit edit = new FitEdit(typed, post.view(), poses.of(teacher), editor.unfolderOf(teacher));
        return answers.edited(new Asked(teacher, id, post, "class", "", ""), edit, model);
    }

    /** How many rounds of a flow fill a time. */
    @Dear
    @GetMapping("/classes/{id}/rounds")
    String rounds(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String flow,
            @RequestParam(defaultValue = "") String minutes,
            @RequestParam(required = false) String view,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Cache-Control", "no-store");
        View shown = View.of(view, stored.plan().settings());
        try {
            long ms = (long) FILL.parse(minutes) * Millis.MINUTE;
            RoundsForTime rounds =
                    RoundsForTime.of(stored.plan(), Typed.node(flow), ms, shown.level(), editor.unfolderOf(teacher));
            List<RoundsForTime.Offer> offers = new ArrayList<>();
            rounds.below().ifPresent(offers::add);
            rounds.above().filter(above -> !offers.contains(above)).ifPresent(offers::add);
            model.addAttribute("said", "%s min would be %.2f rounds.".formatted(minutes.strip(), rounds.exactly()));
            model.addAttribute(
                    "offers",
                    offers.stream()
                            .map(o -> new Rounds(o.rounds(), Millis.showWhole(o.lengthMs())))
                            .toList());
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("said", e.getMessage());
            model.addAttribute("offers", List.of());
        }
        model.addAttribute("flow", flow);
        return "plans/parts/rounds";
    }

    /** So many rounds, and how long they last. */
    public record Rounds(int rounds, String length) {}
}
