package gurukram.web.teach;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.SideBehaviour;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.check.Checks;
import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every pose on every side, as it is done and as it is shown to people who face it: nothing names the wrong side. */
class RoomSidesTest {
    private static final PoseCatalogue POSES = CatalogueReader.shipped();
    private static final int A_CLASS = 40;

    @Test
    void wordsAndFiguresAreOfTheSideOfThePeopleAndTheShownOnesOfTheOther() {
        List<Pose> sided = POSES.poses().stream()
                .filter(pose ->
                        pose.sides() != SideBehaviour.SYMMETRIC && pose.sides().hasSides())
                .toList();
        assertThat(sided).hasSizeGreaterThan(100);
        int looked = 0;
        for (int from = 0; from < sided.size(); from += A_CLASS)
            looked += look(sided.subList(from, Math.min(sided.size(), from + A_CLASS)));
        assertThat(looked).isGreaterThanOrEqualTo(2 * sided.size());
    }

    private static int look(List<Pose> poses) {
        List<String> lines = new ArrayList<>(List.of("class: All", "- 90 min, hatha, advanced", "standing:"));
        for (Pose pose : poses) lines.add(pose.name().toLowerCase() + ", both, 3 breaths");
        ClassPlan plan = new NotationReader(POSES, NodeNames.numbers())
                .read(String.join("\n", lines))
                .plan();
        var subject = new Checks(POSES, new Unfolder(POSES, Pace.defaults()), School.UNSET, null)
                .subject(plan, Level.ADVANCED);
        Script script = ScriptWriter.write(subject, Level.ADVANCED, School.UNSET, null);
        int sided = 0;
        for (Script.Line line : script.moments()) {
            if (line.side() == null) continue;
            sided++;
            String other = line.side().equals("right") ? "left" : "right";
            assertThat(line.sideWords()).as(line.name()).contains(line.side()).doesNotContain(other);
            assertThat(script.figures().get(line.figure()))
                    .as(line.name())
                    .contains("side=" + line.side().toUpperCase());
            assertThat(script.figures().get(line.shown())).as(line.name()).contains("side=" + other.toUpperCase());
        }
        return sided;
    }
}
