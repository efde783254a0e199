package gurukram.web.account;

import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Thresholds;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Where the checks begin to speak, for all classes of a teacher. */
@Controller
class CheckSettingsController {
    private final AccountStore accounts;

    CheckSettingsController(AccountStore accounts) {
        this.accounts = accounts;
    }

    @GetMapping("/account/checks")
    String checks(@AuthenticationPrincipal Teacher teacher, @RequestParam(required = false) String kept, Model model) {
        Thresholds set = accounts.school(teacher).thresholds();
        model.addAttribute("rules", CheckSettingsForm.rules(set, null, Map.of()));
        model.addAttribute("kept", kept != null);
        model.addAttribute("wrong", false);
        return "account/checks";
    }

    @PostMapping("/account/checks")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new HashMap<>();
        Thresholds read = CheckSettingsForm.read(typed, problems);
        if (problems.isEmpty()) {
            School school = accounts.school(teacher);
            accounts.changeSchool(teacher, school.with(read));
            return "redirect:/account/checks?kept";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("rules", CheckSettingsForm.rules(Thresholds.NONE, typed, problems));
        model.addAttribute("kept", false);
        model.addAttribute("wrong", true);
        return "account/checks";
    }
}
