package gurukram.web.teach;

import gurukram.core.felt.FeltSheet;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.Busy;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** In the room. Opening a class freezes its score; the page then plays it and sends what really happened. */
@Controller
class RoomController {
    private static final int AGAIN_IN = 3_600;

    private final ClassStore classes;
    private final Scripts scripts;
    private final TaughtStore taught;
    private final RoomLog log;
    private final RoomChanges changes;

    RoomController(ClassStore classes, Scripts scripts, TaughtStore taught, RoomLog log, RoomChanges changes) {
        this.classes = classes;
        this.scripts = scripts;
        this.taught = taught;
        this.log = log;
        this.changes = changes;
    }

    @Dear
    @PostMapping("/classes/{id}/teach")
    String teach(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        Script script = scripts.of(teacher, stored, level);
        if (script.moments().isEmpty()) return "redirect:/classes/" + id;
        return taught.open(teacher, id.value(), stored.version(), stored.plan(), script)
                .map(room -> "redirect:/room/" + room)
                .orElseThrow(() -> new Busy(AGAIN_IN));
    }

    /** The script that lets a browser load the room again while the server is away. */
    @GetMapping(value = "/room/worker.js", produces = "text/javascript;charset=UTF-8")
    ResponseEntity<Resource> worker() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .body(new ClassPathResource("pages/room-worker.js"));
    }

    @GetMapping("/room/{id}")
    String room(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, Model model) {
        TaughtStore.Taught opened = taught.find(teacher, id).orElseThrow(NotFound::new);
        if (opened.endedAt() != null) return "redirect:/logbook/" + id;
        model.addAttribute("id", id.toString());
        model.addAttribute("title", opened.title());
        model.addAttribute("classId", opened.classId());
        model.addAttribute("script", opened.script().json());
        if (opened.startedAt() != null) {
            model.addAttribute("started", opened.startedAt().toEpochMilli());
            model.addAttribute("reached", taught.reached(teacher, id));
        }
        model.addAttribute("reasons", String.join("|", LogPost.REASONS));
        return "teach/room";
    }

    /** Stores what is new; answers the ids that need not be sent again. */
    @PostMapping("/room/{id}/log")
    ResponseEntity<Map<String, Object>> log(
            @AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @RequestBody LogPost post) {
        RoomLog.Stored stored = log.store(teacher, id, post);
        return ResponseEntity.ok(Map.of(
                "stored", stored.entries().stream().map(TaughtStore.Entry::id).toList(), "changed", stored.changed()));
    }

    /** How this device is used in the room: the page keeps it in the browser. */
    @GetMapping("/room/settings")
    String settings() {
        return "teach/settings";
    }

    /** How it can go on: worked out exactly, from here on. */
    @PostMapping("/room/{id}/changes")
    ResponseEntity<RoomChanges.Answer> change(
            @AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @RequestBody ChangeAsk ask) {
        return ResponseEntity.ok(
                changes.answer(teacher, taught.find(teacher, id).orElseThrow(NotFound::new), ask));
    }

    /** The same for some minutes late at each section, for a time without the server. */
    @Dear
    @GetMapping("/room/{id}/answers")
    ResponseEntity<List<RoomChanges.Prepared>> answers(
            @AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        return ResponseEntity.ok(
                changes.prepared(teacher, taught.find(teacher, id).orElseThrow(NotFound::new)));
    }

    /** What to do about what somebody feels, in every pose of the class and for the needs of its group, for a time without the server. */
    @Dear
    @GetMapping("/room/{id}/feelings")
    ResponseEntity<FeltSheet> feelings(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        TaughtStore.Taught found = taught.find(teacher, id).orElseThrow(NotFound::new);
        return ResponseEntity.ok(scripts.feelings(teacher, found));
    }

    /** It was ended by accident: it goes on. */
    @PostMapping("/room/{id}/again")
    String again(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        taught.find(teacher, id).orElseThrow(NotFound::new);
        return taught.reopen(teacher, id) ? "redirect:/room/" + id : "redirect:/logbook/" + id;
    }

    @ExceptionHandler({Refused.class, HttpMessageNotReadableException.class})
    ResponseEntity<Map<String, String>> notALog(Exception e) {
        String what = e instanceof Refused ? e.getMessage() : "This is no log of a class.";
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(Map.of("problem", what));
    }
}
