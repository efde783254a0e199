package gurukram.web.plans.paper;

import gurukram.core.check.SwapEverywhere;
import gurukram.core.pose.Need;
import gurukram.core.score.Score;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A class read from beginning to end: on paper, pass by pass, with what there is to look at, and at speed. */
@Controller
class PaperController {
    private final ClassStore store;
    private final ClassEditor editor;
    private final ClassChecks checks;
    private final Poses poses;
    private final GroupStore groups;
    private final CarriedStore carried;

    PaperController(
            ClassStore store,
            ClassEditor editor,
            ClassChecks checks,
            Poses poses,
            GroupStore groups,
            CarriedStore carried) {
        this.carried = carried;
        this.store = store;
        this.editor = editor;
        this.checks = checks;
        this.poses = poses;
        this.groups = groups;
    }

    /** The class that was asked for, and which of its lines. */
    record Asked(Teacher teacher, StoredClass stored, View view) {}

    @ModelAttribute
    Asked asked(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        View view = View.of(level, stored.plan().settings());
        model.addAttribute("told", view.told());
        return new Asked(teacher, stored, view);
    }

    @GetMapping("/classes/{id}/print")
    String print(@ModelAttribute(binding = false) Asked asked, Model model) {
        Score score = score(asked);
        model.addAttribute("page", PrintPage.of(asked.stored(), score, asked.view(), poses.of(asked.teacher())));
        return "plans/print";
    }

    /** The running order, all passes unfolded. */
    @Dear
    @GetMapping("/classes/{id}/passes")
    String passes(@ModelAttribute(binding = false) Asked asked, Model model) {
        Teacher teacher = asked.teacher();
        model.addAttribute(
                "page",
                PassesPage.of(asked.stored(), score(asked), asked.view(), poses.of(teacher), editor.schoolOf(teacher)));
        return "plans/passes";
    }

    /** Everything that is counted. */
    @GetMapping("/classes/{id}/counts")
    String counts(@ModelAttribute(binding = false) Asked asked, Model model) {
        model.addAttribute(
                "page", CountsPage.of(asked.stored(), found(asked).subject(), asked.view(), poses.of(asked.teacher())));
        return "plans/counts";
    }

    /** Its measures of craft, beside what is usual. */
    @GetMapping("/classes/{id}/built")
    String built(@ModelAttribute(binding = false) Asked asked, Model model) {
        model.addAttribute(
                "page", BuiltPage.of(asked.stored(), found(asked).subject(), asked.view(), poses.of(asked.teacher())));
        return "plans/built";
    }

    private Score score(Asked asked) {
        return editor.unfold(
                asked.teacher(), asked.stored().plan(), asked.view().level());
    }

    /** All findings. */
    @Dear
    @GetMapping("/classes/{id}/report")
    String report(@ModelAttribute(binding = false) Asked asked, Model model) {
        model.addAttribute(
                "page", ReportPage.of(asked.stored(), found(asked), asked.view(), poses.of(asked.teacher())));
        return "plans/report";
    }

    /** The whole class at speed. */
    @GetMapping("/classes/{id}/dry-run")
    String dryRun(@ModelAttribute(binding = false) Asked asked, Model model) {
        Teacher teacher = asked.teacher();
        model.addAttribute(
                "page", DryRunPage.of(asked.stored(), found(asked), checks.schoolOf(teacher), poses.of(teacher)));
        return "plans/dry-run";
    }

    /** What to say, lay out and watch for the group it is for. */
    @Dear
    @GetMapping("/classes/{id}/tonight")
    String tonight(@ModelAttribute(binding = false) Asked asked, Model model) {
        List<String> owed = carried.open(asked.teacher(), asked.stored().id()).stream()
                .map(CarriedStore.Carried::words)
                .toList();
        model.addAttribute(
                "page",
                TonightPage.of(
                        asked.stored(),
                        found(asked).subject(),
                        asked.view(),
                        group(asked),
                        checks.booked(asked.teacher(), asked.stored().id()),
                        owed));
        return "plans/tonight";
    }

    /** Everything a need asks to leave out, swapped at once. */
    @PostMapping("/classes/{id}/tonight/swap")
    String swap(
            @ModelAttribute(binding = false) Asked asked,
            @RequestParam int version,
            @RequestParam String need,
            @RequestParam String how,
            RedirectAttributes after) {
        SwapEdit edit = new SwapEdit(
                checks.of(asked.teacher(), asked.stored().id()),
                asked.view(),
                Typed.named(Need.class, need),
                Typed.named(SwapEverywhere.How.class, how));
        ClassEditor.Answer answer = editor.edit(asked.teacher(), asked.stored().id(), version, edit);
        boolean again = answer.outcome() == ClassEditor.Outcome.DONE_BEFORE;
        boolean done =
                answer.outcome() == ClassEditor.Outcome.SAVED || answer.outcome() == ClassEditor.Outcome.REPLAYED;
        after.addFlashAttribute(
                done ? "done" : "said",
                done
                        ? answer.told()
                        : again
                                ? "It is swapped."
                                : "The class has changed since; nothing was swapped. This is how it is now.");
        return tonight(asked);
    }

    @PostMapping("/classes/{id}/tonight/undo")
    String undo(@ModelAttribute(binding = false) Asked asked, @RequestParam int version, RedirectAttributes after) {
        ClassEditor.Answer answer = editor.undo(asked.teacher(), asked.stored().id(), version);
        boolean undone =
                answer.outcome() == ClassEditor.Outcome.SAVED || answer.outcome() == ClassEditor.Outcome.DONE_BEFORE;
        after.addFlashAttribute(
                "said", undone ? "It is as it was before." : "The class has changed since; nothing was undone.");
        return tonight(asked);
    }

    private static String tonight(Asked asked) {
        return "redirect:/classes/" + asked.stored().id() + "/tonight?level="
                + asked.view().word();
    }

    private Optional<Group> group(Asked asked) {
        UUID id = store.group(asked.teacher(), asked.stored().id());
        return id == null ? Optional.empty() : groups.group(asked.teacher(), id);
    }

    private ClassChecks.Found found(Asked asked) {
        return checks.found(asked.teacher(), asked.stored(), asked.view());
    }
}
