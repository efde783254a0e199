package gurukram.web.plans.copy;

import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.edit.Resized;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.Level;
import gurukram.core.score.LevelLine;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.field.Options;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Copies of a class: as it is, shorter or longer, or for another level. */
@Controller
class CopyController {
    /** A copy for another slot may have another rest, too. */
    private static final FitRequest.Freedom COPIES = new FitRequest.Freedom(true, true, true, true, true);

    private final ClassStore store;
    private final ClassEditor editor;
    private final Poses poses;
    private final RandomGenerator random;

    CopyController(ClassStore store, ClassEditor editor, Poses poses, RandomGenerator random) {
        this.store = store;
        this.editor = editor;
        this.poses = poses;
        this.random = random;
    }

    @Dear
    @GetMapping("/classes/{id}/copy")
    String form(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        ClassSettings s = find(teacher, id).plan().settings();
        Map<String, String> typed =
                Map.of("title", title(s.title() + ", again"), "slot", "" + s.slotMinutes(), "level", "");
        return page(id, s, typed, "", model);
    }

    @Dear
    @PostMapping("/classes/{id}/copy")
    String copy(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            RedirectAttributes flash,
            Model model) {
        ClassPlan plan = find(teacher, id).plan();
        try {
            int slot = ClassSettings.SLOT.parse(typed.getOrDefault("slot", ""));
            String level = typed.getOrDefault("level", "");
            ClassPlan copy = plan.with(plan.settings().withTitle(typed.get("title")));
            if (!level.isEmpty()) copy = LevelLine.of(copy, Typed.named(Level.class, level), poses.of(teacher));
            if (slot != plan.settings().slotMinutes()) copy = resized(teacher, copy, slot);
            ClassPlan named = NodeNames.renamed(copy, name -> NodeId.random(random));
            told(teacher, named, flash);
            return "redirect:/classes/" + editor.create(teacher, named, null);
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(id, plan.settings(), typed, e.getMessage(), model);
        }
    }

    /** Fitted with the least change; where that does not reach so far, in proportion first; as near as can be at last. */
    private ClassPlan resized(Teacher teacher, ClassPlan plan, int slot) {
        Fit fit = new Fit(poses.of(teacher), editor.unfolderOf(teacher));
        Level level = plan.settings().mixed() ? null : plan.settings().level();
        FitRequest request = FitRequest.toMinutes(slot, level, COPIES);
        ClassPlan inProportion = Resized.of(plan, slot);
        for (ClassPlan start : List.of(plan.with(plan.settings().withSlotMinutes(slot)), inProportion)) {
            if (fit.fit(start, request) instanceof FitAnswer.Fits fits) return fits.plan();
        }
        return inProportion;
    }

    /** A copy that could not be brought to its slot says so where it is opened. */
    private void told(Teacher teacher, ClassPlan copy, RedirectAttributes flash) {
        int slot = copy.settings().slotMinutes();
        long target = (long) slot * Millis.MINUTE;
        long length = editor.unfold(teacher, copy, copy.settings().level()).totalMs();
        if (Math.abs(length - target) <= FitRequest.TOLERANCE_MS) return;
        flash.addFlashAttribute(
                "told",
                "%d minutes were asked for, and %s is the nearest this class comes to it: what is left cannot be %s any more."
                        .formatted(slot, Millis.showWhole(length), length > target ? "shortened" : "lengthened"));
    }

    private static String title(String wanted) {
        return wanted.length() <= ClassSettings.MOST_LETTERS ? wanted : wanted.substring(0, ClassSettings.MOST_LETTERS);
    }

    private static String page(ClassId id, ClassSettings s, Map<String, String> typed, String problem, Model model) {
        model.addAttribute("id", id);
        model.addAttribute("of", s.title());
        model.addAttribute("typed", typed);
        model.addAttribute("problem", problem);
        model.addAttribute("problemField", problem.startsWith("Minutes") ? "slot" : "title");
        model.addAttribute("levels", Options.levels());
        return "plans/copy";
    }

    private StoredClass find(Teacher teacher, ClassId id) {
        return store.find(teacher, id).orElseThrow(NotFound::new);
    }
}
