package gurukram.web.poses;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Ladders of a teacher's own: written, copied from one that ships, ordered, changed. */
@Controller
class OwnLadderController {
    private final OwnLadderStore store;
    private final Poses poses;

    OwnLadderController(OwnLadderStore store, Poses poses) {
        this.store = store;
        this.poses = poses;
    }

    /** @param from the ladder it begins as a copy of */
    @GetMapping("/ladders/own/new")
    String fresh(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String from, Model model) {
        if (from.isEmpty()) return page(teacher, null, 0, OwnLadderForm.fresh(), Map.of(), model);
        Ladder ladder = poses.of(teacher).ladder(from).orElseThrow(NotFound::new);
        OwnLadderForm copy = OwnLadderForm.of(ladder, poses.of(teacher));
        return page(teacher, null, 0, copy, Map.of(), model);
    }

    @GetMapping("/ladders/own/{id}")
    String own(@AuthenticationPrincipal Teacher teacher, @PathVariable String id, Model model) {
        OwnLadderStore.Kept kept = store.find(teacher, id).orElseThrow(NotFound::new);
        return page(teacher, id, kept.version(), OwnLadderForm.of(kept.ladder(), poses.of(teacher)), Map.of(), model);
    }

    private String page(
            Teacher teacher, String id, int version, OwnLadderForm form, Map<String, String> problems, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        model.addAttribute("id", id);
        model.addAttribute("version", version);
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("levels", Level.values());
        model.addAttribute("withs", Ladder.With.values());
        model.addAttribute("props", OwnLadderForm.PROPS);
        model.addAttribute(
                "peaks",
                catalogue.poses().stream()
                        .filter(Pose::peakable)
                        .sorted(Comparator.comparing(Pose::name))
                        .toList());
        return "poses/own-ladder";
    }

    @PostMapping({"/ladders/own/new", "/ladders/own/{id}"})
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable(required = false) String id,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            Model model) {
        int version = id == null ? 0 : version(sent.getOrDefault("version", ""));
        if (id != null && store.find(teacher, id).isEmpty()) throw new NotFound();
        OwnLadderForm form = OwnLadderForm.sent(sent);
        String done = sent.getOrDefault("do", "");
        if (!done.isEmpty()) return page(teacher, id, version, form.done(done), Map.of(), model);
        Map<String, String> problems = new LinkedHashMap<>();
        String named = id == null ? OwnLadderStore.OWN + UUID.randomUUID() : id;
        Ladder ladder = form.read(named, poses.of(teacher), problems);
        if (ladder != null) {
            boolean kept = id == null ? store.add(teacher, ladder) : store.change(teacher, ladder, version);
            if (kept) return "redirect:/ladders/" + named;
            problems.put(
                    "rungs",
                    id == null
                            ? "You have %d ladders, and that is as many as there can be.".formatted(OwnLadderStore.MOST)
                            : "This ladder was changed in another window since. Open it again; what you typed still stands here.");
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(teacher, id, version, form, problems, model);
    }

    private static int version(String typed) {
        return typed.matches("\\d{1,8}") ? Integer.parseInt(typed) : 0;
    }

    @PostMapping("/ladders/own/{id}/remove")
    String remove(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
        if (!store.remove(teacher, id)) throw new NotFound();
        return "redirect:/ladders";
    }
}
