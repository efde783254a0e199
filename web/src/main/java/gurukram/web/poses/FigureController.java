package gurukram.web.poses;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.figure.Figure;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.FeltMapSvg;
import gurukram.web.drawing.FigureSvg;
import gurukram.web.drawing.Inks;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
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
    private static final int MOST_KEPT = 4_000;

    private record Key(Object figure, Object of, FigureSvg.Manner manner) {}

    private final Poses poses;
    private final Map<Key, String> drawn = new ConcurrentHashMap<>();

    FigureController(Poses poses) {
        this.poses = poses;
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
        Pose pose = find(teacher, id);
        Inks inks = dark ? Inks.DARK : Inks.LIGHT;
        FigureSvg.Manner manner = new FigureSvg.Manner(sideOf(pose, side), hair, large, inks);
        Figure figure = Modifiers.shipped().drawn(pose, with);
        if (drawn.size() > MOST_KEPT) drawn.clear();
        String svg = drawn.computeIfAbsent(
                new Key(figure, pose.sideOf(), manner), key -> FigureSvg.draw(figure, pose.sideOf(), manner));
        return svg(svg);
    }

    @GetMapping("/poses/{id}/felt.svg")
    ResponseEntity<String> felt(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) Side side) {
        Pose pose = find(teacher, id);
        return svg(FeltMapSvg.draw(pose, sideOf(pose, side)));
    }

    private static ResponseEntity<String> svg(String svg) {
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(svg);
    }

    /** A symmetric pose has no side, one with sides is shown on the right where none is asked for. */
    private static Side sideOf(Pose pose, Side asked) {
        if (pose.sides() == SideBehaviour.SYMMETRIC) return null;
        return asked == null ? Side.RIGHT : asked;
    }

    private Pose find(Teacher teacher, String id) {
        PoseCatalogue catalogue = poses.of(teacher);
        if (!catalogue.has(id)) throw new NotFound();
        return catalogue.pose(id);
    }
}
