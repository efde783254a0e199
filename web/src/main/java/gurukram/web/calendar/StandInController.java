package gurukram.web.calendar;

import gurukram.core.studio.Deed;
import gurukram.core.text.Refused;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import gurukram.web.shared.WrongRequest;
import gurukram.web.studio.Houses;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Asking somebody of a studio to teach a date, and the date as whoever stands in sees it. */
@Controller
class StandInController {
    private final StandIns standIns;
    private final GroupStore groups;
    private final Houses houses;

    StandInController(StandIns standIns, GroupStore groups, Houses houses) {
        this.standIns = standIns;
        this.groups = groups;
        this.houses = houses;
    }

    // --- for whose group it is

    /** @param whom studio and teacher, as chosen */
    @PostMapping("/calendar/groups/{group}/{day}/stand-in")
    String ask(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID group,
            @PathVariable String day,
            @RequestParam(defaultValue = "") String whom,
            RedirectAttributes next) {
        LocalDate date = date(teacher, group, day);
        try {
            if (whom.isBlank()) throw new Refused("Choose somebody first.");
            String[] parts = whom.strip().split(" ");
            if (parts.length != 2) throw new WrongRequest("nobody");
            standIns.ask(teacher, group, date, Typed.id(parts[0]), Typed.id(parts[1]));
        } catch (Refused e) {
            next.addFlashAttribute("refused", e.getMessage());
        }
        return back(group, date);
    }

    private LocalDate date(Teacher teacher, UUID group, String day) {
        Group known = groups.group(teacher, group).orElseThrow(NotFound::new);
        return CalendarController.dayOf(known, day);
    }

    private static String back(UUID group, LocalDate day) {
        return "redirect:/calendar/groups/%s/%s".formatted(group, day);
    }

    @PostMapping("/calendar/groups/{group}/{day}/stand-in/end")
    String takeBack(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID group, @PathVariable String day) {
        LocalDate date = date(teacher, group, day);
        standIns.takeBack(teacher, group, date);
        return back(group, date);
    }

    // --- for who stands in

    @GetMapping("/stand-ins/{id}")
    String standIn(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        StandIn one = standIns.find(teacher, id);
        Entry date = standIns.date(one);
        Group group = groups.group(one.maker(), one.group()).orElseThrow(NotFound::new);
        boolean needs = houses.allows(teacher, one.house(), Deed.SEE_NEEDS);
        model.addAttribute("one", one);
        model.addAttribute("studioName", houses.name(teacher, one.house()));
        model.addAttribute("date", date);
        model.addAttribute("when", StandIns.when(date));
        model.addAttribute("level", group.level().word());
        model.addAttribute("people", needs ? group.people() : "");
        model.addAttribute("mats", group.mats());
        model.addAttribute("shared", standIns.classOf(teacher, one, date).orElse(null));
        model.addAttribute("needs", needs);
        return "calendar/stand-in";
    }

    @PostMapping("/stand-ins/{id}")
    String answer(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String answer) {
        standIns.find(teacher, id);
        if (!answer.equals("yes") && !answer.equals("no")) throw new WrongRequest("yes or no");
        standIns.answer(teacher, id, answer.equals("yes"));
        return "redirect:/stand-ins/" + id;
    }

    @PostMapping("/stand-ins/{id}/teach")
    String teach(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            HttpServletResponse response,
            Model model) {
        try {
            return "redirect:/classes/" + standIns.copy(teacher, id);
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", e.getMessage());
            return standIn(teacher, id, model);
        }
    }
}
