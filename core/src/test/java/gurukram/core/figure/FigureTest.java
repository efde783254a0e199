package gurukram.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gurukram.core.Plans;
import gurukram.core.body.Base;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class FigureTest {
    private static final Offset<Double> EXACT = within(0.001);
    private static final double HUNDREDTH_OF_THE_BODY = 1;

    static Collection<Pose> poses() {
        return Plans.CATALOGUE.poses();
    }

    @ParameterizedTest
    @MethodSource("poses")
    void bonesKeepTheirLength(Pose pose) {
        Skeleton body = Poser.pose(pose.figure());
        body.limbs().forEach((part, limb) -> {
            double upper = part.upperBone().length() * limb.angles().upper().shown();
            double lower = part.lowerBone().length() * limb.angles().lower().shown();
            assertThat(limb.start().distance(limb.middle())).isCloseTo(upper, EXACT);
            assertThat(limb.middle().distance(limb.end())).isCloseTo(lower, EXACT);
        });
        double spine = 0;
        for (int i = 1; i < body.spine().size(); i++) {
            spine += body.spine().get(i - 1).distance(body.spine().get(i));
        }
        assertThat(spine).isCloseTo(Bone.SPINE.length() * pose.figure().spineShown(), EXACT);
    }

    /** What is put on the floor touches it; and what a base stands on is put there, whatever the figure says of itself. */
    @ParameterizedTest
    @MethodSource("poses")
    void whatShouldTouchTheFloorDoes(Pose pose) {
        if (pose.figure().view() == Viewpoint.ABOVE) return;
        Skeleton body = Poser.pose(pose.figure());
        pose.figure().limbs().forEach((part, limb) -> {
            if (limb instanceof Limb.Reaching r && r.floor()) {
                assertThat(body.limbs().get(part).lowest() - r.y())
                        .as("%s of %s", part, pose.id())
                        .isCloseTo(0, within(HUNDREDTH_OF_THE_BODY));
            }
        });
        // a way from one place to another is drawn while it is gone
        if (pose.family().equals("transitions")) return;
        Set<Part> down = EnumSet.noneOf(Part.class);
        body.limbs().forEach((part, limb) -> {
            if (Math.abs(limb.lowest()) <= HUNDREDTH_OF_THE_BODY) down.add(part);
        });
        if (pose.base() == Base.STANDING) assertThat(down).containsAnyOf(Part.LEG, Part.LEG2);
        if (pose.base() == Base.DOG && !pose.facts().has(Mechanism.ONE_HAND))
            assertThat(down).contains(Part.ARM, Part.ARM2);
        if (pose.base() == Base.DOG) assertThat(down).contains(Part.ARM).hasSizeGreaterThanOrEqualTo(3);
        if (pose.base() == Base.PLANK)
            assertThat(down).hasSizeGreaterThanOrEqualTo(1).containsAnyOf(Part.ARM, Part.ARM2);
        if (pose.base() == Base.ARM_BALANCE)
            assertThat(down).contains(Part.ARM, Part.ARM2).doesNotContain(Part.LEG);
        assertThat(body.lowest()).as(pose.id()).isCloseTo(0, within(HUNDREDTH_OF_THE_BODY));
    }

    @ParameterizedTest
    @MethodSource("poses")
    void writtenAndReadItIsTheSame(Pose pose) {
        FigureText.Read read = FigureText.read(FigureText.write(pose.figure()));
        assertThat(read.problems()).isEmpty();
        assertThat(read.figure()).isEqualTo(pose.figure());
    }

    @Test
    void aHandReachesWhereItIsPutByBendingTheElbow() {
        FigureText.Read read =
                FigureText.read(Map.of("hips", "40", "spine", "90", "arm", "at 10 60", "leg", "-90 -90"));
        Skeleton.Posed arm = Poser.pose(read.figure()).limbs().get(Part.ARM);
        assertThat(arm.end().x()).isCloseTo(10, EXACT);
        assertThat(arm.end().y()).isCloseTo(60, EXACT);
        assertThat(arm.middle().x()).as("elbows go backward").isLessThan(0);
        FigureText.Read other = FigureText.read(Map.of("hips", "40", "arm", "at 10 60 bend", "leg", "-90 -90"));
        assertThat(Poser.pose(other.figure()).limbs().get(Part.ARM).middle().x())
                .isGreaterThan(0);
    }

    @Test
    void whatIsTooFarIsToldAndReachedForAllTheSame() {
        FigureText.Read read = FigureText.read(Map.of("hips", "40", "arm", "at 90 90", "leg", "-90 -90"));
        Skeleton body = Poser.pose(read.figure());
        assertThat(body.problems()).anyMatch(p -> p.startsWith("arm cannot reach that far"));
        assertThat(body.limbs().get(Part.ARM).angles().upper().degrees())
                .isEqualTo(body.limbs().get(Part.ARM).angles().lower().degrees());
    }

    @Test
    void limbsMayHoldOnToEachOtherInAnyOrderButNotInACircle() {
        Map<String, String> tree = Map.of("arm", "to ankle2", "arm2", "10 10", "leg", "-90 -90", "leg2", "to knee");
        assertThat(Poser.pose(FigureText.read(tree).figure()).problems()).allMatch(p -> p.contains("cannot reach"));
        Map<String, String> circle = Map.of("arm", "to wrist2", "arm2", "to wrist", "leg", "-90 -90");
        assertThat(Poser.pose(FigureText.read(circle).figure()).problems()).anyMatch(p -> p.contains("waits for it"));
    }

    @Test
    void theOtherLimbOfAFigureSeenFromTheFrontIsItsMirrorWhereNothingIsSaid() {
        Skeleton body = Poser.pose(FigureText.read(Map.of("view", "front", "arm", "170 100", "leg", "-100 -92"))
                .figure());
        for (Joint[] pair :
                List.of(new Joint[] {Joint.WRIST, Joint.WRIST2}, new Joint[] {Joint.KNEE, Joint.KNEE2}, new Joint[] {
                    Joint.SHOULDER, Joint.SHOULDER2
                })) {
            assertThat(body.at(pair[0]).mirrored().distance(body.at(pair[1]))).isCloseTo(0, EXACT);
        }
        assertThat(body.at(Joint.SHOULDER).x())
                .as("the right side of one who faces us")
                .isNegative();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "90",
                "a b",
                "1 2 3 4",
                "90*0 90",
                "90*1.5 90",
                "floor",
                "floor x",
                "at 3",
                "to moon",
                "at 1 2 fly",
                "at 1 2 end",
                "at 1 2 *2"
            })
    void aLimbThatSaysNothingClearIsRefused(String text) {
        assertThatThrownBy(() -> Limb.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void everyFaultOfAFigureIsTold() {
        FigureText.Read read = FigureText.read(Map.of(
                "view",
                "moon",
                "spine",
                "1 2 3",
                "head",
                "up",
                "turn",
                "a",
                "props",
                "sofa 3, strap wrist",
                "before",
                "nose",
                "tail",
                "9"));
        assertThat(read.figure()).isNull();
        assertThat(String.join("\n", read.problems()))
                .contains(
                        "view",
                        "spine",
                        "head",
                        "turn",
                        "sofa 3",
                        "strap wrist",
                        "before",
                        "unknown field tail",
                        "arm is missing");
    }
}
