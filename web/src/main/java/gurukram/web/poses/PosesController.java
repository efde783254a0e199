package gurukram.web.poses;

import gurukram.core.plan.settings.School;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.account.AccountStore;
import gurukram.web.drawing.Figures;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The browser of poses, each pose's page, and the ladders. */
@Controller
class PosesController {
    private final Poses poses;
    private final AccountStore accounts;

    PosesController(Poses poses, AccountStore accounts) {
        this.poses = poses;
        this.accounts = accounts;
    }

    @Dear
    @GetMapping("/poses")
    String browse(
            @AuthenticationPrincipal Teacher teacher,
            PoseFilter filter,
            @RequestHeader(name = "HX-Request", required = false) String script,
            @RequestHeader(name = "HX-History-Restore-Request", required = false) String restore,
            HttpServletResponse response,
            Model model) {
        response.setHeader("Vary", "HX-Request");
        model.addAttribute("page", BrowsePage.of(filter, poses.of(teacher), poses.own(teacher), poses.away(teacher)));
        return script != null && restore == null ? "poses/parts/found" : "poses/browse";
    }

    @GetMapping("/poses/{id}")
    String pose(@AuthenticationPrincipal Teacher teacher, @PathVariable String id, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        if (!catalogue.has(id)) throw new NotFound();
        School school = accounts.school(teacher).over(School.USUAL);
        boolean own = poses.own(teacher).contains(id);
        model.addAttribute(
                "page",
                PosePage.of(
                        catalogue.pose(id),
                        catalogue,
                        school,
                        own,
                        poses.shipped().has(id)));
        return "poses/pose";
    }

    @GetMapping("/ladders")
    String ladders(@AuthenticationPrincipal Teacher teacher, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        model.addAttribute(
                "ladders",
                catalogue.ladders().stream()
                        .map(ladder -> new LadderTile(
                                ladder.id(),
                                ladder.name(),
                                ladder.rungs().size(),
                                PoseTile.of(catalogue.pose(top(ladder)))))
                        .toList());
        return "poses/ladders";
    }

    record LadderTile(String id, String name, int rungs, PoseTile top) {}

    /** The highest rung that is a pose. */
    private static String top(Ladder ladder) {
        if (ladder.peak() != null) return ladder.peak();
        return ladder.rungs().stream()
                .map(Ladder.Rung::pose)
                .filter(Objects::nonNull)
                .reduce((a, b) -> b)
                .orElse("downward-dog");
    }

    @GetMapping("/ladders/{id}")
    String ladder(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) String pose,
            Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        Ladder ladder = catalogue.ladder(id).orElseThrow(NotFound::new);
        model.addAttribute("page", LadderPage.of(ladder, catalogue, pose));
        return "poses/ladder";
    }

    /** A pose as it can be named on a line. */
    record Named(String name, String sanskrit, List<String> also, String figure) {}

    /** What the teacher can name; small enough to be looked through in the page while a line is typed. */
    @GetMapping("/poses/names")
    @ResponseBody
    List<Named> names(@AuthenticationPrincipal Teacher teacher) {
        return poses.offered(teacher).stream()
                .map(pose ->
                        new Named(pose.name(), pose.sanskrit(), pose.names().also(), Figures.small(pose, null)))
                .toList();
    }
}
