package gurukram.web.account;

import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.shared.Demo;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** Sign in, register, change the password. Signing out is Spring Security's own. */
@Controller
class AccountController {
    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SecurityContextRepository contexts;
    private final Demo demo;
    private final Zones zones;
    private final PoseCatalogue poses;

    AccountController(
            AccountStore accounts,
            PasswordEncoder passwords,
            SecurityContextRepository contexts,
            Demo demo,
            Zones zones,
            PoseCatalogue poses) {
        this.poses = poses;
        this.zones = zones;
        this.accounts = accounts;
        this.passwords = passwords;
        this.contexts = contexts;
        this.demo = demo;
    }

    @GetMapping("/sign-in")
    String signIn(
            @RequestParam(required = false) String out,
            @RequestParam(required = false) String registered,
            HttpServletRequest request,
            Model model) {
        String notice = out != null ? "You are signed out." : registered != null ? "Your account is made." : "";
        return signInPage(model, request, "", "", notice);
    }

    @PostMapping("/sign-in-failed")
    String failed(
            @RequestAttribute(name = "failure", required = false) Exception failure,
            @RequestParam(defaultValue = "") String email,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (failure == null) return "redirect:/sign-in";
        boolean tooOften = failure instanceof TeacherSignIn.TooOften;
        response.setStatus((tooOften ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNAUTHORIZED).value());
        String problem = tooOften
                ? "That was tried too often. Please wait %d seconds, then try again."
                        .formatted(((TeacherSignIn.TooOften) failure).seconds())
                : "E-mail and password do not go together. Nothing else of yours was lost.";
        return signInPage(model, request, email, problem, "");
    }

    private String signInPage(Model model, HttpServletRequest request, String email, String problem, String notice) {
        model.addAttribute("email", email);
        model.addAttribute("problem", problem);
        model.addAttribute("notice", notice);
        model.addAttribute("demo", demo.mayEnter(request));
        return "account/sign-in";
    }

    @PostMapping("/demo-sign-in")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo.mayEnter(request)) throw new NotFound();
        AccountStore.Account account = accounts.byEmail(Demo.EMAIL).orElseThrow(NotFound::new);
        enter(account.teacher(), request, response);
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
            try {
                String studio = form.studio().isEmpty() ? form.name() + "’s studio" : form.studio();
                String hash = passwords.encode(form.password());
                String email = TeacherSignIn.fold(form.email());
                enter(accounts.register(studio, email, form.name(), hash, false), request, response);
                return "redirect:/";
            } catch (DuplicateKeyException e) {
                problems.put("email", "There is an account with this e-mail already. You can sign in instead.");
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return registerPage(model, form, problems);
    }

    private static String registerPage(Model model, RegisterForm form, Map<String, String> problems) {
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        return "account/register";
    }

    private void enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(TeacherSignIn.tokenFor(teacher));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    @GetMapping("/account")
    String account(@AuthenticationPrincipal Teacher teacher, Model model) {
        return accountPage(model, teacher, Map.of(), false, Map.of());
    }

    @PostMapping("/account/password")
    String changePassword(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String current,
            @RequestParam(defaultValue = "") String password,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new HashMap<>();
        String hash = accounts.byEmail(teacher.email()).orElseThrow().passwordHash();
        if (!passwords.matches(current, hash)) problems.put("current", "This is not your present password.");
        String problem = RegisterForm.passwordProblem(password);
        if (problem != null) problems.put("password", problem);
        if (problems.isEmpty()) {
            accounts.changePassword(teacher, passwords.encode(password));
            return accountPage(model, teacher, Map.of(), true, Map.of());
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return accountPage(model, teacher, problems, false, Map.of());
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
            return accountPage(model, teacher, Map.of("school", e.getMessage()), false, typed);
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
        return accountPage(model, teacher, Map.of("zone", problem), false, Map.of("zone", typed));
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
        return accountPage(model, teacher, Map.of("names", problem), false, Map.of());
    }

    private String accountPage(
            Model model, Teacher teacher, Map<String, String> problems, boolean changed, Map<String, String> typed) {
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
        model.addAttribute("changed", changed);
        return "account/account";
    }
}
