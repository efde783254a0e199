package gurukram.web.teach;

import gurukram.core.text.Plain;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The same room without people: nothing goes to the logbook, and what was marked goes to the class. */
@Controller
class RehearsalController {
    private static final Set<String> WAYS = Set.of("1", "4", "8", "finger");
    private static final int MOST_PLACES = 300;
    private static final int MOST_LETTERS = 120;
    private static final long DAY_MS = 24L * 60 * 60_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ClassStore classes;
    private final ClassChecks checks;
    private final Scripts scripts;
    private final RehearsalStore rehearsals;
    private final CarriedStore carried;

    RehearsalController(
            ClassStore classes, ClassChecks checks, Scripts scripts, RehearsalStore rehearsals, CarriedStore carried) {
        this.carried = carried;
        this.classes = classes;
        this.checks = checks;
        this.scripts = scripts;
        this.rehearsals = rehearsals;
    }

    @Dear
    @GetMapping("/classes/{id}/rehearse")
    String rehearse(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level,
            @RequestParam(defaultValue = "4") String way,
            Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        Script script = scripts.of(teacher, stored, level);
        if (script.moments().isEmpty()) return "redirect:/classes/" + id;
        model.addAttribute("id", id.toString());
        model.addAttribute("title", script.title());
        model.addAttribute("classId", id.value());
        model.addAttribute("script", script.json());
        model.addAttribute("reasons", "");
        model.addAttribute("rehearses", WAYS.contains(way) ? way : "4");
        return "teach/room";
    }

    @PostMapping("/classes/{id}/rehearsals")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "[]") String places,
            @RequestParam(defaultValue = "0") long took,
            @RequestParam(defaultValue = "4") String way) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        long planned = checks.found(teacher, stored, View.of(null, stored.plan().settings()))
                .subject()
                .score()
                .totalMs();
        List<RehearsalStore.Place> marked = read(places);
        UUID kept = rehearsals.keep(
                teacher,
                id.value(),
                WAYS.contains(way) ? way : "4",
                Math.max(0, Math.min(DAY_MS, took)),
                planned,
                marked);
        carried.keep(
                teacher,
                id.value(),
                kept,
                marked.stream().map(RehearsalController::news).distinct().toList());
        return "redirect:/classes/" + id + "/rehearsals/" + kept;
    }

    @GetMapping("/classes/{id}/rehearsals/{rehearsal}")
    String page(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable UUID rehearsal,
            Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        RehearsalStore.Rehearsal kept =
                rehearsals.find(teacher, id.value(), rehearsal).orElseThrow(NotFound::new);
        model.addAttribute("id", id.toString());
        model.addAttribute("classTitle", stored.plan().settings().title());
        model.addAttribute(
                "page",
                RehearsalPage.of(
                        kept,
                        scripts.starts(teacher, stored),
                        checks.found(
                                teacher, stored, View.of(null, stored.plan().settings()))));
        return "teach/rehearsal";
    }

    private static CarriedStore.News news(RehearsalStore.Place place) {
        String where = place.side() == null ? place.name() : place.name() + ", " + place.side();
        boolean words = place.what().equals("words");
        return new CarriedStore.News(
                "place", place.node(), words ? where + ": " + place.words() : "you stumbled at " + where);
    }

    /** What the page marked; what is no place is passed over. */
    private static List<RehearsalStore.Place> read(String places) {
        try {
            return Arrays.stream(JSON.readValue(places, Told[].class))
                    .filter(place ->
                            place != null && place.node() != null && place.name() != null && place.what() != null)
                    .limit(MOST_PLACES)
                    .map(place -> new RehearsalStore.Place(
                            clip(place.node()),
                            clip(place.side()),
                            clip(place.name()),
                            place.atMs() == null ? 0 : Math.max(0, Math.min(DAY_MS, place.atMs())),
                            clip(place.what()),
                            clip(place.words())))
                    .toList();
        } catch (JacksonException e) {
            return List.of();
        }
    }

    /** A place as the page tells it: anything may be missing. */
    record Told(String node, String side, String name, Long atMs, String what, String words) {}

    private static String clip(String words) {
        if (words == null) return null;
        String plain = Plain.line(words, "", Integer.MAX_VALUE);
        return plain.substring(0, Math.min(MOST_LETTERS, plain.length()));
    }
}
