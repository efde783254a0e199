package gurukram.web.poses;

import gurukram.core.body.Side;
import gurukram.core.pose.Pose;
import gurukram.web.drawing.FeltMapSvg;
import gurukram.web.shared.Teacher;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The drawn figures, one file each. Their address carries a mark of what is drawn, so they may be kept for good. */
@RestController
class FigureController {
    private static final MediaType SVG = MediaType.valueOf("image/svg+xml;charset=UTF-8");

    private final DrawnFigures figures;

    FigureController(DrawnFigures figures) {
        this.figures = figures;
    }

    @GetMapping("/poses/{id}/figure.svg")
    ResponseEntity<String> figure(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) Side side,
            @RequestParam(defaultValue = "true") boolean hair,
            @RequestParam(defaultValue = "false") boolean dark,
            @RequestParam(defaultValue = "false") boolean large,
            @RequestParam(defaultValue = "") List<String> with) {
        return svg(figures.draw(teacher, id, new DrawnFigures.Asked(side, hair, dark, large, with)));
    }

    @GetMapping("/poses/{id}/felt.svg")
    ResponseEntity<String> felt(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) Side side) {
        Pose pose = figures.find(teacher, id);
        return svg(FeltMapSvg.draw(pose, DrawnFigures.sideOf(pose, side)));
    }

    private static ResponseEntity<String> svg(String svg) {
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(svg);
    }
}
