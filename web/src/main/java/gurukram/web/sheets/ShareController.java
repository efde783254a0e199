package gurukram.web.sheets;

import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Links by which a class can be read without signing in, and what they open. */
@Controller
class ShareController {
    private static final Limit DAYS = new Limit("Days", 1, 365);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final SharedStore store;
    private final ClassStore classes;
    private final Homes homes;
    private final Pdf pdf;
    private final Zones zones;
    private final Clock clock;
    private final RandomGenerator random;
    private final Outside outside;

    ShareController(
            SharedStore store,
            ClassStore classes,
            Homes homes,
            Pdf pdf,
            Zones zones,
            Clock clock,
            RandomGenerator random,
            Outside outside) {
        this.random = random;
        this.outside = outside;
        this.store = store;
        this.classes = classes;
        this.homes = homes;
        this.pdf = pdf;
        this.zones = zones;
        this.clock = clock;
    }

    /** A link that is open. @param what it shows, in words */
    public record Open(String id, String what, String made, String ends) {}

    @GetMapping("/classes/{id}/share")
    String page(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        return page(teacher, id, "", "14", "", model);
    }

    private String page(Teacher teacher, ClassId id, String link, String days, String problem, Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        List<Open> open = new ArrayList<>();
        for (SharedStore.Link one : store.of(teacher, id))
            open.add(new Open(
                    one.id().toString(), words(one.shows()), day(teacher, one.madeAt()), day(teacher, one.endsAt())));
        model.addAttribute("id", id.toString());
        model.addAttribute("classTitle", stored.plan().settings().title());
        model.addAttribute(
                "sections",
                stored.plan().sections().stream()
                        .map(section -> section.title())
                        .toList());
        model.addAttribute("open", open);
        model.addAttribute("link", link);
        model.addAttribute("days", days);
        model.addAttribute("problem", problem);
        return "sheets/share";
    }

    private String day(Teacher teacher, Instant at) {
        return DAY.format(at.atZone(zones.of(teacher)));
    }

    private static String words(SharedStore.Shows shows) {
        String what = shows.home() ? "for people at home" : "the class";
        String parts = shows.parts().isEmpty() ? "" : ", " + shows.parts().size() + " of its sections";
        return what
                + parts
                + (shows.notes() ? ", with notes and needs" : "")
                + (shows.by().isEmpty() ? "" : ", with your name");
    }

    /** The link is shown once; afterwards only its sum is kept. */
    @PostMapping("/classes/{id}/share")
    String make(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "home") String kind,
            @RequestParam(defaultValue = "") List<String> part,
            @RequestParam(defaultValue = "14") String days,
            @RequestParam(defaultValue = "") String often,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        String problem;
        try {
            int forDays = DAYS.parse(days);
            boolean home = kind.equals("home");
            SharedStore.Shows shows = new SharedStore.Shows(
                    home,
                    Set.copyOf(part),
                    !home && typed.containsKey("notes"),
                    typed.containsKey("words"),
                    typed.containsKey("name") ? teacher.name() : "",
                    clipped(often));
            String secret = Secrets.make(random);
            if (store.make(teacher, id, secret, shows, clock.instant().plus(Duration.ofDays(forDays))))
                return page(teacher, id, outside.address(request, "/shared/" + secret), days, "", model);
            classes.find(teacher, id).orElseThrow(NotFound::new);
            problem = "A class has at most %d links at a time; end one first.".formatted(SharedStore.MOST_A_CLASS);
        } catch (Refused e) {
            problem = e.getMessage();
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(teacher, id, "", days, problem, model);
    }

    private static String clipped(String often) {
        String plain = Plain.line(often, "", Integer.MAX_VALUE);
        return plain.substring(0, Math.min(Homes.MOST_LETTERS, plain.length()));
    }

    @PostMapping("/classes/{id}/share/{link}/end")
    String end(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, @PathVariable UUID link) {
        if (!store.end(teacher, id, link)) throw new NotFound();
        return "redirect:/classes/" + id + "/share?ended";
    }

    /** For whoever has the link. */
    @GetMapping("/shared/{secret}")
    String shared(@PathVariable String secret, HttpServletResponse response, Model model) {
        SharedStore.Opened opened = store.open(secret).orElseThrow(NotFound::new);
        response.setHeader("X-Robots-Tag", "noindex, nofollow");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cache-Control", "no-store");
        model.addAttribute("sheet", sheet(opened));
        model.addAttribute("shows", opened.shows());
        model.addAttribute("paper", "/shared/" + secret + "/home.pdf");
        return "sheets/shared";
    }

    @Dear
    @GetMapping("/shared/{secret}/home.pdf")
    ResponseEntity<byte[]> paper(@PathVariable String secret) {
        SharedStore.Opened opened =
                store.open(secret).filter(one -> one.shows().home()).orElseThrow(NotFound::new);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("X-Robots-Tag", "noindex, nofollow")
                .header("Cache-Control", "no-store")
                .body(pdf.of("home", Map.of("sheet", sheet(opened))));
    }

    private Homes.Home sheet(SharedStore.Opened opened) {
        StoredClass stored = classes.find(opened.teacher(), opened.classId()).orElseThrow(NotFound::new);
        SharedStore.Shows shows = opened.shows();
        return homes.of(
                opened.teacher(),
                stored,
                new Homes.Asked(shows.parts(), shows.by(), shows.words(), shows.often(), null));
    }
}
