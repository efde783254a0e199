package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest {
    private static final String SOUND = """
            # comment
            - id: tree
              name: Tree
              sanskrit: Vṛkṣāsana
              also: [tree balance]
              base: standing
              sides: two-sided
              sideOf: standing-leg
              hold: active
              complexity: medium
              effort: 3
              level: beginner
              breath: in
              doses: ["4 breaths", "6 breaths", "8 breaths"]
              cautions:
                - ankle change a hand at the wall
            - id: plank
              name: Plank
              base: plank
              hold: active
              complexity: simple
              effort: 4
              level: beginner
              breath: in
              doses: ["2 breaths", "4 breaths", "10 reps"]
              repSeconds: 3
            """;

    @Test
    void theShippedCatalogueIsSoundAndLargeEnoughForAClass() {
        assertThat(Plans.CATALOGUE.poses()).hasSizeGreaterThanOrEqualTo(36);
        assertThat(Plans.CATALOGUE.poses())
                .allSatisfy(pose -> assertThat(pose.doses()).hasSize(3));
    }

    @Test
    void anEntryIsReadWhole() {
        Pose tree = CatalogueReader.read(Map.of("balances.yaml", SOUND)).pose("tree");
        assertThat(tree.sanskrit()).isEqualTo("Vṛkṣāsana");
        assertThat(tree.doseFor(Level.ADVANCED)).hasToString("8 breaths");
        assertThat(tree.cautions())
                .containsExactly(new Caution(Need.ANKLE, Caution.Severity.CHANGE, "a hand at the wall"));
        assertThat(tree.family()).isEqualTo("balances");
    }

    static Stream<Arguments> broken() {
        return Stream.of(
                Arguments.of("base: standing", "base: sky", 2, "“sky” is none of"),
                Arguments.of("  name: Tree\n", "", 2, "name is missing"),
                Arguments.of("effort: 3", "effort: 9", 2, "effort must be a number from 1 to 5"),
                Arguments.of("  sideOf: standing-leg\n", "", 2, "needs sideOf"),
                Arguments.of("base: plank", "base: plank\n  sideOf: front-leg", 17, "symmetric, so sideOf"),
                Arguments.of("\"4 breaths\", \"6", "\"many\", \"6", 2, "“many” is not a dose"),
                Arguments.of("\"4 breaths\", \"6 breaths\"", "\"6 breaths\"", 2, "three are needed"),
                Arguments.of("ankle change a hand at the wall", "ankle change", 2, "says change but not to what"),
                Arguments.of("ankle change", "elbow change", 2, "“elbow” is none of"),
                Arguments.of("id: plank", "id: tree", 2, "used twice"),
                Arguments.of("name: Plank", "name: Tree balance", 17, "also a name of tree"),
                Arguments.of("  repSeconds: 3\n", "", 17, "needs repSeconds"),
                Arguments.of("repSeconds: 3", "repSeconds: 300", 17, "repSeconds must be"),
                Arguments.of(
                        "hold: active\n  complexity: medium",
                        "hold: active\n  colour: red\n  complexity: medium",
                        2,
                        "unknown field colour"));
    }

    @ParameterizedTest
    @MethodSource("broken")
    void everyKindOfFaultIsReportedWithFileAndLine(String sound, String faulty, int line, String message) {
        String text = SOUND.replaceFirst(
                java.util.regex.Pattern.quote(sound), java.util.regex.Matcher.quoteReplacement(faulty));
        assertThat(text).isNotEqualTo(SOUND);
        assertThatThrownBy(() -> CatalogueReader.read(Map.of("balances.yaml", text)))
                .isInstanceOfSatisfying(
                        CatalogueException.class,
                        e -> assertThat(e.problems()).anySatisfy(problem -> {
                            assertThat(problem.what()).contains(message);
                            assertThat(problem.file()).isEqualTo("balances.yaml");
                            assertThat(problem.line()).isEqualTo(line);
                        }));
    }

    @Test
    void allProblemsAreReportedTogetherAndBrokenYamlToo() {
        String two = SOUND.replace("base: standing", "base: sky").replace("effort: 4", "effort: 0");
        assertThatThrownBy(() -> CatalogueReader.read(Map.of("a.yaml", two, "b.yaml", "- id: [")))
                .isInstanceOfSatisfying(
                        CatalogueException.class, e -> assertThat(e.problems()).hasSize(3));
    }

    @ParameterizedTest
    @CsvSource({
        "pigeon, half-pigeon", "savasana, corpse", "Adho Mukha Svanasana, downward-dog", "warrior II, warrior-2",
        "virabhadrasana 2, warrior-2", "childs pose, childs-pose", "Bridge Pose, bridge", "cobras, cobra"
    })
    void aPoseIsFoundByAnyOfItsNames(String typed, String id) {
        assertThat(Plans.CATALOGUE.named(typed)).map(Pose::id).hasValue(id);
    }

    @ParameterizedTest
    @CsvSource({
        "warior 2, warrior-2",
        "half mon, half-moon",
        "down dgo, downward-dog",
        "trikonsana, triangle",
        "shavasna, corpse"
    })
    void theNearestComesFirst(String typed, String id) {
        assertThat(Plans.CATALOGUE.nearest(typed, 3))
                .hasSize(3)
                .first()
                .extracting(Pose::id)
                .isEqualTo(id);
    }
}
