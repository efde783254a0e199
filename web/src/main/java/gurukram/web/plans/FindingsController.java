package gurukram.web.plans;

import gurukram.core.check.Finding;
import gurukram.core.check.Mend;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditAnswers.Asked;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the checks find: mends looked at and taken, findings muted, the report on paper. */
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
    public record Offer(String label, List<HistoryPage.Row> rows) {}

    /** The mends of one finding, worked out now. */
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
        ClassChecks.Found found = checks.found(teacher, stored, viewOf(view, stored));
        NotationWriter writer = new NotationWriter(poses.of(teacher));
        List<Offer> offers = find(found, finding)
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
        return new Offer(mend.label(), HistoryPage.differences(before, after));
    }

    private static Optional<Finding> find(ClassChecks.Found found, String key) {
        return found.report().findings().stream()
                .filter(finding -> finding.key().equals(key))
                .findFirst();
    }

    /** Takes a mend that was offered. */
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

    /** All findings on paper. */
    @GetMapping("/classes/{id}/report")
    String report(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        View view = viewOf(level, stored);
        ClassChecks.Found found = checks.found(teacher, stored, view);
        model.addAttribute("page", ReportPage.of(stored, found, view, poses.of(teacher)));
        return "plans/report";
    }

    /** The whole class at speed. */
    @GetMapping("/classes/{id}/dry-run")
    String dryRun(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level,
            Model model) {
        StoredClass stored = store.find(teacher, id).orElseThrow(NotFound::new);
        ClassChecks.Found found = checks.found(teacher, stored, viewOf(level, stored));
        model.addAttribute("page", DryRunPage.of(stored, found, checks.schoolOf(teacher), poses.of(teacher)));
        return "plans/dry-run";
    }

    private static View viewOf(String level, StoredClass stored) {
        try {
            return View.of(level, stored.plan().settings());
        } catch (IllegalArgumentException e) {
            throw new NotFound();
        }
    }

    /** A mend, looked for again in the class as it is now. */
    private record MendEdit(gurukram.core.check.Checks checks, String view, String finding, String mend)
            implements EditRequest {
        @Override
        public Labelled on(ClassPlan now) {
            var subject = checks.subject(now, View.of(view, now.settings()).level());
            ClassChecks.Found found = new ClassChecks.Found(checks, subject, checks.report(subject));
            Finding there = find(found, finding).orElseThrow(MendEdit::gone);
            Mend taken = checks.mends(subject, there).stream()
                    .filter(offered -> offered.label().equals(mend))
                    .findFirst()
                    .orElseThrow(MendEdit::gone);
            return new Labelled(taken.edit(), "mend: " + taken.label(), null);
        }

        private static Refused gone() {
            return new Refused(
                    "The class has changed since; that is no longer on offer. What there is to look at is told anew.");
        }

        @Override
        public String typed() {
            return "";
        }
    }
}
