package gurukram.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.pose.Pose;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FigureSvgTest {
    private static final Collection<Pose> POSES = CatalogueReader.shipped().poses();
    private static final Pattern BOX = Pattern.compile("viewBox=\"([^\"]+)\"");
    private static final Pattern MARK = Pattern.compile("<path class=\"side\"[^>]* d=\"M(\\S+) \\S+H([^\"]+)\"");

    static Collection<Pose> poses() {
        return POSES;
    }

    static Stream<Pose> sided() {
        return POSES.stream().filter(pose -> pose.sides() != SideBehaviour.SYMMETRIC);
    }

    private static String draw(Pose pose, Side side, boolean letters) {
        return FigureSvg.draw(pose.figure(), pose.sideOf(), new FigureSvg.Manner(side, true, letters, Inks.LIGHT));
    }

    @ParameterizedTest
    @MethodSource("poses")
    void isSmallAndWhole(Pose pose) {
        for (Side side : pose.sides() == SideBehaviour.SYMMETRIC ? new Side[] {null} : Side.values()) {
            String svg = draw(pose, side, true);
            assertThat(svg.length()).as(pose.id()).isLessThan(4_096);
            assertThat(svg).startsWith("<svg ").endsWith("</svg>").doesNotContain("NaN", "Infinity", " style=");
        }
    }

    /** The lead side is told by colour and by mark: right filled with its letter, left a ring; everything else is mirrored. */
    @ParameterizedTest
    @MethodSource("sided")
    void theOtherSideIsTheMirror(Pose pose) {
        String right = draw(pose, Side.RIGHT, true);
        String left = draw(pose, Side.LEFT, true);
        double[] r = numbers(BOX, right);
        double[] l = numbers(BOX, left);
        assertThat(l[0]).isCloseTo(-r[0] - r[2], within(0.21));
        assertThat(l[1]).isEqualTo(r[1]);
        assertThat(l[2]).isEqualTo(r[2]);
        assertThat(numbers(MARK, left)[0]).isCloseTo(-numbers(MARK, right)[1], within(0.11));
        assertThat(right).contains(">R</text>", "#a9410b").doesNotContain("#17568f");
        assertThat(left).contains(">L</text>", "#17568f").doesNotContain("#a9410b");
        assertThat(draw(pose, Side.RIGHT, false)).doesNotContain("<text").contains("class=\"side\"");
    }

    /** No two poses look the same: somebody who knows one picture would take the other pose for it. */
    @Test
    void everyPoseHasAPictureOfItsOwn() {
        Map<String, String> seen = new HashMap<>();
        for (Pose pose : POSES) {
            Side side = pose.sides() == SideBehaviour.SYMMETRIC ? null : Side.RIGHT;
            // without the colours of the side, as somebody who has not learnt them sees it
            String drawn = draw(pose, side, false)
                    .replaceAll("<path class=\"side\"[^>]*>", "")
                    .replaceAll("(fill|stroke)=\"[^\"]*\"", "");
            String other = seen.putIfAbsent(drawn, pose.id());
            assertThat(other).as("%s looks like", pose.id()).isNull();
        }
    }

    private static double[] numbers(Pattern pattern, String svg) {
        Matcher m = pattern.matcher(svg);
        assertThat(m.find()).isTrue();
        String all = m.groupCount() == 2 ? m.group(1) + " " + m.group(2) : m.group(1);
        return Arrays.stream(all.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }

    @Test
    void hairAndTheDarkRoomChangeOnlyTheDrawing() {
        Pose tree =
                POSES.stream().filter(p -> p.id().equals("tree")).findFirst().orElseThrow();
        String plain =
                FigureSvg.draw(tree.figure(), tree.sideOf(), new FigureSvg.Manner(Side.RIGHT, false, false, Inks.DARK));
        assertThat(plain)
                .doesNotContain("#10272b")
                .hasSizeLessThan(draw(tree, Side.RIGHT, false).length());
    }

    /** Stretch and work differ by their pattern, not by colour alone, and sit on the side they are felt. */
    @Test
    void theFeltMapTellsStretchFromWorkAndRightFromLeft() {
        Pose halfPigeon = POSES.stream()
                .filter(p -> p.id().equals("half-pigeon"))
                .findFirst()
                .orElseThrow();
        String right = FeltMapSvg.draw(halfPigeon, Side.RIGHT);
        assertThat(right).contains("url(#s3)").isNotEqualTo(FeltMapSvg.draw(halfPigeon, Side.LEFT));
        // the outer hip of the right leg: on the reader's left from the front, on the right from behind
        assertThat(right).contains("cx=\"19.7\"", "cx=\"92.2\"").doesNotContain("cx=\"36.3\"", "cx=\"75.8\"");
        List<Pose> both = POSES.stream().filter(p -> !p.works().isEmpty()).toList();
        assertThat(both)
                .allSatisfy(pose -> assertThat(
                                FeltMapSvg.draw(pose, pose.sides() == SideBehaviour.SYMMETRIC ? null : Side.RIGHT))
                        .containsPattern("url\\(#w[123]\\)"));
    }
}
