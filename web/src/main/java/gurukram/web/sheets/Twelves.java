package gurukram.web.sheets;

import gurukram.core.body.Side;
import gurukram.core.cue.ShortCue;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.time.Breath;
import gurukram.web.plans.ClassEditor;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** The twelve positions as a sheet. */
@Component
class Twelves {
    private static final int POSITIONS = 12;
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
        List<Moment> moments = moments(teacher, catalogue, list, rule, lead);
        List<String> names = TwelvePositions.sunNames();
        List<Position> positions = new ArrayList<>();
        for (int i = 0; i < POSITIONS; i++) {
            Moment first = moments.get(i);
            Pose pose = catalogue.pose(first.pose());
            String side = first.side() == null ? null : first.side().word();
            positions.add(new Position(
                    i + 1,
                    drawn.of(teacher, pose.id(), side),
                    pose.name(),
                    first.breath() == Breath.FREE
                            ? "breath as it comes"
                            : first.breath().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    ShortCue.side(first, pose),
                    ShortCue.side(moments.get(i + POSITIONS), pose),
                    names.get(i).substring(names.get(i).indexOf(NAME_BEFORE) + NAME_BEFORE.length())));
        }
        return new Twelve(
                list,
                rule == LegRule.SAME_FRONT
                        ? "the leg that stayed in front comes to the front again"
                        : "the leg that went back first comes forward first",
                positions);
    }

    /** Both halves of one round. */
    private List<Moment> moments(Teacher teacher, PoseCatalogue catalogue, String list, LegRule rule, Side lead) {
        Supplier<NodeId> ids = NodeNames.numbers();
        FlowSettings settings = FlowSettings.of(1);
        Flow flow = new TwelvePositions(catalogue, ids)
                .flow(list, rule, settings.with(settings.sides().with(lead)));
        Section section = Section.of(ids.get(), SectionRole.SALUTATIONS).withChildren(List.of(flow));
        ClassPlan plan = new ClassPlan(ClassSettings.of("Twelve", 30, Style.HATHA, Level.BEGINNER), List.of(section));
        return editor.unfolderOf(teacher).unfold(plan, Level.BEGINNER).moments();
    }
}
