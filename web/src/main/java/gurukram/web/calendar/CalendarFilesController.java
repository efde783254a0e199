package gurukram.web.calendar;

import static gurukram.web.shared.Typed.take;

import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.groups.GroupStore;
import gurukram.web.groups.KeptRoom;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The calendar for other programs, other calendars for ours, and how far rooms are apart. */
@Controller
class CalendarFilesController {
    private static final String TYPE = "text/calendar;charset=UTF-8";
    private static final int WEEKS_BACK = 8;
    private static final int WEEKS_AHEAD = 52;

    private final Agenda agenda;
    private final CalendarStore store;
    private final GroupStore groups;
    private final Zones zones;
    private final Clock clock;
    private final RandomGenerator random;
    private final Outside outside;

    CalendarFilesController(
            Agenda agenda,
            CalendarStore store,
            GroupStore groups,
            Zones zones,
            Clock clock,
            RandomGenerator random,
            Outside outside) {
        this.agenda = agenda;
        this.store = store;
        this.groups = groups;
        this.zones = zones;
        this.clock = clock;
        this.random = random;
        this.outside = outside;
    }

    /** The way between two rooms. */
    public record Way(String from, String fromName, String to, String toName, String minutes, String problem) {
        public String field() {
            return "way-" + from + "-" + to;
        }
    }

    @GetMapping("/calendar/files")
    String files(@AuthenticationPrincipal Teacher teacher, Model model) {
        return page(teacher, "", "", Map.of(), Map.of(), model);
    }

    private String page(
            Teacher teacher,
            String link,
            String problem,
            Map<String, String> typed,
            Map<String, String> problems,
            Model model) {
        model.addAttribute("link", link);
        model.addAttribute("problem", problem);
        model.addAttribute("pasted", typed.getOrDefault("text", ""));
        model.addAttribute(
                "made",
                store.feedMade(teacher)
                        .map(at -> MonthPage.moment(zones.at(teacher, at)))
                        .orElse(""));
        model.addAttribute("ways", ways(teacher, typed, problems));
        return "calendar/files";
    }

    private List<Way> ways(Teacher teacher, Map<String, String> typed, Map<String, String> problems) {
        List<KeptRoom> rooms = groups.rooms(teacher);
        Map<List<UUID>, Integer> known = store.ways(teacher);
        List<Way> ways = new ArrayList<>();
        for (int i = 0; i < rooms.size(); i++)
            for (int j = i + 1; j < rooms.size(); j++) {
                UUID from = rooms.get(i).id();
                UUID to = rooms.get(j).id();
                String field = "way-" + from + "-" + to;
                Integer minutes = known.get(List.of(from, to));
                ways.add(new Way(
                        from.toString(),
                        rooms.get(i).room().name(),
                        to.toString(),
                        rooms.get(j).room().name(),
                        typed.getOrDefault(field, minutes == null ? "" : minutes.toString()),
                        problems.get(field)));
            }
        return ways;
    }

    @PostMapping("/calendar/ways")
    String keepWays(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new LinkedHashMap<>();
        Map<Way, Integer> read = new LinkedHashMap<>();
        for (Way way : ways(teacher, Map.of(), Map.of())) {
            String typed = sent.getOrDefault(way.field(), "").strip();
            Integer minutes = take(way.field(), problems, () -> typed.isEmpty() ? 0 : CalendarForm.WAY.parse(typed));
            read.put(way, minutes);
        }
        if (!problems.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, "", "", CalendarForm.of(sent).typed(), problems, model);
        }
        read.forEach(
                (way, minutes) -> store.way(teacher, UUID.fromString(way.from()), UUID.fromString(way.to()), minutes));
        return "redirect:/calendar/files";
    }

    // --- out

    @GetMapping(value = "/calendar.ics", produces = TYPE)
    ResponseEntity<String> file(@AuthenticationPrincipal Teacher teacher) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gurukram.ics\"")
                .body(calendar(teacher));
    }

    private String calendar(Teacher teacher) {
        LocalDate today = zones.today(teacher);
        List<Entry> own = agenda.between(teacher, today.minusWeeks(WEEKS_BACK), today.plusWeeks(WEEKS_AHEAD)).stream()
                // what came from another calendar is there already
                .filter(Entry::teachable)
                .toList();
        return CalendarFile.of(own, zones.of(teacher), clock);
    }

    /** What anybody reads who has the link; it knows no password. */
    @GetMapping(value = "/calendar/feed/{secret}.ics", produces = TYPE)
    ResponseEntity<String> feed(@PathVariable String secret) {
        Teacher teacher = store.feedOf(secret).orElseThrow(NotFound::new);
        return ResponseEntity.ok()
                .header(HttpHeaders.CACHE_CONTROL, "private, no-cache")
                .header("X-Robots-Tag", "noindex")
                .body(calendar(teacher));
    }

    /** A new link; the one before opens nothing any more. It is shown once. */
    @PostMapping("/calendar/feed")
    String make(@AuthenticationPrincipal Teacher teacher, HttpServletRequest request, Model model) {
        String secret = Secrets.make(random);
        store.feed(teacher, secret);
        return page(
                teacher, outside.address(request, "/calendar/feed/" + secret + ".ics"), "", Map.of(), Map.of(), model);
    }

    @PostMapping("/calendar/feed/end")
    String end(@AuthenticationPrincipal Teacher teacher) {
        store.endFeed(teacher);
        return "redirect:/calendar/files";
    }

    // --- in

    /** Takes over a calendar, from a file or pasted; what came from it before is replaced. */
    @PostMapping("/calendar/import")
    String bring(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String text,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        String given = text;
        try {
            if (file != null && !file.isEmpty()) given = text(file);
            if (given.isBlank()) throw new Refused("Choose a file, or paste what is in it.");
            LocalDate today = zones.today(teacher);
            CalendarFile.Read read = CalendarFile.read(
                    given, zones.of(teacher), today.minusWeeks(WEEKS_BACK), today.plusWeeks(WEEKS_AHEAD));
            int put = store.replace(teacher, read.uids(), read.events());
            List<String> told = new ArrayList<>();
            told.add(put == 1 ? "1 date is taken over." : "%d dates are taken over.".formatted(put));
            if (put < read.events().size())
                told.add(
                        "There was no room for %d more.".formatted(read.events().size() - put));
            told.addAll(read.said());
            after.addFlashAttribute("told", told);
            return "redirect:/calendar";
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, "", e.getMessage(), Map.of("text", text), Map.of(), model);
        }
    }

    private static String text(MultipartFile file) {
        try {
            if (file.getSize() > CalendarFile.MOST_LETTERS)
                throw new Refused("The file is larger than a calendar of some years.");
            return new String(file.getBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new Refused("The file could not be read; please choose it again.");
        }
    }

    /** Everything that came from other calendars goes. */
    @PostMapping("/calendar/import/remove")
    String forget(@AuthenticationPrincipal Teacher teacher, RedirectAttributes after) {
        after.addFlashAttribute("told", List.of("Taken out: %d.".formatted(store.removeImported(teacher))));
        return "redirect:/calendar";
    }
}
