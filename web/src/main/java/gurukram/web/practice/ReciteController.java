package gurukram.web.practice;

import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Knowing;
import gurukram.core.practice.Recital;
import gurukram.core.practice.Sequence;
import gurukram.web.drawing.Figures;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Reciting in order: some are missing, then most, then all. */
@Controller
class ReciteController {
    private static final int MOST_LETTERS = 120;

    private final Recite recite;
    private final ClassStore classes;
    private final Poses poses;

    ReciteController(Recite recite, ClassStore classes, Poses poses) {
        this.recite = recite;
        this.classes = classes;
        this.poses = poses;
    }

    /** A line of a list. @param how how well it is known, in words */
    public record Row(String key, String title, int places, String how, boolean known) {
        static Row of(Recite.Standing standing) {
            Knowing knowing = standing.knowing();
            String how = knowing.isKnown()
                    ? "known"
                    : knowing.tries() == 0
                            ? "not begun"
                            : knowing.stage().words() + (knowing.whole() > 0 ? ", once whole" : "");
            return new Row(
                    standing.sequence().key(),
                    standing.sequence().title(),
                    standing.sequence().places().size(),
                    how,
                    knowing.isKnown());
        }
    }

    /**
     * One place as a page shows it.
     *
     * @param missing whether it is to be filled, {@code typed} with what
     * @param mark {@code right}, {@code wrong} or empty
     */
    public record Slot(
            int n,
            boolean missing,
            String typed,
            String words,
            String more,
            String figure,
            String mark,
            String problem) {}

    @GetMapping("/practice/recite")
    String list(@AuthenticationPrincipal Teacher teacher, Model model) {
        model.addAttribute(
                "twelves", recite.twelves(teacher).stream().map(Row::of).toList());
        model.addAttribute(
                "flows", recite.ownFlows(teacher).stream().map(Row::of).toList());
        model.addAttribute("classes", classes.summaries(teacher));
        return "practice/recite-list";
    }

    /** A class to know by heart, for tonight. */
    @GetMapping("/classes/{id}/learn")
    String learn(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        List<Row> rows = recite.ofClass(teacher, id).stream().map(Row::of).toList();
        model.addAttribute("name", stored.plan().settings().title());
        model.addAttribute("id", id.toString());
        model.addAttribute("rows", rows);
        model.addAttribute("known", rows.stream().filter(Row::known).count());
        model.addAttribute(
                "next", rows.stream().filter(row -> !row.known()).findFirst().orElse(null));
        return "practice/learn";
    }

    @GetMapping("/practice/recite/one")
    String one(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String told,
            Model model) {
        Recite.Standing standing = recite.find(teacher, key);
        boolean result = told.equals("yes") && !standing.said().isEmpty();
        if (result) result(teacher, standing, model);
        else ask(teacher, standing, List.of(), Map.of(), model);
        return "practice/recite";
    }

    private void ask(
            Teacher teacher, Recite.Standing standing, List<String> typed, Map<Integer, String> problems, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        Sequence sequence = standing.sequence();
        List<Integer> missing = standing.knowing().missing(sequence);
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i < sequence.places().size(); i++) {
            Sequence.Place place = sequence.places().get(i);
            boolean is = missing.contains(i);
            slots.add(new Slot(
                    i + 1,
                    is,
                    is && i < typed.size() ? typed.get(i) : "",
                    is ? "" : place.words(),
                    is ? "" : place.more(),
                    is ? "" : figure(catalogue, place),
                    "",
                    problems.getOrDefault(i, "")));
        }
        model.addAttribute("slots", slots);
        model.addAttribute(
                "tray",
                missing.stream()
                        .map(i -> sequence.places().get(i).words())
                        .distinct()
                        .sorted()
                        .toList());
        head(standing, model);
    }

    private void head(Recite.Standing standing, Model model) {
        Knowing knowing = standing.knowing();
        model.addAttribute("key", standing.sequence().key());
        model.addAttribute("name", standing.sequence().title());
        model.addAttribute("stage", knowing.stage().words());
        model.addAttribute("isAlone", knowing.stage() == Knowing.Stage.ALONE);
        model.addAttribute("tries", knowing.tries());
        model.addAttribute("isKnown", knowing.isKnown());
        model.addAttribute("whole", knowing.whole());
        boolean ofClass = Recite.isOfClass(standing.sequence().key());
        model.addAttribute(
                "back",
                ofClass ? "/classes/" + Recite.classOf(standing.sequence().key()) + "/learn" : "/practice/recite");
        model.addAttribute("backWords", ofClass ? "Learn this class" : "Recite");
    }

    private void result(Teacher teacher, Recite.Standing standing, Model model) {
        Sequence sequence = standing.sequence();
        PoseCatalogue catalogue = poses.of(teacher);
        Recital recital = recite.judge(teacher, sequence, standing.said());
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i < sequence.places().size(); i++) {
            Sequence.Place place = sequence.places().get(i);
            boolean right = recital.right().get(i);
            String said = i < standing.said().size() ? standing.said().get(i) : "";
            slots.add(new Slot(
                    i + 1,
                    false,
                    right || said.equals(place.words()) ? "" : said,
                    place.words(),
                    place.more(),
                    figure(catalogue, place),
                    right ? "right" : "wrong",
                    ""));
        }
        model.addAttribute("slots", slots);
        model.addAttribute("told", recital.count() + " of " + recital.right().size() + ", " + recital.percent());
        model.addAttribute("isWhole", recital.isWhole());
        head(standing, model);
    }

    private static String figure(PoseCatalogue catalogue, Sequence.Place place) {
        return place.pose() == null ? "" : Figures.small(catalogue.pose(place.pose()), place.side());
    }

    @PostMapping("/practice/recite/one")
    String recited(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        String key = fields.getOrDefault("key", "");
        Recite.Standing standing = recite.find(teacher, key);
        List<String> said = said(standing, fields);
        Set<Integer> unknown = recite.unknown(teacher, standing.sequence(), said);
        if (!unknown.isEmpty()) {
            Map<Integer, String> problems = new HashMap<>();
            for (int at : unknown) problems.put(at, "I know no “%s”; is it spelled so?".formatted(said.get(at)));
            ask(teacher, standing, said, problems, model);
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return "practice/recite";
        }
        recite.keep(teacher, standing.sequence(), said, tries(fields.getOrDefault("tries", "")));
        after.addAttribute("key", key);
        after.addAttribute("told", "yes");
        return "redirect:/practice/recite/one";
    }

    /** What stands at each place: what was typed where it was missing, and what was shown elsewhere. */
    private static List<String> said(Recite.Standing standing, Map<String, String> fields) {
        List<Sequence.Place> places = standing.sequence().places();
        List<Integer> missing = standing.knowing().missing(standing.sequence());
        List<String> said = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            String typed = fields.getOrDefault("p" + (i + 1), "")
                    .replaceAll("\\p{Cc}", " ")
                    .strip();
            said.add(
                    missing.contains(i)
                            ? typed.substring(0, Math.min(MOST_LETTERS, typed.length()))
                            : places.get(i).words());
        }
        return said;
    }

    private static int tries(String typed) {
        if (!typed.matches("\\d{1,6}")) throw new WrongRequest("no number of tries");
        return Integer.parseInt(typed);
    }

    @PostMapping("/practice/recite/again")
    String again(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String key,
            RedirectAttributes after) {
        recite.again(teacher, recite.find(teacher, key).sequence());
        after.addAttribute("key", key);
        return "redirect:/practice/recite/one";
    }
}
