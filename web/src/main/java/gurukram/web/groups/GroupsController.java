package gurukram.web.groups;

import gurukram.core.caution.Rulebook;
import gurukram.core.group.Room;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.web.account.Zones;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.DayOfWeek;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The teacher's weekly groups, and the rooms they meet in. */
@Controller
class GroupsController {
    private final GroupStore store;
    private final Zones zones;
    private final Clock clock;

    GroupsController(GroupStore store, Zones zones, Clock clock) {
        this.store = store;
        this.zones = zones;
        this.clock = clock;
    }

    /** One choice of a list. */
    public record Choice(String value, String words, boolean chosen) {}

    /** A need with how many people have it. */
    /** @param ask what a teacher may ask people */
    public record Counted(String field, String words, String ask, String people, String problem) {}

    @GetMapping("/groups")
    String groups(@AuthenticationPrincipal Teacher teacher, Model model) {
        List<KeptRoom> rooms = store.rooms(teacher);
        model.addAttribute(
                "groups",
                store.groups(teacher).stream().map(g -> Line.of(g, rooms)).toList());
        model.addAttribute("rooms", rooms);
        return "groups/groups";
    }

    /** The weekly groups for a calendar; their needs are left out. */
    @GetMapping(value = "/groups.ics", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar(@AuthenticationPrincipal Teacher teacher) {
        Map<UUID, String> rooms = new HashMap<>();
        store.rooms(teacher).forEach(kept -> rooms.put(kept.id(), kept.room().name()));
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"groups.ics\"")
                .body(WeeklyCalendar.of(store.groups(teacher), rooms, zones.of(teacher), clock));
    }

    /** A group as the list shows it. */
    public record Line(String id, String name, String when, String people, String room) {
        static Line of(Group group, List<KeptRoom> rooms) {
            String room = rooms.stream()
                    .filter(kept -> kept.id().equals(group.room()))
                    .map(kept -> kept.room().name())
                    .findFirst()
                    .orElse("");
            return new Line(group.id().toString(), group.name(), group.when(), group.people(), room);
        }
    }

    @GetMapping("/groups/new")
    String newGroup(@AuthenticationPrincipal Teacher teacher, Model model) {
        GroupForm form = new GroupForm(Map.of("day", "TUESDAY", "slot", "60", "mats", "12", "level", "BEGINNER"));
        return groupPage(teacher, null, form, Map.of(), model);
    }

    @GetMapping("/groups/{id}")
    String group(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        Group group = store.group(teacher, id).orElseThrow(NotFound::new);
        return groupPage(teacher, id, GroupForm.of(group), Map.of(), model);
    }

    @PostMapping({"/groups/new", "/groups/{id}"})
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable(required = false) UUID id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        if (id != null && store.group(teacher, id).isEmpty()) throw new NotFound();
        GroupForm form = new GroupForm(typed);
        Map<String, String> problems = new LinkedHashMap<>();
        Group group = form.read(id, problems);
        if (group == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return groupPage(teacher, id, form, problems, model);
        }
        if (id == null) store.create(teacher, group);
        else store.change(teacher, group);
        return "redirect:/groups";
    }

    @PostMapping("/groups/{id}/remove")
    String remove(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        if (!store.remove(teacher, id)) throw new NotFound();
        return "redirect:/groups";
    }

    private String groupPage(Teacher teacher, UUID id, GroupForm form, Map<String, String> problems, Model model) {
        model.addAttribute("id", id);
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("days", choices(DayOfWeek.values(), form.value("day")));
        model.addAttribute("levels", choices(Level.values(), form.value("level")));
        model.addAttribute("styles", choices(Style.values(), form.value("style")));
        model.addAttribute(
                "rooms",
                store.rooms(teacher).stream()
                        .map(r -> new Choice(
                                r.id().toString(),
                                r.room().name(),
                                r.id().toString().equals(form.value("room"))))
                        .toList());
        model.addAttribute(
                "needs",
                Stream.of(Need.values())
                        .map(need -> {
                            String field = "need-" + need.name();
                            Rulebook.NeedGuide guide = Rulebook.shipped().of(need);
                            return new Counted(
                                    field, guide.name(), guide.ask(), form.value(field), problems.get(field));
                        })
                        .toList());
        return "groups/group";
    }

    private static List<Choice> choices(Enum<?>[] values, String chosen) {
        return Stream.of(values)
                .map(v -> {
                    String words = v.name().toLowerCase(Locale.ROOT);
                    boolean day = v instanceof DayOfWeek;
                    return new Choice(
                            v.name(),
                            day ? words.substring(0, 1).toUpperCase() + words.substring(1) : words,
                            v.name().equals(chosen));
                })
                .toList();
    }

    @GetMapping("/rooms/new")
    String newRoom(Model model) {
        return roomPage(null, new RoomForm(Map.of("mats", "12", "wall", "on")), Map.of(), model);
    }

    @GetMapping("/rooms/{id}")
    String room(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        KeptRoom kept = store.room(teacher, id).orElseThrow(NotFound::new);
        return roomPage(id, RoomForm.of(kept.room()), Map.of(), model);
    }

    @PostMapping({"/rooms/new", "/rooms/{id}"})
    String keepRoom(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable(required = false) UUID id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        if (id != null && store.room(teacher, id).isEmpty()) throw new NotFound();
        RoomForm form = new RoomForm(typed);
        Map<String, String> problems = new LinkedHashMap<>();
        Room room = form.read(problems);
        if (room == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return roomPage(id, form, problems, model);
        }
        if (id == null) store.create(teacher, room);
        else store.change(teacher, new KeptRoom(id, room));
        return "redirect:/groups";
    }

    @PostMapping("/rooms/{id}/remove")
    String removeRoom(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        if (!store.removeRoom(teacher, id)) throw new NotFound();
        return "redirect:/groups";
    }

    private static String roomPage(UUID id, RoomForm form, Map<String, String> problems, Model model) {
        model.addAttribute("id", id);
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute(
                "props",
                RoomForm.PROPS.stream()
                        .map(prop -> new Counted(
                                "prop-" + prop,
                                prop + "s",
                                "",
                                form.value("prop-" + prop),
                                problems.get("prop-" + prop)))
                        .toList());
        return "groups/room";
    }
}
