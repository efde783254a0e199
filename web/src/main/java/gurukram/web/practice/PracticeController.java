package gurukram.web.practice;

import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question;
import gurukram.web.drawing.Figures;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One question after the other; a wrong answer is shown on the figure. */
@Controller
class PracticeController {
    private final Practice practice;
    private final Poses poses;

    PracticeController(Practice practice, Poses poses) {
        this.practice = practice;
        this.poses = poses;
    }

    /** A figure with what stands under it. */
    public record Shown(String figure, String under) {}

    /** @param figure empty where there is none */
    public record Choice(int n, String words, String figure, boolean right, boolean chosen) {}

    /** How many are in a box, {@code wide} of a bar 100 wide. */
    public record Box(int n, int cards, int wide) {}

    @GetMapping("/practice")
    String ask(@AuthenticationPrincipal Teacher teacher, Model model) {
        Practice.Standing standing = practice.standing(teacher);
        if (standing.next() != null) question(teacher, standing.next(), -1, model);
        return page(standing, model);
    }

    private String page(Practice.Standing standing, Model model) {
        int most = Math.max(1, standing.boxes().stream().mapToInt(n -> n).max().orElse(1));
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < standing.boxes().size(); i++)
            boxes.add(new Box(
                    i + 1, standing.boxes().get(i), 100 * standing.boxes().get(i) / most));
        model.addAttribute("boxes", boxes);
        model.addAttribute("answered", standing.answered());
        model.addAttribute("due", standing.due());
        return "practice/practice";
    }

    private void question(Teacher teacher, Question question, int chosen, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < question.choices().size(); i++) {
            Question.Choice one = question.choices().get(i);
            choices.add(new Choice(
                    i,
                    one.words(),
                    one.figure() == null ? "" : figure(catalogue, one.figure()),
                    question.isRight(i),
                    i == chosen));
        }
        model.addAttribute("key", question.key());
        model.addAttribute("kind", question.kind().words());
        model.addAttribute("ask", question.ask());
        model.addAttribute("figure", question.figure() == null ? "" : figure(catalogue, question.figure()));
        model.addAttribute("choices", choices);
        model.addAttribute("why", chosen < 0 ? "" : question.why());
        model.addAttribute("wasRight", question.isRight(chosen));
        model.addAttribute(
                "shown",
                chosen < 0
                        ? List.of()
                        : question.shown().stream()
                                .map(one -> new Shown(figure(catalogue, one), one.under()))
                                .toList());
    }

    private static String figure(PoseCatalogue catalogue, Question.Shown shown) {
        return Figures.small(catalogue.pose(shown.pose()), shown.side());
    }

    /** Counts the answer and shows what is so. */
    @PostMapping("/practice")
    String answer(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String choice,
            RedirectAttributes after) {
        Question question = practice.find(teacher, key).orElseThrow(NotFound::new);
        practice.answer(teacher, question, chosen(question, choice));
        after.addAttribute("key", key);
        after.addAttribute("choice", choice);
        return "redirect:/practice/answered";
    }

    @GetMapping("/practice/answered")
    String answered(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String choice,
            Model model) {
        Question question = practice.find(teacher, key).orElseThrow(NotFound::new);
        question(teacher, question, chosen(question, choice), model);
        return page(practice.standing(teacher), model);
    }

    private static int chosen(Question question, String choice) {
        if (!choice.matches("\\d")) throw new NotFound();
        int chosen = Integer.parseInt(choice);
        if (chosen >= question.choices().size()) throw new NotFound();
        return chosen;
    }
}
