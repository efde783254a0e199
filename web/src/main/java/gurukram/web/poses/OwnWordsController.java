package gurukram.web.poses;

import gurukram.core.text.Refused;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of the teacher's own words for themes. */
@Controller
class OwnWordsController {
    private final OwnWords own;

    OwnWordsController(OwnWords own) {
        this.own = own;
    }

    @GetMapping("/poses/words")
    String words(@AuthenticationPrincipal Teacher teacher, Model model) {
        return page(own.typed(teacher), "", model);
    }

    @PostMapping("/poses/words")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String words,
            HttpServletResponse response,
            Model model) {
        try {
            own.keep(teacher, words);
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(words, e.getMessage(), model);
        }
        return "redirect:/drafts/new";
    }

    private static String page(String words, String problem, Model model) {
        model.addAttribute("words", words);
        model.addAttribute("problem", problem);
        return "poses/words";
    }
}
