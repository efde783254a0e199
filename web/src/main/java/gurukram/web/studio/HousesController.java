package gurukram.web.studio;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.School;
import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.studio.Role;
import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.account.Zones;
import gurukram.web.outbox.Delivery;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
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

/** Studios of several teachers: founded, joined, left, handed over. */
@Controller
class HousesController {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).withLocale(Locale.UK);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofLocalizedDateTime(
                    FormatStyle.MEDIUM, FormatStyle.SHORT)
            .withLocale(Locale.UK);

    private final Houses houses;
    private final HouseClasses classes;
    private final Delivery delivery;
    private final Outside outside;
    private final Zones zones;
    private final AccountStore accounts;

    HousesController(
            Houses houses,
            HouseClasses classes,
            Delivery delivery,
            Outside outside,
            Zones zones,
            AccountStore accounts) {
        this.accounts = accounts;
        this.houses = houses;
        this.classes = classes;
        this.delivery = delivery;
        this.outside = outside;
        this.zones = zones;
    }

    /** A studio of a list. */
    public record Row(UUID id, String name, String role, String words) {}

    /** @param mine whether it is who looks */
    public record Person(UUID id, String name, String email, String role, String since, boolean mine) {}

    public record Asked(UUID id, String email, String role, String until) {}

    public record Happened(String at, String who, String what) {}

    /** A role to choose. */
    public record Choice(String word, String words) {}

    @GetMapping("/studios")
    String list(@AuthenticationPrincipal Teacher teacher, Model model) {
        model.addAttribute(
                "rows",
                houses.of(teacher).stream()
                        .map(one -> new Row(
                                one.id(),
                                one.name(),
                                one.role().word(),
                                one.role().words()))
                        .toList());
        return "studio/list";
    }

    @PostMapping("/studios")
    String found(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String name,
            HttpServletResponse response,
            Model model) {
        try {
            return "redirect:/studios/" + houses.found(teacher, name);
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", e.getMessage());
            model.addAttribute("typed", name.replaceAll("\\p{Cc}", " "));
            return list(teacher, model);
        }
    }

    @GetMapping("/studios/{studio}")
    String one(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, Model model) {
        HouseStore.House house = houses.may(teacher, studio, Deed.READ_CLASS);
        Role role = house.role();
        model.addAttribute("id", studio);
        model.addAttribute("name", house.name());
        model.addAttribute("role", role.word());
        model.addAttribute("roleWords", role.words());
        model.addAttribute("owns", Rights.may(role, Deed.INVITE));
        model.addAttribute("shares", classes.all(teacher, studio));
        model.addAttribute("seesShelf", Rights.may(role, Deed.SEE_SHELF));
        model.addAttribute("rules", ruleLines(houses.rules(teacher, studio)));
        model.addAttribute("myRules", ruleLines(accounts.school(teacher)));
        model.addAttribute("setsRules", Rights.may(role, Deed.SET_RULES));
        model.addAttribute("takesRules", Rights.may(role, Deed.TAKE_RULES));
        model.addAttribute(
                "people",
                Rights.may(role, Deed.SEE_MEMBERS)
                        ? houses.members(teacher, studio).stream()
                                .map(one -> new Person(
                                        one.id(),
                                        one.name(),
                                        one.email(),
                                        one.role().word(),
                                        DAY.format(one.joinedAt().atZone(zones.of(teacher))),
                                        one.id().equals(teacher.id())))
                                .toList()
                        : List.of());
        model.addAttribute(
                "asked",
                Rights.may(role, Deed.INVITE)
                        ? houses.invitations(teacher, studio).stream()
                                .map(one -> new Asked(
                                        one.id(),
                                        one.email(),
                                        one.role().word(),
                                        DAY.format(one.endsAt().atZone(zones.of(teacher)))))
                                .toList()
                        : List.of());
        model.addAttribute(
                "events",
                Rights.may(role, Deed.SEE_RECORD)
                        ? houses.record(teacher, studio).stream()
                                .map(one -> new Happened(
                                        MOMENT.format(one.at().atZone(zones.of(teacher))), one.who(), one.what()))
                                .toList()
                        : List.of());
        model.addAttribute(
                "roles",
                Arrays.stream(Role.values())
                        .map(one -> new Choice(one.word(), one.words()))
                        .toList());
        model.addAttribute("mails", delivery.isThere());
        model.addAttribute("madeUp", delivery.standIn().isPresent());
        return "studio/studio";
    }

    /** Does it and goes on; where it is refused the page says why. */
    private String done(
            Teacher teacher, UUID studio, HttpServletResponse response, Model model, String next, Runnable deed) {
        try {
            deed.run();
            return next;
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", e.getMessage());
            return one(teacher, studio, model);
        }
    }

    private static String to(UUID studio) {
        return "redirect:/studios/" + studio;
    }

    private static List<String> ruleLines(School school) {
        String words = SchoolWords.write(school);
        return words.isEmpty() ? List.of() : List.of(words.split(", "));
    }

    @PostMapping("/studios/{studio}/rules")
    String setRules(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio) {
        houses.setRules(teacher, studio);
        return "redirect:/studios/" + studio + "#rules";
    }

    @PostMapping("/studios/{studio}/rules/take")
    String takeRules(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, RedirectAttributes told) {
        String before = houses.takeRules(teacher, studio);
        told.addFlashAttribute(
                "rulesTold",
                before.isEmpty()
                        ? "You go by the studio’s rules now."
                        : "You go by the studio’s rules now. Yours were: " + before + ".");
        return "redirect:/studios/" + studio + "#rules";
    }

    @PostMapping("/studios/{studio}/name")
    String rename(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @RequestParam(defaultValue = "") String name,
            HttpServletResponse response,
            Model model) {
        return done(teacher, studio, response, model, to(studio), () -> houses.rename(teacher, studio, name));
    }

    @PostMapping("/studios/{studio}/invitations")
    String invite(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @RequestParam(defaultValue = "") String email,
            @RequestParam(defaultValue = "") String role,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes after,
            Model model) {
        model.addAttribute("typed", email.replaceAll("\\p{Cc}", " "));
        return done(teacher, studio, response, model, to(studio), () -> {
            String link = houses.invite(teacher, studio, email, role, path -> outside.address(request, path));
            if (!delivery.isThere()) after.addFlashAttribute("link", link);
        });
    }

    @PostMapping("/studios/{studio}/invitations/{invitation}/end")
    String endInvitation(
            @AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, @PathVariable UUID invitation) {
        houses.endInvitation(teacher, studio, invitation);
        return to(studio);
    }

    @PostMapping("/studios/{studio}/members/{who}/role")
    String change(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID who,
            @RequestParam(defaultValue = "") String role,
            HttpServletResponse response,
            Model model) {
        return done(teacher, studio, response, model, to(studio), () -> houses.change(teacher, studio, who, role));
    }

    @PostMapping("/studios/{studio}/members/{who}/out")
    String remove(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID who,
            HttpServletResponse response,
            Model model) {
        return done(
                teacher,
                studio,
                response,
                model,
                who.equals(teacher.id()) ? "redirect:/studios" : to(studio),
                () -> houses.remove(teacher, studio, who));
    }

    @PostMapping("/studios/{studio}/members/{who}/hand-over")
    String handOver(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID who,
            HttpServletResponse response,
            Model model) {
        return done(teacher, studio, response, model, to(studio), () -> houses.handOver(teacher, studio, who));
    }

    @PostMapping("/studios/{studio}/leave")
    String leave(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            HttpServletResponse response,
            Model model) {
        return done(teacher, studio, response, model, "redirect:/studios", () -> houses.leave(teacher, studio));
    }

    /** What an invitation is about; whoever is not signed in signs in or registers first and comes back here. */
    @GetMapping("/come/{secret}")
    String asked(@PathVariable String secret, Model model) {
        HouseStore.Open open = houses.asked(secret).orElseThrow(NotFound::new);
        model.addAttribute("secret", secret);
        model.addAttribute("name", open.name());
        model.addAttribute("role", open.role().word());
        model.addAttribute("roleWords", open.role().words());
        return "studio/come";
    }

    @PostMapping("/come/{secret}")
    String come(@AuthenticationPrincipal Teacher teacher, @PathVariable String secret) {
        return to(houses.come(teacher, secret));
    }
}
