package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.figure.Figure;
import gurukram.core.figure.FigureText;
import gurukram.core.figure.Joint;
import gurukram.core.figure.Poser;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ModifiersTest {
    private static Figure drawn(String pose, String... with) {
        return Modifiers.shipped().drawn(Plans.CATALOGUE.pose(pose), List.of(with));
    }

    @Test
    void otherArmsAreDrawnAndTheRestStaysAsItIs() {
        Figure up = drawn("chair-mountain", "arms up");
        assertThat(up).isNotEqualTo(Plans.CATALOGUE.pose("chair-mountain").figure());
        var body = Poser.pose(up);
        var before = Poser.pose(Plans.CATALOGUE.pose("chair-mountain").figure());
        assertThat(body.at(Joint.WRIST).y()).isGreaterThan(body.at(Joint.HEAD).y());
        assertThat(body.at(Joint.ANKLE)).isEqualTo(before.at(Joint.ANKLE));
        assertThat(Poser.pose(drawn("warrior-2", "hands at the heart"))
                        .at(Joint.WRIST)
                        .y())
                .isLessThan(body.at(Joint.HEAD).y());
    }

    /** Arms are given for an upright trunk; on a leaning one they lean with it. */
    @Test
    void armsTurnWithTheTrunk() {
        Figure leaning = Plans.CATALOGUE.pose("chair").figure();
        assertThat(leaning.high()).isNotEqualTo(90);
        String arm = FigureText.write(drawn("chair", "arms free")).get("arm");
        double upper = Double.parseDouble(arm.split(" ")[0]);
        assertThat(upper).isEqualTo(-92 + leaning.high() - 90);
    }

    @ParameterizedTest
    @ValueSource(strings = {"plank", "downward-dog", "standing-fold", "side-angle", "table"})
    void armsThatCarryOrHangStayAsTheyAre(String pose) {
        assertThat(drawn(pose, "arms up")).isSameAs(Plans.CATALOGUE.pose(pose).figure());
    }

    @Test
    void whatIsNotDrawnLeavesTheFigureAlone() {
        assertThat(drawn("mountain", "knees bent", "at the wall"))
                .isSameAs(Plans.CATALOGUE.pose("mountain").figure());
        assertThat(drawn("mountain")).isSameAs(Plans.CATALOGUE.pose("mountain").figure());
    }

    @Test
    void armsFromTheFrontLookDifferentFromEachOther() {
        Set<String> seen = new HashSet<>();
        List<String> arms = List.of(
                "eagle arms",
                "cactus arms",
                "arms up",
                "arms wide",
                "hands at the heart",
                "hands on the hips",
                "arms free");
        for (String name : arms)
            seen.add(FigureText.write(drawn("goddess", name)).toString());
        assertThat(seen).hasSize(arms.size());
    }
}
