package gurukram.web.teach;

import gurukram.core.check.Subject;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.shared.Busy;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
    private final ClassChecks checks;
    private final GroupStore groups;
    private final TaughtStore taught;
    private final RoomLog log;

    RoomController(ClassStore classes, ClassChecks checks, GroupStore groups, TaughtStore taught, RoomLog log) {
        this.groups = groups;
        this.classes = classes;
        this.checks = checks;
        this.taught = taught;
        this.log = log;
    }

    @Dear
    @PostMapping("/classes/{id}/teach")
    String teach(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level) {
        ClassPlan plan = classes.find(teacher, id).orElseThrow(NotFound::new).plan();
        Level asked = View.of(level, plan.settings()).level();
        Level shown = asked == null ? plan.settings().level() : asked;
        Subject subject = checks.of(teacher, id).subject(plan, shown);
        Script script = ScriptWriter.write(subject, shown, checks.schoolOf(teacher), starts(teacher, id, plan));
        if (script.moments().isEmpty()) return "redirect:/classes/" + id;
        return taught.open(teacher, id.value(), script)
                .map(room -> "redirect:/room/" + room)
                .orElseThrow(() -> new Busy(AGAIN_IN));
    }

    /** By the class itself, else by its group; null when neither says. */
    private LocalTime starts(Teacher teacher, ClassId id, ClassPlan plan) {
        String own = plan.settings().starts();
        if (!own.isEmpty()) return LocalTime.parse(own.length() == 4 ? "0" + own : own);
        UUID group = classes.group(teacher, id);
        return group == null
                ? null
                : groups.group(teacher, group).map(Group::startsAt).orElse(null);
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
        model.addAttribute("reasons", String.join("|", LogPost.REASONS));
        return "teach/room";
    }

    /** Stores what is new; answers the ids that need not be sent again. */
    @PostMapping("/room/{id}/log")
    ResponseEntity<Map<String, Object>> log(
            @AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @RequestBody LogPost post) {
        List<TaughtStore.Entry> entries = log.store(teacher, id, post);
        return ResponseEntity.ok(
                Map.of("stored", entries.stream().map(TaughtStore.Entry::id).toList()));
    }

    @ExceptionHandler({Refused.class, HttpMessageNotReadableException.class})
    ResponseEntity<Map<String, String>> notALog(Exception e) {
        String what = e instanceof Refused ? e.getMessage() : "This is no log of a class.";
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(Map.of("problem", what));
    }
}
