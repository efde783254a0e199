package gurukram.web.groups;

import static gurukram.web.shared.Typed.take;

import gurukram.core.pose.Ladder;
import gurukram.core.progress.Mats;
import gurukram.core.progress.Standing;
import gurukram.core.progress.Tries;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
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

/** Where each group stands on a ladder, and what it tried. */
@Controller
class RungsController {
    private static final int SHOWN = 8;

    private final TriesStore store;
    private final GroupStore groups;
    private final Poses poses;
    private final Zones zones;
    private final MatsStore mats;

    RungsController(TriesStore store, GroupStore groups, Poses poses, Zones zones, MatsStore mats) {
        this.mats = mats;
        this.store = store;
        this.groups = groups;
        this.poses = poses;
        this.zones = zones;
    }

    /** A group on the ladder, with its last sessions. */
    public record Line(String id, String name, int rung, String words, List<Session> sessions, List<MatsPart> mats) {}

    /** A session that can be taken out again. */
    public record Session(String id, String words) {}

    @GetMapping("/ladders/{id}/groups")
    String standings(@AuthenticationPrincipal Teacher teacher, @PathVariable String id, Model model) {
        Ladder ladder = ladder(teacher, id);
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("day", zones.today(teacher).toString());
        typed.put("mats-day", zones.today(teacher).toString());
        typed.put("tries", "3");
        typed.put("clean", "3");
        return page(teacher, ladder, typed, Map.of(), model);
    }

    private Ladder ladder(Teacher teacher, String id) {
        return poses.of(teacher).ladder(id).orElseThrow(NotFound::new);
    }

    private String page(
            Teacher teacher, Ladder ladder, Map<String, String> typed, Map<String, String> problems, Model model) {
        List<Line> lines = new ArrayList<>();
        for (Group group : groups.groups(teacher)) {
            List<TriesStore.Kept> kept = store.kept(teacher, group.id(), ladder.id());
            Standing standing = Standing.of(
                    ladder, kept.stream().map(TriesStore.Kept::tries).toList());
            lines.add(new Line(
                    group.id().toString(),
                    group.name(),
                    standing.rung(),
                    standing.words(),
                    kept.stream()
                            .limit(SHOWN)
                            .map(one -> new Session(one.id().toString(), TriesForm.words(one.tries())))
                            .toList(),
                    mats.of(teacher, group.id(), ladder.id()).stream()
                            .limit(SHOWN)
                            .map(one -> MatsPart.of(one, ladder.rungs().size()))
                            .toList()));
        }
        model.addAttribute("id", ladder.id());
        model.addAttribute("name", ladder.name());
        model.addAttribute("rungs", rungs(teacher, ladder));
        model.addAttribute("lines", lines);
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        return "groups/rungs";
    }

    private List<String> rungs(Teacher teacher, Ladder ladder) {
        List<String> rungs = new ArrayList<>();
        for (Ladder.Rung rung : ladder.rungs()) {
            String what = rung.pose() == null
                    ? rung.does()
                    : poses.of(teacher).pose(rung.pose()).name();
            rungs.add((rungs.size() + 1) + ": " + what);
        }
        return rungs;
    }

    @PostMapping("/ladders/{id}/groups")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Ladder ladder = ladder(teacher, id);
        Map<String, String> problems = new LinkedHashMap<>();
        Tries tries = TriesForm.read(typed, ladder, problems);
        UUID group = take("group", problems, () -> group(typed.get("group")));
        if (problems.isEmpty() && !store.keep(teacher, group, id, tries))
            problems.put("group", "That group is no longer there.");
        if (problems.isEmpty()) return "redirect:/ladders/" + id + "/groups";
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(teacher, ladder, typed, problems, model);
    }

    /** How many mats worked on which rung in one class. */
    @PostMapping("/ladders/{id}/mats")
    String count(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Ladder ladder = ladder(teacher, id);
        Map<String, String> problems = new LinkedHashMap<>();
        Mats counted = MatsPart.read(typed, ladder, problems);
        UUID group = take("mats-group", problems, () -> group(typed.get("mats-group")));
        if (problems.isEmpty() && !mats.keep(teacher, group, id, counted))
            problems.put("mats-group", "That group is no longer there.");
        if (problems.isEmpty()) return "redirect:/ladders/" + id + "/groups";
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        Map<String, String> shown = new LinkedHashMap<>(typed);
        shown.putIfAbsent("day", zones.today(teacher).toString());
        return page(teacher, ladder, shown, problems, model);
    }

    /** A count that was wrong is taken out. */
    @PostMapping("/ladders/{id}/groups/{group}/mats/{count}/out")
    String takeOutCount(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @PathVariable UUID group,
            @PathVariable UUID count) {
        if (!mats.takeOut(teacher, group, count)) throw new NotFound();
        return "redirect:/ladders/" + id + "/groups?out";
    }

    /** A session that was noted wrongly is taken out; where the group stands follows. */
    @PostMapping("/ladders/{id}/groups/{group}/tries/{session}/out")
    String takeOut(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @PathVariable UUID group,
            @PathVariable UUID session) {
        if (!store.takeOut(teacher, group, session)) throw new NotFound();
        return "redirect:/ladders/" + id + "/groups?out";
    }

    private static UUID group(String id) {
        try {
            return UUID.fromString(id == null ? "" : id);
        } catch (IllegalArgumentException e) {
            throw new Refused("Please choose a group.");
        }
    }
}
