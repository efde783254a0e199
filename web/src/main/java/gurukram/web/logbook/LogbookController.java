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
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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
    private static final int A_PAGE = 100;
    private static final int MOST_ROWS = 5_000;
    private static final int MOST_ASKED = 100;
    private static final long LATEST = 7_258_118_400_000L;

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

    /** @param before ms since 1970: what was taught before that */
    @GetMapping("/logbook")
    String list(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) Long before,
            Model model) {
        TaughtStore.Search search = new TaughtStore.Search(
                clipped(q),
                before == null ? null : Instant.ofEpochMilli(Math.max(0, Math.min(LATEST, before))),
                A_PAGE + 1);
        List<TaughtStore.Heading> found = taught.begun(teacher, search);
        boolean more = found.size() > A_PAGE;
        List<TaughtStore.Heading> shown = more ? found.subList(0, A_PAGE) : found;
        model.addAttribute("q", clipped(q));
        model.addAttribute("older", more ? shown.get(A_PAGE - 1).startedAt().toEpochMilli() : null);
        model.addAttribute(
                "lines",
                shown.stream().map(t -> LogbookPage.line(t, zones.of(teacher))).toList());
        return "logbook/logbook";
    }

    /** What is found as a table; at most so many lines that a program can still read them at once. */
    @GetMapping(value = "/logbook.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String q) {
        List<TaughtStore.Row> rows = taught.rows(teacher, new TaughtStore.Search(clipped(q), null, MOST_ROWS));
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"logbook.csv\"")
                .body(LogbookTable.of(rows, zones.of(teacher)));
    }

    private static String clipped(String q) {
        String plain = q.replaceAll("\\p{Cntrl}", " ").strip();
        return plain.length() > MOST_ASKED ? plain.substring(0, MOST_ASKED) : plain;
    }

    @GetMapping("/logbook/{id}")
    String detail(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, Model model) {
        return detailPage(teacher, id, model, null, Map.of());
    }

    @PostMapping("/logbook/{id}/note")
    String afterwards(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            LookingBackForm form,
            HttpServletResponse response,
            Model model) {
        LookingBack typed = form.typed();
        Map<String, String> problems = typed.problems();
        if (!problems.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return detailPage(teacher, id, model, typed, problems);
        }
        if (!taught.afterwards(teacher, id, typed.said())) throw new NotFound();
        return "redirect:/logbook/" + id + "?saved";
    }

    /** As the form sends it: what is not there is empty. */
    record LookingBackForm(String people, String firstTimers, String felt, String note) {
        LookingBack typed() {
            return new LookingBack(or(people), or(firstTimers), or(felt), or(note));
        }

        private static String or(String typed) {
            return typed == null ? "" : typed;
        }
    }

    private String detailPage(
            Teacher teacher, TaughtId id, Model model, LookingBack typed, Map<String, String> problems) {
        TaughtStore.Taught found =
                taught.find(teacher, id).filter(t -> t.startedAt() != null).orElseThrow(NotFound::new);
        boolean classThere = found.classId() != null
                && classes.find(teacher, new ClassId(found.classId())).isPresent();
        model.addAttribute(
                "page",
                LogbookPage.detail(found, taught.entries(teacher, id), zones.of(teacher), clock.instant(), classThere));
        model.addAttribute("typed", typed == null ? LookingBack.of(found) : typed);
        model.addAttribute("problems", problems);
        return "logbook/taught";
    }
}
