package gurukram.web.account;

import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.operations.Backups;
import gurukram.web.shared.Demo;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** Sign in, register, the account's page. Signing out is Spring Security's own. */
@Controller
class AccountController {
    private static final Logger LOG = LoggerFactory.getLogger(AccountController.class);
    private static final String MADE =
            "If this e-mail was new here, the account is made: sign in with the password you have just "
                    + "chosen. If there was one already, it is as it was.";

    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;
    private final Entrance entrance;
    private final Outside outside;
    private final Demo demo;
    private final Zones zones;
    private final PoseCatalogue poses;
    private final Backups backups;

    AccountController(
            AccountStore accounts,
            PasswordEncoder passwords,
            SignInBrake brake,
            Entrance entrance,
            Outside outside,
            Demo demo,
            Zones zones,
            PoseCatalogue poses,
            Backups backups) {
        this.poses = poses;
        this.backups = backups;
        this.zones = zones;
        this.accounts = accounts;
        this.passwords = passwords;
        this.brake = brake;
        this.entrance = entrance;
        this.outside = outside;
        this.demo = demo;
    }

    @GetMapping("/sign-in")
    String signIn(@RequestParam(required = false) String out, HttpServletRequest request, Model model) {
        return signInPage(model, request, "", "", out == null ? "" : "You are signed out.");
    }

    @PostMapping("/sign-in-failed")
    String failed(
            @RequestAttribute(name = "failure", required = false) Exception failure,
            @RequestParam(defaultValue = "") String email,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (failure == null) return "redirect:/sign-in";
        if (failure instanceof TeacherSignIn.TooOften wait) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            return signInPage(model, request, email, wait.words(), "");
        }
        response.setStatus(HttpStatus.UNAUTHORIZED.value());
        if (failure instanceof TeacherSignIn.CodeNeeded code) {
            model.addAttribute("code", true);
            return signInPage(model, request, email, code.words(), "");
        }
        String problem = "E-mail and password do not go together. Nothing else of yours was lost.";
        return signInPage(model, request, email, problem, "");
    }

    private String signInPage(Model model, HttpServletRequest request, String email, String problem, String notice) {
        model.addAttribute("email", email);
        model.addAttribute("problem", problem);
        model.addAttribute("notice", notice);
        // who is on the way in is not sent elsewhere
        model.addAttribute("demo", email.isEmpty() && demo.mayEnter(request));
        model.addAttribute("passkeyHost", outside.isBehindProxy() ? outside.host() : "localhost");
        return "account/sign-in";
    }

    @PostMapping("/demo-sign-in")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo.mayEnter(request)) throw new NotFound();
        AccountStore.Account account = accounts.byEmail(Demo.EMAIL).orElseThrow(NotFound::new);
        entrance.enter(account.teacher(), request, response);
        return "redirect:/";
    }

    @GetMapping("/register")
    String register(Model model) {
        return registerPage(model, RegisterForm.empty(), Map.of());
    }

    @PostMapping("/register")
    String register(
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        RegisterForm form =
                new RegisterForm(typed.get("name"), typed.get("studio"), typed.get("email"), typed.get("password"));
        Map<String, String> problems = new HashMap<>(form.problems());
        if (problems.isEmpty()) {
            long wait = brake.takeRegistration(request.getRemoteAddr());
            if (wait == 0) {
                make(form);
                return signInPage(model, request, form.email(), "", MADE);
            }
            problems.put("register", "Many accounts were made from here. Please wait %d seconds.".formatted(wait));
        }
        boolean tooMany = problems.containsKey("register");
        response.setStatus((tooMany ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNPROCESSABLE_CONTENT).value());
        return registerPage(model, form, problems);
    }

    /** Whether the address was new is not told, also not by the time it takes. */
    private void make(RegisterForm form) {
        String studio = form.studio().isEmpty() ? form.name() + "’s studio" : form.studio();
        String hash = passwords.encode(form.password());
        try {
            accounts.register(studio, TeacherSignIn.fold(form.email()), form.name(), hash, false);
        } catch (DuplicateKeyException e) {
            LOG.debug("an account was asked for that is there already");
        }
    }

    private static String registerPage(Model model, RegisterForm form, Map<String, String> problems) {
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        return "account/register";
    }

    @GetMapping("/account")
    String account(@AuthenticationPrincipal Teacher teacher, Model model) {
        return accountPage(model, teacher, Map.of(), Map.of());
    }

    @PostMapping("/account/school")
    String changeSchool(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        try {
            School others = accounts.school(teacher);
            accounts.changeSchool(teacher, SchoolForm.read(typed).with(others.thresholds()));
            return "redirect:/account";
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return accountPage(model, teacher, Map.of("school", e.getMessage()), typed);
        }
    }

    /** An empty zone is the studio machine's. */
    @PostMapping("/account/zone")
    String changeZone(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String zone,
            HttpServletResponse response,
            Model model) {
        String typed = zone.strip();
        if (typed.isEmpty() || ZoneId.getAvailableZoneIds().contains(typed)) {
            accounts.changeZone(teacher, typed.isEmpty() ? null : ZoneId.of(typed));
            return "redirect:/account";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        String problem = "I know no time zone of that name; they are written like Europe/Lisbon.";
        return accountPage(model, teacher, Map.of("zone", problem), Map.of("zone", typed));
    }

    /** An empty language is English. */
    @PostMapping("/account/names")
    String changeNames(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String language,
            HttpServletResponse response,
            Model model) {
        if (language.isEmpty()
                || poses.languages().stream().anyMatch(l -> l.code().equals(language))) {
            accounts.changeNamesIn(teacher, language);
            return "redirect:/account";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        String problem = "There are no pose names in that language yet.";
        return accountPage(model, teacher, Map.of("names", problem), Map.of());
    }

    private String accountPage(Model model, Teacher teacher, Map<String, String> problems, Map<String, String> typed) {
        model.addAttribute("backups", backups.words());
        model.addAttribute("school", SchoolForm.groups(accounts.school(teacher), typed));
        model.addAttribute(
                "zone",
                typed.getOrDefault(
                        "zone", accounts.zone(teacher).map(ZoneId::getId).orElse("")));
        model.addAttribute("usualZone", zones.usual().getId());
        model.addAttribute("zones", new TreeSet<>(ZoneId.getAvailableZoneIds()));
        model.addAttribute("languages", poses.languages());
        model.addAttribute("namesIn", accounts.namesIn(teacher));
        model.addAttribute("teacher", teacher);
        model.addAttribute("problems", problems);
        return "account/account";
    }
}
