package gurukram.web.practice;

import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question;
import gurukram.core.practice.Question.Choices;
import gurukram.core.practice.Question.Judged;
import gurukram.core.practice.Question.Kind;
import gurukram.web.drawing.Figures;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tools.jackson.databind.json.JsonMapper;

/** One question after the other; a wrong answer is shown on the figure. The page has all of the day, so that it needs no line. */
@Controller
class PracticeController {
    private static final int MOST_LETTERS = 400;
    private static final int MOST_ANSWERS = 200;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Practice practice;
    private final Poses poses;

    PracticeController(Practice practice, Poses poses) {
        this.practice = practice;
        this.poses = poses;
    }

    /** A figure with what stands under it. @param look {@code wide} for a large one */
    public record Shown(String figure, String under, String look) {}

    /** @param figure empty where there is none */
    public record Choice(int n, String words, String figure) {}

    /**
     * A question as a page shows it.
     *
     * @param right the place of the right choice; -1 where words are typed
     * @param model words that are right; empty where there are choices
     */
    public record Asked(
            String key,
            String kind,
            String ask,
            String figure,
            List<Choice> choices,
            int right,
            String model,
            String why,
            List<Shown> shown) {}

    /** How many are in a box, {@code wide} of a bar 100 wide. */
    public record Box(int n, int cards, int wide) {}

    @GetMapping("/practice")
    String ask(@AuthenticationPrincipal Teacher teacher, Model model) {
        Practice.Standing standing = practice.standing(teacher);
        PoseCatalogue catalogue = poses.of(teacher);
        List<Asked> asked =
                standing.asked().stream().map(one -> asked(catalogue, one)).toList();
        model.addAttribute("first", asked.isEmpty() ? null : asked.get(0));
        model.addAttribute("day", script(asked));
        model.addAttribute("who", teacher.id());
        return page(standing, model);
    }

    /** JSON that may stand inside a page. */
    private static String script(List<Asked> asked) {
        return JSON.writeValueAsString(asked).replace("<", "\\u003c").replace(">", "\\u003e");
    }

    private String page(Practice.Standing standing, Model model) {
        int most = Math.max(1, standing.boxes().stream().mapToInt(n -> n).max().orElse(1));
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < standing.boxes().size(); i++)
            boxes.add(new Box(
                    i + 1, standing.boxes().get(i), 100 * standing.boxes().get(i) / most));
        model.addAttribute("boxes", boxes);
        model.addAttribute("answered", standing.answered());
        model.addAttribute("due", standing.asked().size());
        return "practice/practice";
    }

    private static Asked asked(PoseCatalogue catalogue, Question question) {
        List<Choice> choices = new ArrayList<>();
        int right = -1;
        if (question.answer() instanceof Choices all) {
            right = all.at();
            for (Question.Choice one : all.choices())
                choices.add(new Choice(
                        choices.size(), one.words(), one.figure() == null ? "" : figure(catalogue, one.figure())));
        }
        List<Shown> shown = new ArrayList<>();
        for (Question.Shown one : question.shown()) shown.add(new Shown(figure(catalogue, one), one.under(), ""));
        if (question.kind() == Kind.FELT && question.figure() != null)
            shown.add(new Shown(
                    Figures.felt(catalogue.pose(question.figure().pose())),
                    "hatched: it lengthens; dotted: it works; crossed: not here",
                    "wide"));
        return new Asked(
                question.key(),
                question.kind().words(),
                question.ask(),
                question.figure() == null ? "" : figure(catalogue, question.figure()),
                choices,
                right,
                right < 0 ? question.answer().right() : "",
                question.why(),
                shown);
    }

    private static String figure(PoseCatalogue catalogue, Question.Shown shown) {
        return Figures.small(catalogue.pose(shown.pose()), shown.side());
    }

    /** Counts the answer and shows what is so; for pages without scripts. */
    @PostMapping("/practice")
    String answer(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String given,
            RedirectAttributes after) {
        String plain = plain(given);
        Question question = question(teacher, key, plain).orElseThrow(NotFound::new);
        practice.answer(teacher, question, plain);
        after.addAttribute("key", key);
        after.addAttribute("given", plain);
        return "redirect:/practice/answered";
    }

    private Optional<Question> question(Teacher teacher, String key, String given) {
        return practice.find(teacher, key).filter(one -> one.takes(given));
    }

    private static String plain(String given) {
        String plain = given.replaceAll("\\p{Cc}", " ");
        return plain.substring(0, Math.min(MOST_LETTERS, plain.length()));
    }

    @GetMapping("/practice/answered")
    String answered(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String given,
            Model model) {
        String plain = plain(given);
        Question question = question(teacher, key, plain).orElseThrow(NotFound::new);
        Judged judged = question.judge(plain);
        model.addAttribute("first", asked(poses.of(teacher), question));
        model.addAttribute("day", "[]");
        model.addAttribute("chosen", plain);
        model.addAttribute("judged", judged);
        return page(practice.standing(teacher), model);
    }

    /** An answer a page kept. @param who of whom, {@code on} the day it was given, such as {@code 2026-11-30} */
    public record Given(String key, String given, String who, String on) {}

    /** What became of one. @param known whether there is such a question; what is not there is not kept either */
    public record Told(String key, String who, boolean known, boolean right, String told) {}

    /** Takes what pages kept; the same sent twice counts once. What somebody else answered on this device waits for her. */
    @PostMapping(path = "/practice/answers", consumes = "application/json", produces = "application/json")
    @ResponseBody
    List<Told> answers(@AuthenticationPrincipal Teacher teacher, @RequestBody List<Given> all) {
        List<Told> told = new ArrayList<>();
        for (Given one : all.subList(0, Math.min(MOST_ANSWERS, all.size()))) {
            if (one == null || one.key() == null || one.given() == null) continue;
            if (!teacher.id().toString().equals(one.who())) continue;
            String plain = plain(one.given());
            Optional<Question> question = question(teacher, one.key(), plain);
            if (question.isEmpty()) {
                told.add(new Told(one.key(), one.who(), false, false, ""));
                continue;
            }
            Judged judged = day(one.on())
                    .map(day -> practice.answer(teacher, question.get(), plain, day))
                    .orElseGet(() -> practice.answer(teacher, question.get(), plain));
            told.add(new Told(one.key(), one.who(), true, judged.right(), judged.told()));
        }
        return told;
    }

    private static Optional<LocalDate> day(String on) {
        try {
            return Optional.ofNullable(on).map(LocalDate::parse);
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }
}
