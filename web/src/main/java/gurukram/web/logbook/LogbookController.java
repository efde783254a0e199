package gurukram.web.logbook;

import gurukram.web.account.Zones;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtId;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    private final LogbookStore store;
    private final LogbookCare care;
    private final HandLog hand;
    private final Zones zones;

    LogbookController(LogbookStore store, LogbookCare care, HandLog hand, Zones zones) {
        this.store = store;
        this.care = care;
        this.hand = hand;
        this.zones = zones;
    }

    /**
     * @param before ms since 1970: what was taught before that
     * @param all as one page to print
     */
    @GetMapping("/logbook")
    String list(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) Long before,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        int most = all ? MOST_ROWS : A_PAGE;
        LogbookStore.Search search = new LogbookStore.Search(
                clipped(q),
                before == null ? null : Instant.ofEpochMilli(Math.max(0, Math.min(LATEST, before))),
                most + 1);
        List<LogbookStore.Heading> found = store.begun(teacher, search);
        boolean more = found.size() > most;
        List<LogbookStore.Heading> shown = more ? found.subList(0, most) : found;
        model.addAttribute("q", clipped(q));
        model.addAttribute("all", all);
        model.addAttribute("classes", all ? List.of() : hand.choices(teacher));
        if (!model.containsAttribute("typed")) model.addAttribute("typed", ByHand.FRESH);
        model.addAttribute(
                "deleted",
                all
                        ? List.of()
                        : store.deleted(teacher).stream()
                                .map(t -> LogbookPage.line(t, zones.of(teacher)))
                                .toList());
        model.addAttribute("older", more ? shown.get(most - 1).startedAt().toEpochMilli() : null);
        model.addAttribute(
                "lines",
                shown.stream().map(t -> LogbookPage.line(t, zones.of(teacher))).toList());
        return "logbook/logbook";
    }

    /** What is found as a table; at most so many lines that a program can still read them at once. */
    @GetMapping(value = "/logbook.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String q) {
        List<LogbookStore.Row> rows = store.rows(teacher, new LogbookStore.Search(clipped(q), null, MOST_ROWS));
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"logbook.csv\"")
                .body(LogbookTable.of(rows, zones.of(teacher)));
    }

    private static String clipped(String q) {
        String plain = q.replaceAll("\\p{Cntrl}", " ").strip();
        return plain.length() > MOST_ASKED ? plain.substring(0, MOST_ASKED) : plain;
    }

    /** A class that was taught without the room, in one line. */
    @PostMapping("/logbook/by-hand")
    String byHand(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(name = "class") ClassId classId,
            @RequestParam(defaultValue = "") String line,
            HttpServletResponse response,
            Model model) {
        List<String> problems = new ArrayList<>();
        Optional<TaughtId> kept = hand.keep(teacher, classId, line, problems);
        if (kept.isPresent()) return "redirect:/logbook/" + kept.get() + "?kept";
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("typed", new ByHand(classId.toString(), line, problems));
        return list(teacher, "", null, false, model);
    }

    /** As it was typed. @param problems why it cannot be taken; nothing is lost of it */
    public record ByHand(String classId, String line, List<String> problems) {
        static final ByHand FRESH = new ByHand("", "", List.of());
    }

    @PostMapping("/logbook/{id}/restore")
    String restore(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        care.restore(teacher, id);
        return "redirect:/logbook/" + id;
    }
}
