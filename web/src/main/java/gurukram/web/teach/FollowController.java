package gurukram.web.teach;

import gurukram.core.body.Side;
import gurukram.web.poses.DrawnFigures;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** For those who look on: the pose, its side and its breath, and nothing else of the class or its teacher. */
@Controller
class FollowController {
    private final LiveStore live;
    private final DrawnFigures figures;

    FollowController(LiveStore live, DrawnFigures figures) {
        this.live = live;
        this.figures = figures;
    }

    @GetMapping("/follow/{secret}")
    String follow(@PathVariable String secret, Model model) {
        LiveStore.Guest guest = live.guest(secret).orElseThrow(NotFound::new);
        model.addAttribute("title", guest.title());
        model.addAttribute("base", "/follow/" + secret);
        return "teach/follow";
    }

    @GetMapping("/follow/{secret}/poses/{pose}/figure.svg")
    ResponseEntity<String> figure(
            @PathVariable String secret,
            @PathVariable String pose,
            @RequestParam(required = false) Side side,
            @RequestParam(defaultValue = "") List<String> with) {
        LiveStore.Guest guest = live.guest(secret).orElseThrow(NotFound::new);
        Teacher teacher = Teacher.named(guest.studio(), guest.teacher());
        String svg = figures.draw(teacher, pose, new DrawnFigures.Asked(side, true, true, true, with));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml;charset=UTF-8"))
                .body(svg);
    }
}
