package gurukram.web.calendar;

import gurukram.web.account.Zones;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Weeks and months, a date of a group, and what else there is on a day. */
@Controller
class CalendarController {
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2100;

    private final Agenda agenda;
    private final CalendarStore store;
    private final GroupStore groups;
    private final ClassStore classes;
    private final Booked booked;
    private final Zones zones;
    private final StandIns standIns;

    CalendarController(
            Agenda agenda,
            CalendarStore store,
            GroupStore groups,
            ClassStore classes,
            Booked booked,
            Zones zones,
            StandIns standIns) {
        this.standIns = standIns;
        this.agenda = agenda;
        this.store = store;
        this.groups = groups;
        this.classes = classes;
        this.booked = booked;
        this.zones = zones;
    }

    /** One choice of a list. */
    public record Choice(String value, String words, boolean chosen) {}

    @GetMapping("/calendar")
    String month(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String month, Model model) {
        LocalDate today = zones.today(teacher);
        YearMonth asked = month(month, today);
        List<Entry> entries = agenda.between(teacher, MonthPage.first(asked), MonthPage.last(asked));
        return page(MonthPage.month(asked, entries, today), model);
    }

    @GetMapping("/calendar/week")
    String week(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String day, Model model) {
        LocalDate today = zones.today(teacher);
        LocalDate monday = day(day, today).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return page(MonthPage.week(monday, agenda.between(teacher, monday, monday.plusDays(6)), today), model);
    }

    private String page(MonthPage page, Model model) {
        model.addAttribute("page", page);
        model.addAttribute("canAsk", booked.canBeAsked());
        model.addAttribute("madeUp", booked.isMadeUp());
        return "calendar/calendar";
    }

    /** What cannot be read is today's. */
    private static YearMonth month(String typed, LocalDate today) {
        try {
            YearMonth month = YearMonth.parse(typed.strip());
            return isKnown(month.getYear()) ? month : YearMonth.from(today);
        } catch (DateTimeException e) {
            return YearMonth.from(today);
        }
    }

    private static LocalDate day(String typed, LocalDate today) {
        try {
            LocalDate day = LocalDate.parse(typed.strip());
            return isKnown(day.getYear()) ? day : today;
        } catch (DateTimeException e) {
            return today;
        }
    }

    private static boolean isKnown(int year) {
        return year >= FIRST_YEAR && year <= LAST_YEAR;
    }

    /** Asks the studio's calendar for this week and the next. */
    @PostMapping("/calendar/bookings")
    String ask(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String back,
            RedirectAttributes after) {
        LocalDate today = zones.today(teacher);
        after.addFlashAttribute("told", booked.ask(teacher, today, today.plusWeeks(2)));
        return back.startsWith("week") ? "redirect:/calendar/week" : "redirect:/calendar";
    }

    // --- a date of a group

    @GetMapping("/calendar/groups/{group}/{day}")
    String meeting(
            @AuthenticationPrincipal Teacher teacher, @PathVariable UUID group, @PathVariable String day, Model model) {
        Group known = groups.group(teacher, group).orElseThrow(NotFound::new);
        LocalDate date = dayOf(known, day);
        return meeting(
                teacher, known, date, CalendarForm.of(store.meeting(teacher, group, date), known), Map.of(), model);
    }

    static LocalDate dayOf(Group group, String typed) {
        LocalDate day = day(typed, LocalDate.EPOCH);
        if (day.equals(LocalDate.EPOCH) || day.getDayOfWeek() != group.day()) throw new NotFound();
        return day;
    }

    private String meeting(
            Teacher teacher, Group group, LocalDate day, CalendarForm form, Map<String, String> problems, Model model) {
        model.addAttribute("group", group);
        model.addAttribute("day", day);
        model.addAttribute("words", MonthPage.words(day));
        model.addAttribute("meeting", store.meeting(teacher, group.id(), day));
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("classes", classes(teacher, form.value("class")));
        model.addAttribute("madeUp", booked.isMadeUp());
        model.addAttribute("asked", asked(teacher, store.meeting(teacher, group.id(), day)));
        model.addAttribute("standIn", standIns.asked(teacher, group.id(), day).orElse(null));
        model.addAttribute("colleagues", standIns.colleagues(teacher));
        return "calendar/meeting";
    }

