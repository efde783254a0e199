package gurukram.web.plans.history;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.history.HistoryPage.Compared;
import gurukram.web.plans.history.HistoryPage.Line;
import gurukram.web.poses.Poses;
import gurukram.web.shared.LineDifference;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The history of a class: what it was, how that differs, and back to it. */
@Controller
class HistoryController {
    private static final int MOST = 500;

    private final ClassStore store;
    private final ClassEditor editor;
    private final Poses poses;
    private final Clock clock;

    HistoryController(ClassStore store, ClassEditor editor, Poses poses, Clock clock) {
        this.store = store;
        this.editor = editor;
        this.poses = poses;
        this.clock = clock;
    }

    /** @param with the state to compare with the class as it is */
    @GetMapping("/classes/{id}/history")
    String history(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) Integer with,
            Model model) {
        StoredClass now = store.find(teacher, id).orElseThrow(NotFound::new);
        List<Line> lines = HistoryPage.lines(store.history(teacher, id, MOST), now, clock.getZone());
        Compared compared = with == null ? null : compared(teacher, now, with, lines);
        String title = now.plan().settings().title();
        model.addAttribute("page", new HistoryPage(id.toString(), title, now.version(), lines, compared));
        return "plans/history";
    }

    private Compared compared(Teacher teacher, StoredClass now, int seq, List<Line> lines) {
        ClassPlan then = store.planAt(teacher, now.id(), seq).orElseThrow(NotFound::new);
        NotationWriter writer = new NotationWriter(poses.of(teacher));
        String when = lines.stream()
                .filter(line -> line.seq() == seq)
                .map(Line::when)
                .findFirst()
                .orElse("");
        return new Compared(seq, when, LineDifference.between(writer.write(then), writer.write(now.plan())));
    }

    /** The class becomes what it was; what it is now stays in its history. */
    @PostMapping("/classes/{id}/history/{seq}")
    String restore(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable int seq,
            @RequestParam int version) {
        ClassPlan then = store.planAt(teacher, id, seq).orElseThrow(NotFound::new);
        try {
            boolean done = editor.rewrite(teacher, id, version, then, true).isPresent();
            return done ? "redirect:/classes/" + id : "redirect:/classes/" + id + "/history?with=" + seq;
        } catch (Refused e) {
            // a pose of its own was changed so that the old class no longer holds
            return "redirect:/classes/" + id + "/history?with=" + seq;
        }
    }
}
