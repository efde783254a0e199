package gurukram.web.poses;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.figure.Figure;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.FigureSvg;
import gurukram.web.drawing.Inks;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The figures of a teacher's poses, each drawn once. */
@Component
public class DrawnFigures {
    private static final int MOST_KEPT = 4_000;

    private record Key(Object figure, Object of, FigureSvg.Manner manner) {}

    /** @param side null for the usual one, {@code with} what is different about the pose */
    public record Asked(Side side, boolean hair, boolean dark, boolean large, List<String> with) {}

    private final Poses poses;
    private final Map<Key, String> drawn = new ConcurrentHashMap<>();

    DrawnFigures(Poses poses) {
        this.poses = poses;
    }

    /** As SVG; {@link NotFound} when the teacher has no such pose. */
    public String draw(Teacher teacher, String id, Asked asked) {
        Pose pose = find(teacher, id);
        Inks inks = asked.dark() ? Inks.DARK : Inks.LIGHT;
        FigureSvg.Manner manner = new FigureSvg.Manner(sideOf(pose, asked.side()), asked.hair(), asked.large(), inks);
        Figure figure = Modifiers.shipped().drawn(pose, asked.with());
        if (drawn.size() > MOST_KEPT) drawn.clear();
        return drawn.computeIfAbsent(
                new Key(figure, pose.sideOf(), manner), key -> FigureSvg.draw(figure, pose.sideOf(), manner));
    }

    /** A symmetric pose has no side, one with sides is shown on the right where none is asked for. */
    static Side sideOf(Pose pose, Side asked) {
        if (pose.sides() == SideBehaviour.SYMMETRIC) return null;
        return asked == null ? Side.RIGHT : asked;
    }

    public Pose find(Teacher teacher, String id) {
        PoseCatalogue catalogue = poses.of(teacher);
        if (!catalogue.has(id)) throw new NotFound();
        return catalogue.pose(id);
    }
}
