package gurukram.web.logbook;

import gurukram.core.pose.Ladder;
import gurukram.core.progress.Tries;
import gurukram.web.account.Zones;
import gurukram.web.groups.TriesForm;
import gurukram.web.groups.TriesStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.FeltStore;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One class that was taught: what came of it, what its teacher says of it, and what is put right. */
@Controller
class TaughtController {
    private static final int MOST_NOTE = 400;

    private final LogbookStore store;
    private final LogbookCare care;
    private final TaughtStore taught;
    private final ClassStore classes;
    private final CarriedStore carried;
    private final TriesStore tries;
    private final Poses poses;
    private final FeltStore felt;
    private final Zones zones;
    private final Clock clock;

    TaughtController(
            LogbookStore store,
            LogbookCare care,
            TaughtStore taught,
            ClassStore classes,
            CarriedStore carried,
            TriesStore tries,
            Poses poses,
            FeltStore felt,
            Zones zones,
            Clock clock) {
        this.store = store;
        this.care = care;
        this.taught = taught;
        this.classes = classes;
        this.carried = carried;
        this.tries = tries;
        this.poses = poses;
        this.felt = felt;
        this.zones = zones;
        this.clock = clock;
    }

    @GetMapping("/logbook/{id}")
    String detail(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, Model model) {
        return page(teacher, id, model, new HashMap<>(), Map.of());
    }

    /** Moment by moment, as a table. */
    @GetMapping(value = "/logbook/{id}/moments.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> moments(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        Taught found = find(teacher, id);
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moments.csv\"")
                .body(LogbookTable.of(found, taught.entries(teacher, id), zones.of(teacher)));
    }

    @PostMapping("/logbook/{id}/note")
    String afterwards(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        LookingBack read = LookingBack.typed(typed);
        Map<String, String> problems = read.problems();
        if (!problems.isEmpty()) return refused(teacher, id, response, model, typed, problems);
        care.lookBack(teacher, id, read.said());
        return "redirect:/logbook/" + id + "?saved";
    }

    /** When it began and how long it took, put right. */
    @PostMapping("/logbook/{id}/times")
    String times(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new LinkedHashMap<>();
        TimesForm.Times times = TimesForm.read(typed, zones.of(teacher), clock.instant(), problems);
        if (!problems.isEmpty()) return refused(teacher, id, response, model, typed, problems);
        care.times(teacher, id, times.began(), times.ended());
        return "redirect:/logbook/" + id + "?saved#times";
    }

    /** A note on a step: it comes back the next time the class is taught. */
    @PostMapping("/logbook/{id}/rows")
    String row(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Taught found = find(teacher, id);
        String words =
                typed.getOrDefault("words", "").replaceAll("\\p{Cc}", " ").strip();
        String node = typed.getOrDefault("node", "");
        Map<String, String> problems = new LinkedHashMap<>();
        String step = RowNotes.name(found.script(), node);
        if (step.isEmpty()) problems.put("node", "Choose what it is about.");
        if (words.isEmpty()) problems.put("words", "What is to change?");
        if (words.length() > MOST_NOTE)
            problems.put("words", "At most %d letters; this has %d.".formatted(MOST_NOTE, words.length()));
        boolean kept = problems.isEmpty()
                && found.classId() != null
                && carried.note(teacher, found.classId(), id.value(), node, step + ": " + words);
        if (problems.isEmpty() && !kept)
            problems.put("words", "It cannot be kept: the class is gone, or it has a hundred notes.");
        if (!problems.isEmpty()) return refused(teacher, id, response, model, typed, problems);
        return "redirect:/logbook/" + id + "?saved#rows";
    }

    @PostMapping("/logbook/{id}/rows/{note}/out")
    String rowOut(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @PathVariable UUID note) {
        Taught found = find(teacher, id);
        if (found.classId() == null || !carried.settle(teacher, new ClassId(found.classId()), note, false))
            throw new NotFound();
        return "redirect:/logbook/" + id + "#rows";
    }

    /** What the group tried of a ladder in this class. */
    @PostMapping("/logbook/{id}/tries/{ladder}")
    String tries(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @PathVariable String ladder,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Taught found = find(teacher, id);
        Ladder of = poses.of(teacher).ladder(ladder).orElseThrow(NotFound::new);
        Map<String, String> problems = new LinkedHashMap<>();
        Map<String, String> whole = new HashMap<>(typed);
        whole.put("day", day(teacher, found));
        Tries read = TriesForm.read(whole, of, problems);
        if (problems.isEmpty()
                && (found.group() == null || !tries.keepOfLog(teacher, found.group(), ladder, read, id.value())))
            problems.put("tries", "Its group is no longer there.");
        if (!problems.isEmpty()) return refused(teacher, id, response, model, typed, problems);
        return "redirect:/logbook/" + id + "?saved#tries";
    }

    @PostMapping("/logbook/{id}/tries/{ladder}/out")
    String triesOut(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @PathVariable String ladder) {
        find(teacher, id);
        if (!tries.forget(teacher, id.value(), ladder)) throw new NotFound();
        return "redirect:/logbook/" + id + "#tries";
    }

    @PostMapping("/logbook/{id}/delete")
    String delete(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        care.delete(teacher, id);
        return "redirect:/logbook?deleted";
    }

    private Taught find(Teacher teacher, TaughtId id) {
        return taught.find(teacher, id).filter(t -> t.startedAt() != null).orElseThrow(NotFound::new);
    }

    private String day(Teacher teacher, Taught found) {
        return found.startedAt().atZone(zones.of(teacher)).toLocalDate().toString();
    }

    private String refused(
            Teacher teacher,
            TaughtId id,
            HttpServletResponse response,
            Model model,
            Map<String, String> typed,
            Map<String, String> problems) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(teacher, id, model, typed, problems);
    }

    /** @param typed what was sent and cannot be kept yet, by field; the rest stands as it is stored */
    private String page(
            Teacher teacher, TaughtId id, Model model, Map<String, String> typed, Map<String, String> problems) {
        Taught found = find(teacher, id);
        List<Entry> entries = taught.entries(teacher, id);
        ZoneId zone = zones.of(teacher);
        boolean classThere = found.classId() != null
                && classes.find(teacher, new ClassId(found.classId())).isPresent();
        Instant now = clock.instant();
        model.addAttribute("page", LogbookPage.detail(found, entries, zone, now, classThere));
        model.addAttribute("felt", felt.of(teacher, id));
        Map<String, String> shown = new HashMap<>(LookingBack.of(found).fields());
        shown.putAll(TimesForm.of(found, zone));
        shown.putAll(typed);
        model.addAttribute("typed", shown);
        model.addAttribute("problems", problems);
        model.addAttribute("steps", classThere ? RowNotes.steps(found.script()) : List.of());
        model.addAttribute("notes", carried.notes(teacher, id.value()));
        model.addAttribute(
                "ladders", TriesPart.of(found, entries, tries.ofLog(teacher, id.value()), poses.of(teacher)));
        model.addAttribute(
                "corrections",
                store.corrections(teacher, id).stream()
                        .map(one -> LogbookPage.corrected(one, zone))
                        .toList());
        return "logbook/taught";
    }
}
