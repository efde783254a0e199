package gurukram.web.sheets;

import gurukram.core.body.Side;
import gurukram.core.cue.ShortCue;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Twelve.Place;
import gurukram.core.time.Breath;
import gurukram.web.plans.ClassEditor;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The twelve positions as a sheet. */
@Component
class Twelves {
    private static final String NAME_BEFORE = ": ";

    private final Poses poses;
    private final ClassEditor editor;
    private final Drawn drawn;

    Twelves(Poses poses, ClassEditor editor, Drawn drawn) {
        this.poses = poses;
        this.editor = editor;
        this.drawn = drawn;
    }

    /** @param legs which leg comes forward, in words */
    public record Twelve(String list, String legs, List<Position> positions) {}

    /**
     * @param first which leg in the first half, {@code second} in the second; empty where it does not matter
     * @param name of the sun
     */
    public record Position(
            int number, String figure, String pose, String breath, String first, String second, String name) {}

    /** @param legs null for the teacher's own rule */
    Twelve of(Teacher teacher, String list, LegRule legs, Side lead) {
        PoseCatalogue catalogue = poses.of(teacher);
        LegRule rule =
                legs == null ? editor.schoolOf(teacher).over(School.USUAL).legRule() : legs;
        var round = gurukram.core.practice.Twelve.of(list, rule, lead, catalogue, editor.unfolderOf(teacher));
        List<String> names = TwelvePositions.sunNames();
        List<Position> positions = new ArrayList<>();
        for (int i = 0; i < round.first().size(); i++) {
            Place first = round.first().get(i);
            Pose pose = catalogue.pose(first.pose());
            String side = first.front() == null ? null : first.front().word();
            positions.add(new Position(
                    first.n(),
                    drawn.of(teacher, pose.id(), side),
                    pose.name(),
                    breath(first),
                    ShortCue.side(first.begins(), pose),
                    ShortCue.side(round.second().get(i).begins(), pose),
                    names.get(i).substring(names.get(i).indexOf(NAME_BEFORE) + NAME_BEFORE.length())));
        }
        return new Twelve(
                list,
                rule == LegRule.SAME_FRONT
                        ? "the leg that stayed in front comes to the front again"
                        : "the leg that went back first comes forward first",
                positions);
    }

    private static String breath(Place place) {
        return place.breaths().stream()
                .map(breath -> breath == Breath.FREE
                        ? "breath as it comes"
                        : breath.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .collect(Collectors.joining(", then "));
    }
}
