package gurukram.web.practice;

import gurukram.core.plan.NodeId;
import gurukram.core.practice.Slips.Spotted;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.practice.SlipsStore.Kept;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A class with slips in it: which lines are they? */
@Controller
class SlipsController {
    private static final List<Integer> HOW_MANY = List.of(3, 5, 8);

    private final SpotTheSlip slips;
    private final SlipsStore store;
    private final ClassStore classes;
    private final Random random = new Random();

    SlipsController(SpotTheSlip slips, SlipsStore store, ClassStore classes) {
        this.slips = slips;
        this.store = store;
        this.classes = classes;
    }

    @GetMapping("/practice/slips")
    String choose(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(name = "class", defaultValue = "") String of,
            Model model) {
        model.addAttribute("classes", classes.summaries(teacher));
        model.addAttribute("of", of);
        model.addAttribute("many", HOW_MANY);
        model.addAttribute("done", store.done(teacher));
        return "practice/slips-choose";
    }

    @Dear
    @PostMapping("/practice/slips")
    String make(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(name = "class", defaultValue = "") String of,
            @RequestParam(defaultValue = "5") String many) {
        if (!many.matches("[1-9]|1\\d")) throw new WrongRequest("so many slips are not put in");
        ClassId id = of.isEmpty() ? null : classOf(of);
        return "redirect:/practice/slips/" + slips.make(teacher, id, Integer.parseInt(many), random.nextInt());
    }

    private static ClassId classOf(String of) {
        try {
            return new ClassId(UUID.fromString(of));
        } catch (IllegalArgumentException e) {
            throw new NotFound();
        }
    }

    @GetMapping("/practice/slips/{id}")
    String look(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        Kept kept = store.find(teacher, id).orElseThrow(NotFound::new);
        model.addAttribute("id", id);
        model.addAttribute("name", kept.title());
        model.addAttribute("many", kept.put().slips().size());
        model.addAttribute("rows", slips.rows(teacher, kept));
        if (kept.marked() != null) {
            Spotted spotted = SpotTheSlip.judge(kept, new LinkedHashSet<>(kept.marked()));
            model.addAttribute("told", told(spotted));
        }
        return "practice/slips";
    }

    private static String told(Spotted spotted) {
        if (spotted.of() == 0) return "There was no room for a slip in this class.";
        String words = "%d of %d found, %s; %d missed; %d where nothing is wrong."
                .formatted(
                        spotted.found().size(),
                        spotted.of(),
                        spotted.percent(),
                        spotted.missed().size(),
                        spotted.wrong().size());
        return spotted.also().isEmpty()
                ? words
                : words
                        + " And %d that the class had by itself."
                                .formatted(spotted.also().size());
    }

    @PostMapping("/practice/slips/{id}")
    String mark(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") List<String> node) {
        Set<NodeId> marked = new LinkedHashSet<>();
        for (String one : node) if (one.matches("[a-z0-9-]{1,40}")) marked.add(new NodeId(one));
        slips.mark(teacher, id, marked);
        return "redirect:/practice/slips/" + id;
    }
}
