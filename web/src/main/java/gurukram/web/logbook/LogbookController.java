package gurukram.web.logbook;

import gurukram.web.account.Zones;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The logbook. */
@Controller
class LogbookController {
    static final int MOST_LETTERS = 4_000;

    private final TaughtStore taught;
    private final ClassStore classes;
    private final Zones zones;
    private final Clock clock;

    LogbookController(TaughtStore taught, ClassStore classes, Zones zones, Clock clock) {
        this.clock = clock;
        this.taught = taught;
        this.classes = classes;
        this.zones = zones;
    }

    @GetMapping("/logbook")
    String list(@AuthenticationPrincipal Teacher teacher, Model model) {
        model.addAttribute(
                "lines",
                taught.begun(teacher).stream()
                        .map(t -> LogbookPage.line(t, zones.of(teacher)))
                        .toList());
        return "logbook/logbook";
    }

    @GetMapping("/logbook/{id}")
    String detail(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, Model model) {
        return detailPage(teacher, id, model, null, "");
    }

    @PostMapping("/logbook/{id}/note")
    String note(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @RequestParam(defaultValue = "") String note,
            HttpServletResponse response,
            Model model) {
        String stripped = note.strip();
        if (stripped.length() > MOST_LETTERS) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String problem =
                    "A note has at most %,d letters; this one has %,d.".formatted(MOST_LETTERS, stripped.length());
            return detailPage(teacher, id, model, note, problem);
        }
        if (!taught.note(teacher, id, stripped)) throw new NotFound();
        return "redirect:/logbook/" + id + "?saved";
    }

    private String detailPage(Teacher teacher, TaughtId id, Model model, String typed, String problem) {
        TaughtStore.Taught found =
                taught.find(teacher, id).filter(t -> t.startedAt() != null).orElseThrow(NotFound::new);
        boolean classThere = found.classId() != null
                && classes.find(teacher, new ClassId(found.classId())).isPresent();
        LogbookPage.Detail page =
                LogbookPage.detail(found, taught.entries(teacher, id), zones.of(teacher), clock.instant(), classThere);
        model.addAttribute("page", page);
        model.addAttribute("note", typed == null ? page.note() : typed);
        model.addAttribute("problem", problem);
        return "logbook/taught";
    }
}