    private String asked(Teacher teacher, Meeting meeting) {
        return meeting.bookedAt() == null ? "" : MonthPage.moment(zones.at(teacher, meeting.bookedAt()));
    }

    private List<Choice> classes(Teacher teacher, String chosen) {
        return classes.summaries(teacher).stream()
                .map(one -> new Choice(
                        one.id().toString(), one.title(), one.id().toString().equals(chosen)))
                .toList();
    }

    @PostMapping("/calendar/groups/{group}/{day}")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID group,
            @PathVariable String day,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            Model model) {
        Group known = groups.group(teacher, group).orElseThrow(NotFound::new);
        LocalDate date = dayOf(known, day);
        CalendarForm form = CalendarForm.of(sent);
        Map<String, String> problems = new LinkedHashMap<>();
        Meeting meeting = form.meeting(known, date, problems);
        if (meeting == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return meeting(teacher, known, date, form, problems, model);
        }
        standIns.keep(teacher, meeting);
        return "redirect:/calendar/week?day=" + (meeting.onDay() == null ? date : meeting.onDay());
    }

    // --- events

    @GetMapping("/calendar/events/new")
    String fresh(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String day, Model model) {
        CalendarForm form = new CalendarForm(Map.of(
                "kind",
                "SINGLE",
                "day",
                day(day, zones.today(teacher)).toString(),
                "starts",
                "18:30",
                "minutes",
                "60"));
        return event(teacher, null, form, Map.of(), model);
    }

    @GetMapping("/calendar/events/{id}")
    String event(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        Event event = store.event(teacher, id).orElseThrow(NotFound::new);
        model.addAttribute("imported", event.kind() == Event.Kind.IMPORTED);
        return event(teacher, id, CalendarForm.of(event), Map.of(), model);
    }

    private String event(Teacher teacher, UUID id, CalendarForm form, Map<String, String> problems, Model model) {
        model.addAttribute("id", id);
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("classes", classes(teacher, form.value("class")));
        model.addAttribute(
                "rooms",
                groups.rooms(teacher).stream()
                        .map(kept -> new Choice(
                                kept.id().toString(),
                                kept.room().name(),
                                kept.id().toString().equals(form.value("room"))))
                        .toList());
        model.addAttribute(
                "kinds",
                Stream.of(Event.Kind.SINGLE, Event.Kind.SUBSTITUTION)
                        .map(kind -> new Choice(
                                kind.name(), kind.words(), kind.name().equals(form.value("kind"))))
                        .toList());
        if (!model.containsAttribute("imported")) model.addAttribute("imported", false);
        return "calendar/event";
    }

    @PostMapping({"/calendar/events/new", "/calendar/events/{id}"})
    String keepEvent(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable(required = false) UUID id,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            Model model) {
        Event before = id == null ? null : store.event(teacher, id).orElseThrow(NotFound::new);
        // what another calendar says is changed there
        if (before != null && before.kind() == Event.Kind.IMPORTED) throw new NotFound();
        CalendarForm form = CalendarForm.of(sent);
        Map<String, String> problems = new LinkedHashMap<>();
        Event event = form.event(id == null ? UUID.randomUUID() : id, problems);
        if (event != null && !store.put(teacher, event))
            problems.put(
                    "title", "There are %d already, as many as there can be.".formatted(CalendarStore.MOST_EVENTS));
        if (problems.isEmpty()) return "redirect:/calendar/week?day=" + event.day();
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return event(teacher, id, form, problems, model);
    }

    @PostMapping("/calendar/events/{id}/remove")
    String remove(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        Event event = store.event(teacher, id).orElseThrow(NotFound::new);
        store.remove(teacher, id);
        return "redirect:/calendar/week?day=" + event.day();
    }
}
