package gurukram.web.plans.history;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
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
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.HttpStatus;
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
    private static final String MOVED_ON = "The class was changed in another window meanwhile, so it was not put back."
            + " Below is how it differs now; put it back again if you still want to.";

    private final ClassStore store;
    private final ClassEditor editor;
    private final Poses poses;
    private final Zones zones;

    HistoryController(ClassStore store, ClassEditor editor, Poses poses, Zones zones) {
        this.store = store;
        this.editor = editor;
        this.poses = poses;
        this.zones = zones;
    }

    /** @param with the state to compare with the class as it is */
    @GetMapping("/classes/{id}/history")
    String history(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) Integer with,
            Model model) {
        return page(teacher, id, with, "", model);
    }

    private String page(Teacher teacher, ClassId id, Integer with, String notice, Model model) {
        StoredClass now = store.find(teacher, id).orElseThrow(NotFound::new);
        List<Line> lines = HistoryPage.lines(store.history(teacher, id, MOST), now, zones.of(teacher));
        Compared compared = with == null ? null : compared(teacher, now, with, lines);
        String title = now.plan().settings().title();
        model.addAttribute("page", new HistoryPage(id.toString(), title, now.version(), lines, compared, notice));
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
            @RequestParam int version,
            HttpServletResponse response,
            Model model) {
        ClassPlan then = store.planAt(teacher, id, seq).orElseThrow(NotFound::new);
        try {
            if (editor.rewrite(teacher, id, version, then, true).isPresent()) return "redirect:/classes/" + id;
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(teacher, id, seq, MOVED_ON, model);
        } catch (Refused e) {
            // a pose of its own was changed so that the old class no longer holds
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, id, seq, e.getMessage(), model);
        }
    }
}
