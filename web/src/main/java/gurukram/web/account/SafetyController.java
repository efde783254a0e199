package gurukram.web.account;

import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Password, where one is signed in, and who tried to be. */
@Controller
class SafetyController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM yyyy, H:mm");

    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final PresentPassword present;
    private final Sessions sessions;
    private final KnownDeviceStore devices;
    private final SignInStore signIns;
    private final Zones zones;

    SafetyController(
            AccountStore accounts,
            PasswordEncoder passwords,
            PresentPassword present,
            Sessions sessions,
            KnownDeviceStore devices,
            SignInStore signIns,
            Zones zones) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.present = present;
        this.sessions = sessions;
        this.devices = devices;
        this.signIns = signIns;
        this.zones = zones;
    }

    /** A place one is signed in at, in words. */
    public record Place(String mark, String browser, String since, String last, boolean here) {}

    @GetMapping("/account/safety")
    String safety(@AuthenticationPrincipal Teacher teacher, HttpServletRequest request, Model model) {
        return page(model, request, teacher, Map.of(), "");
    }

    /** Ends every other sign-in; tokens too where that is asked. */
    @PostMapping("/account/password")
    String changePassword(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String tokens,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new HashMap<>();
        String problem = Passwords.problem(password, List.of(teacher.name(), teacher.email()));
        if (problem != null) problems.put("password", problem);
        if (problems.isEmpty() || !current.isEmpty())
            present.problem(teacher, current).ifPresent(words -> problems.put("current", words));
        else problems.put("current", "This is not your present password.");
        if (problems.isEmpty()) {
            accounts.changePassword(teacher, passwords.encode(password));
            sessions.endOthers(teacher, request);
            devices.forgetAll(teacher);
            devices.remember(teacher);
            if (!tokens.isEmpty()) accounts.endTokens(teacher);
            String also = tokens.isEmpty() ? "" : " Tokens are taken back.";
            return page(
                    model,
                    request,
                    teacher,
                    Map.of(),
                    "The password is changed. You are signed out everywhere else." + also);
        }
        boolean tooOften = problems.getOrDefault("current", "").contains("wait");
        response.setStatus((tooOften ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNPROCESSABLE_CONTENT).value());
        return page(model, request, teacher, problems, "");
    }

    @PostMapping("/account/sign-ins/{mark}/end")
    String end(@AuthenticationPrincipal Teacher teacher, @PathVariable String mark) {
        if (!sessions.end(teacher, mark)) throw new NotFound();
        return "redirect:/account/safety";
    }

    @PostMapping("/account/sign-ins/end-others")
    String endOthers(@AuthenticationPrincipal Teacher teacher, HttpServletRequest request) {
        sessions.endOthers(teacher, request);
        return "redirect:/account/safety";
    }

    private String page(
            Model model, HttpServletRequest request, Teacher teacher, Map<String, String> problems, String told) {
        ZoneId zone = zones.of(teacher);
        List<Place> places = sessions.of(teacher, request).stream()
                .map(place -> new Place(
                        place.mark(),
                        place.browser(),
                        when(place.since(), zone),
                        when(place.last(), zone),
                        place.here()))
                .toList();
        List<String> tried = signIns.of(teacher).stream()
                .map(day -> "%s, %s from %s"
                        .formatted(
                                when(day.last(), zone),
                                day.times() == 1 ? "once," : day.times() + " times that day, last",
                                day.lastAddress()))
                .toList();
        model.addAttribute("places", places);
        List<String> came = signIns.lately(teacher).stream()
                .map(one -> "%s, %s, %s"
                        .formatted(
                                when(one.at(), zone), one.browser(), one.how().words()))
                .toList();
        model.addAttribute("came", came);
        model.addAttribute("tried", tried);
        model.addAttribute("problems", problems);
        model.addAttribute("told", told.isEmpty() ? null : told);
        return "account/safety";
    }

    private static String when(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone));
    }
}
