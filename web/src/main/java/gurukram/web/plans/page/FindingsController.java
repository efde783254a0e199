package gurukram.web.plans.page;

import gurukram.core.check.Mend;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.edit.MendEdit;
import gurukram.web.plans.edit.MuteEdit;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.page.EditAnswers.Asked;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.LineDifference;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the checks find: mends looked at and taken, findings muted. */
@Controller
class FindingsController {
    private final ClassStore store;
    private final ClassChecks checks;
    private final EditAnswers answers;
    private final Poses poses;

    FindingsController(ClassStore store, ClassChecks checks, EditAnswers answers, Poses poses) {
        this.store = store;
        this.checks = checks;
        this.answers = answers;
        this.poses = poses;
    }

    /**
     * One mend as it is offered.
     *
     * @param rows the lines it touches, before and after
     */
    public record Offer(String label, List<LineDifference> rows) {}

    /** The mends of one finding, worked out now. */
    @Dear
    @GetMapping("/classes/{id}/mends")
    String mends(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String finding,
            @RequestParam(required = false) String view,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        response.setHeader("Cache-Control", "no-store");
        ClassChecks.Found found =
                checks.found(teacher, stored, View.of(view, stored.plan().settings()));
        NotationWriter writer = new NotationWriter(poses.of(teacher));
        List<Offer> offers = found.report()
                .find(finding)
                .map(f -> found.checks().mends(found.subject(), f).stream()
                        .map(mend -> offer(stored.plan(), mend, writer))
                        .toList())
                .orElse(List.of());
        model.addAttribute("offers", offers);
        model.addAttribute("finding", finding);
        return "plans/parts/mends";
    }

    private static Offer offer(ClassPlan plan, Mend mend, NotationWriter writer) {
        String before = writer.write(plan);
        String after = writer.write(mend.edit().applyTo(plan));
        return new Offer(mend.label(), LineDifference.between(before, after));
    }

    /** Takes a mend that was offered. */
    @Dear
    @PostMapping("/classes/{id}/mend")
    String mend(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String finding,
            @RequestParam String mend,
            EditPost post,
            Model model) {
        MendEdit edit = new MendEdit(checks.of(teacher, id), post.view(), finding, mend);
        return answers.edited(new Asked(teacher, id, post, "class", "", ""), edit, model);
    }

    /** Keeps a rule silent at a finding, or for the class. */
    @PostMapping("/classes/{id}/mute")
    String mute(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String rule,
            @RequestParam String at,
            @RequestParam(defaultValue = "") String why,
            EditPost post,
            Model model) {
        return answers.edited(new Asked(teacher, id, post, "class", "", ""), new MuteEdit(rule, at, why, true), model);
    }

    @PostMapping("/classes/{id}/unmute")
    String unmute(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam String rule,
            @RequestParam String at,
            EditPost post,
            Model model) {
        return answers.edited(new Asked(teacher, id, post, "class", "", ""), new MuteEdit(rule, at, "", false), model);
    }
}
