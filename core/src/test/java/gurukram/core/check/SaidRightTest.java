package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.cue.CueTemplate;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Sentences that are right where they stand: the reader of words is silent. */
class SaidRightTest {
    private static final Set<String> OF_WORDS = Set.of("typed-cue", "manner", "claim-words");

    static List<String> sentences() throws IOException {
        return Files.readAllLines(Path.of("src/test/resources/checks/said-right.txt")).stream()
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .toList();
    }

    @TestFactory
    Stream<DynamicTest> nothingIsSaidOfThem() throws IOException {
        List<String> lines = sentences();
        assertTrue(lines.size() >= 60, "only " + lines.size());
        return lines.stream().map(line -> DynamicTest.dynamicTest(line, () -> silent(line)));
    }

    /** A teacher who types what the app itself would say. */
    @TestFactory
    Stream<DynamicTest> nothingIsSaidOfThePosesOwnWords() {
        return Plans.CATALOGUE.poses().stream()
                .filter(pose -> pose.sides().hasSides() && pose.twist() == null)
                .map(pose -> DynamicTest.dynamicTest(pose.id(), () -> ownWords(pose)));
    }

    private static void ownWords(Pose pose) {
        for (Side side : Side.values())
            for (String text : List.of(
                    pose.cues().enter().full(),
                    pose.cues().align().full(),
                    pose.cues().leave().full().startsWith("Lower")
                            ? pose.cues().leave().full()
                            : "")) {
                String said = new CueTemplate(text).words(pose, side, null, School.USUAL);
                assertEquals(Optional.empty(), SaidSides.of(said, pose).wrong(side, null), said);
                assertEquals(Optional.empty(), SaidSides.of(said, pose).twice(), said);
            }
    }

    private static void silent(String line) {
        String[] parts = line.split(" \\| ", 2);
        List<String> told =
                Checked.of("standing:\n" + parts[0] + "\n- say: " + parts[1] + "\n").report().findings().stream()
                        .filter(finding -> OF_WORDS.contains(finding.rule()))
                        .map(Finding::what)
                        .toList();
        assertEquals(List.of(), told);
    }
}
