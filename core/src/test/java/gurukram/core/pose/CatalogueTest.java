package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.body.Action;
import gurukram.core.body.BodyArea;
import gurukram.core.catalogue.CatalogueException;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.text.Claims;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
              loosely: [balance]
              base: standing
              sides: two-sided
              sideOf: standing-leg
              hold: active
              complexity: medium
              effort: 3
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: front
              peakable: true
              breath: in
              leave: out
              doses: ["3-5 breaths, at 4", "6 breaths", "8 breaths"]
              stretches: [inner-thighs 1 other]
              works: [ankles-feet 3 own]
              notIn: [knees]
              actions: [one-leg-balance 2/2, outer-hip-strength 1]
              counter: [plank]
              next: [plank]
              props: [wall 1 or chair back]
              cautions:
                - ankle change a hand at the wall → plank
                - vertigo change a hand at the wall
                - pregnancy-later change a hand at the wall
                - osteoporosis change a hand at the wall
              cues:
                enter: ["stand on the {lead} leg", "on the {lead} leg"]
                align: ["hips level", "level"]
                leave: ["lower the {other} foot", "foot down"]
              figure: {view: front, spine: "90", arm: "100 80", leg: "-92 -90", leg2: "-28*.95 208*.95 -110"}
            - id: plank
              name: Plank
              base: plank
              hold: active
              complexity: simple
              effort: 4
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: down
              breath: in
              leave: out
              doses: ["2 breaths", "4 breaths", "10 reps"]
              repSeconds: 3
              harder: [knee-plank]
              mechanisms: [still]
              cues:
                enter: ["step back", "back"]
                align: ["one line", "line"]
                leave: ["knees down", "knees"]
              figure: {hips: "24", spine: "12 10", leg: "floor -45 straight end -68", arm: "floor 28"}
            - id: knee-plank
              name: Hard plank
              base: plank
              hold: active
              complexity: simple
              effort: 4
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: down
              breath: in
              leave: out
              doses: ["2 breaths", "4 breaths", "5 breaths"]
              easier: [plank]
              mechanisms: [still]
              cues:
                enter: ["step back", "back"]
                align: ["one line", "line"]
                leave: ["knees down", "knees"]
              figure: {hips: "24", spine: "12 10", leg: "floor -45 straight end -68", arm: "floor 28"}
            """;
    private static final String LADDERS = """
            - id: tree
              name: Tree
              peak: tree
              level: beginner
              classes: 2
              back: the hip hitches up
              rungs:
                - pose: plank
                  dose: 3 breaths
                  ready: steady
                - does: one foot light
                  dose: 3 breaths
                  ready: steady
                - pose: knee-plank
                  dose: 5 breaths
                  ready: steady
                  props: [block 1]
                  with: teacher
                - pose: tree
                  dose: 5 breaths
                  ready: gaze may move
            """;

    private static Map<String, String> files(String poses, String ladders) {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("balances.yaml", poses);
        files.put("ladders.yaml", ladders);
        return files;
    }

    @Test
    void theShippedCatalogueIsSoundAndLargeEnough() {
        PoseCatalogue shipped = CatalogueReader.shipped();
        assertThat(shipped.poses()).hasSizeGreaterThanOrEqualTo(350);
        long ladders = shipped.ladders().stream().filter(l -> l.peak() != null).count();
        assertThat(ladders).isGreaterThanOrEqualTo(45);
        assertThat(shipped.ladders()).anyMatch(ladder -> ladder.peak() == null);
        assertThat(shipped.poses()).allSatisfy(pose -> {
            assertThat(pose.isFor(Level.BEGINNER))
                    .as(pose.id())
                    .isEqualTo(pose.doses().size() == 3);
            if (pose.gate() != null)
                assertThat(pose.isFor(Level.BEGINNER)).as(pose.id()).isFalse();
            assertThat(pose.cautions())
                    .as(pose.id())
                    .allSatisfy(c -> assertThat(c.change()).isNotBlank());
        });
    }

    @Test
    void anEntryIsReadWhole() {
        PoseCatalogue read = CatalogueReader.read(files(SOUND, LADDERS));
        Pose tree = read.pose("tree");
        assertThat(tree.sanskrit()).isEqualTo("Vṛkṣāsana");
        assertThat(tree.names().plainSanskrit()).isEqualTo("Vrikshasana");
        assertThat(tree.doseFor(Level.BEGINNER)).hasToString("4 breaths");
        assertThat(tree.doses().get(Level.BEGINNER)).hasToString("3-5 breaths, at 4");
        assertThat(tree.caution(Need.ANKLE))
                .hasValue(new Caution(Need.ANKLE, Caution.Severity.CHANGE, "a hand at the wall", "plank"));
        assertThat(tree.family()).isEqualTo("balances");
        assertThat(tree.demands(Action.ONE_LEG_BALANCE)).isEqualTo(2);
        assertThat(tree.prepares(Action.OUTER_HIP_STRENGTH)).isZero();
        assertThat(tree.props()).containsExactly(new PropUse("wall", 1, "chair back"));
        assertThat(tree.notIn()).containsExactly(BodyArea.KNEES);
        assertThat(tree.cues().leave().brief()).isEqualTo("foot down");
        assertThat(read.laddersWith("tree")).singleElement().satisfies(ladder -> {
            assertThat(ladder.rungOf("tree")).isEqualTo(4);
            assertThat(ladder.rungs().get(2).with()).isEqualTo(Ladder.With.TEACHER);
            assertThat(ladder.rungs().get(1).does()).isEqualTo("one foot light");
        });
    }

    /** What to replace in the sound files, with what, and the line and words of the problem. */
    static Stream<Arguments> broken() {
        return Stream.of(
                Arguments.of("base: standing", "base: sky", 7, "“sky” is none of"),
                Arguments.of("  name: Tree\n", "", 2, "name is missing"),
                Arguments.of("effort: 3", "effort: 9", 12, "effort must be a number from 1 to 5"),
                Arguments.of("depth: 1", "depth: 4", 13, "depth must be a number from 1 to 3"),
                Arguments.of("  sideOf: standing-leg\n", "", 8, "needs sideOf"),
                Arguments.of("base: plank", "base: plank\n  sideOf: front-leg", 42, "symmetric, so sideOf"),
                Arguments.of("base: plank", "base: plank\n  works: [arms 1 own]", 39, "felt on both sides"),
                Arguments.of("\"6 breaths\"", "\"many\"", 21, "“many” is not a dose"),
                Arguments.of("3-5 breaths, at 4", "5-3 breaths, at 4", 21, "dose"),
                Arguments.of("3-5 breaths, at 4", "3-5 breaths, at 9", 21, "dose"),
                Arguments.of(", \"6 breaths\"", "", 21, "three are needed"),
                Arguments.of("vertigo change a hand at the wall", "vertigo change", 29, "says change but not to what"),
                Arguments.of("ankle change", "elbow change", 29, "“elbow” is none of"),
                Arguments.of("- vertigo change", "- ankle change", 29, "two cautions for ankle"),
                Arguments.of("mechanisms: [still]", "mechanisms: [stillness]", 55, "“stillness” is none of"),
                Arguments.of("  mechanisms: [still]\n", "", 39, "says nothing of what it does to a body"),
                Arguments.of("mechanisms: [still]", "headDown: true\n  mechanisms: [still]", 56, "has the head down"),
                Arguments.of("mechanisms: [still]", "wristLoad: true\n  mechanisms: [still]", 56, "hands-part or"),
                Arguments.of("base: plank", "base: prone", 55, "lies on the belly, so it has the mechanism belly-down"),
                Arguments.of("mechanisms: [still]", "mechanisms: [hip-90, hip-120]", 55, "two strengths of one fact"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [hamstring, hamstring-end]",
                        55,
                        "hamstring and hamstring-end are two strengths"),
                Arguments.of("mechanisms: [still]", "mechanisms: [still]\n  milder: [sky]", 56, "there is no pose sky"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [wrist change x-nothing]",
                        56,
                        "there is no sentence x-nothing"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [wrist blocked x-hands → sky]",
                        56,
                        "there is no pose sky"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [wrist blocked x-hands → plank]",
                        56,
                        "is not safe or not near"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [elbow blocked]",
                        56,
                        "“elbow” is none of"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [wrist maybe]",
                        56,
                        "“maybe” is none of"),
                Arguments.of(
                        "mechanisms: [still]",
                        "mechanisms: [still]\n  overrides: [wrist]",
                        56,
                        "needs a need, a severity"),
                Arguments.of("→ plank", "→ sky", 29, "there is no pose sky"),
                Arguments.of("→ plank", "→ tree", 29, "takes its own place"),
                Arguments.of(
                        "harder: [knee-plank]",
                        "harder: [knee-plank]\n  cautions: [ankle blocked sit]",
                        29,
                        "is changed or left out for ankle itself"),
                Arguments.of("a hand at the wall → plank", "this cures ankles → plank", 29, "states a benefit"),
                Arguments.of("id: plank", "id: tree", 2, "used twice"),
                Arguments.of("name: Plank", "name: Tree balance", 40, "also a name of tree"),
                Arguments.of("loosely: [balance]", "loosely: [vrikshasana]", 6, "its own name already"),
                Arguments.of("  repSeconds: 3\n", "", 52, "needs repSeconds"),
                Arguments.of("repSeconds: 3", "repSeconds: 300", 53, "repSeconds must be"),
                Arguments.of("hold: active\n", "hold: active\n  colour: red\n", 11, "unknown field colour"),
                Arguments.of("one-leg-balance 2/2", "one-leg-balance 2/3", 25, "cannot prepare one-leg-balance at 3"),
                Arguments.of("one-leg-balance 2/2", "flying 2/2", 25, "“flying” is none of"),
                Arguments.of("one-leg-balance 2/2", "one-leg-balance 4", 25, "a strength such as 2"),
                Arguments.of("one-leg-balance 2/2, ", "outer-hip-strength 2/2, ", 25, "told twice"),
                Arguments.of("one-leg-balance 2/2", "one-leg-balance 3/2", 25, "only 0 easier poses prepare"),
                Arguments.of(
                        "outer-hip-strength 1]",
                        "arm-push 1/1, wrist-load 1/1, hip-flexion 1/1, inversion 1/1, core-side 1/1, core-front 1/1]",
                        25,
                        "at most six"),
                Arguments.of("counter: [plank]", "counter: [sky]", 26, "there is no pose sky"),
                Arguments.of("next: [plank]", "next: [tree]", 27, "names the pose itself"),
                Arguments.of("  harder: [knee-plank]\n", "", 74, "does not name it back"),
                Arguments.of("harder: [knee-plank]", "harder: [knee-plank]\n  easier: [knee-plank]", 55, "in a circle"),
                Arguments.of(
                        "depth: 1\n  risk: low\n  level: beginner\n  spine: neutral\n  facing: down",
                        "depth: 3\n  risk: low\n  level: beginner\n  spine: neutral\n  facing: down",
                        45,
                        "needs a counterpose"),
                Arguments.of("wall 1 or chair back", "trapeze 1", 28, "is not a prop"),
                Arguments.of("stand on the {lead} leg", "stand on one leg", 34, "its way in must say {lead}"),
                Arguments.of("stand on the {lead} leg", "stand on the left leg, {lead}", 34, "wrong on the other side"),
                Arguments.of("\"step back\"", "\"step the {lead} foot back\"", 56, "symmetric"),
                Arguments.of("\"foot down\"", "\"\"", 34, "a cue is empty"),
                Arguments.of("\"foot down\"", "\"one two three four five six seven eight nine ten\"", 34, "not brief"),
                Arguments.of("leg: \"-92 -90\", ", "", 38, "leg is missing"),
                Arguments.of("leg: \"-92 -90\"", "leg: \"at 0 -200\"", 38, "cannot reach"),
                Arguments.of("spine: \"12 10\"", "spine: \"up\"", 60, "figure: spine"),
                Arguments.of("hips: \"24\"", "hips: \"30\"", 60, "cannot reach"),
                Arguments.of("arm: \"floor 28\"", "arm: \"-90 -100\"", 60, "sinks"),
                Arguments.of(
                        "leg: \"floor -45 straight end -68\", arm: \"floor 28\"",
                        "leg: \"180 180\", arm: \"0 0\"",
                        60,
                        "floats"),
                Arguments.of("risk: low", "risk: high", 14, "needs a gate"),
                Arguments.of("risk: low", "risk: low\n  gate: tree 9", 15, "has no rung 9"),
                Arguments.of("risk: low", "risk: low\n  gate: tree 4", 15, "is rung 4 of that ladder itself"),
                Arguments.of("risk: low", "risk: low\n  gate: tree 2", 22, "not for beginners: none"),
                Arguments.of("\"8 breaths\"", "\"none\"", 21, "the advanced need one"),
                Arguments.of("\"6 breaths\"", "\"none\"", 21, "what is for a level is for those above"),
                Arguments.of("-110\"", "-110\", touch: \"ankle2 on leg\"", 38, "ankle2 on leg, but is"),
                Arguments.of("-110\"", "-110\", touch: \"toes2 on floor\"", 38, "toes2 on floor, but is"),
                Arguments.of("-110\"", "-110\", touch: \"wrist on wall\"", 38, "wrist on wall, but is"),
                Arguments.of("-110\"", "-110\", touch: \"nose on leg\"", 38, "“nose” is no place of the body"),
                Arguments.of("-110\"", "-110\", touch: \"ankle2 on moon\"", 38, "“moon” is nothing to lie on"),
                Arguments.of("-110\"", "-110\", touch: \"ankle2\"", 38, "is not as in “ankle2 on leg”"),
                Arguments.of("-110\"", "-110\", move: \"ankle dances\"", 38, "“dances” is none of circles"),
                Arguments.of("-110\"", "-110\", move: \"nose circles\"", 38, "“nose” is no place of the body"),
                Arguments.of("-110\"", "-110\", move: \"ankle\"", 38, "is not as in “ankle circles”"),
                Arguments.of("mechanisms: [still]", "mechanisms: [kneel]", 60, "kneel, but knee is"),
                Arguments.of("mechanisms: [still]", "mechanisms: [forearms]", 60, "forearms, but elbow is"),
                Arguments.of("mechanisms: [still]", "mechanisms: [head-half]", 55, "no rule says what head-half asks"),
                Arguments.of("risk: low", "risk: low\n  gate: sky 2", 15, "no ladder sky"),
                Arguments.of("risk: low", "risk: low\n  gate: soon", 15, "not a ladder and its rung"));
    }

    @ParameterizedTest
    @MethodSource("broken")
    void everyKindOfFaultIsReportedWithFileAndLine(String sound, String faulty, int line, String message) {
        String text = SOUND.replaceFirst(Pattern.quote(sound), Matcher.quoteReplacement(faulty));
        assertThat(text).isNotEqualTo(SOUND);
        expect(files(text, LADDERS), "balances.yaml", line, message);
    }

    static Stream<Arguments> brokenLadders() {
        return Stream.of(
                Arguments.of("peak: tree", "peak: plank2", 3, "on none of its rungs"),
                Arguments.of("  peak: tree\n", "", 1, "either a peak or skill"),
                Arguments.of("pose: knee-plank", "pose: sky", 7, "there is no pose sky"),
                Arguments.of("pose: knee-plank", "nothing: here", 7, "needs either a pose or what is done"),
                Arguments.of("dose: 3 breaths", "dose: lots", 7, "rung 1"),
                Arguments.of("with: teacher", "with: nobody", 1, "none of"),
                Arguments.of(
                        "    - does: one foot light\n      dose: 3 breaths\n      ready: steady\n",
                        "",
                        7,
                        "has 3 rungs"),
                Arguments.of("  level: beginner\n", "", 1, "level is missing"),
                Arguments.of("level: beginner", "level: everybody", 4, "none of"),
                Arguments.of("  classes: 2\n", "", 1, "classes must be a number from 1 to 20"),
                Arguments.of("classes: 2", "classes: 0", 5, "classes must be a number from 1 to 20"),
                Arguments.of("  back: the hip hitches up\n", "", 1, "back is missing"),
                Arguments.of("ready: steady", "ready: steady\n      classes: 90", 7, "rung 1: classes must be"),
                Arguments.of("  name: Tree\n", "", 1, "name is missing"),
                Arguments.of("pose: tree\n", "pose: plank\n", 3, "on none of its rungs"));
    }

    @ParameterizedTest
    @MethodSource("brokenLadders")
    void aFaultyLadderIsReportedWithFileAndLine(String sound, String faulty, int line, String message) {
        String text = LADDERS.replaceFirst(Pattern.quote(sound), Matcher.quoteReplacement(faulty));
        assertThat(text).isNotEqualTo(LADDERS);
        Map<String, String> files = new LinkedHashMap<>();
        files.put("ladders.yaml", text);
        files.put("balances.yaml", SOUND.replace("id: tree", "id: tree2").replace("peakable: true", "peakable: false"));
        files.put("more.yaml", SOUND.substring(SOUND.indexOf("- id: plank")).replace("id: ", "id: other-"));
        assertThatThrownBy(() -> CatalogueReader.read(files))
                .isInstanceOfSatisfying(
                        CatalogueException.class,
                        e -> assertThat(e.problems()).anySatisfy(problem -> {
                            assertThat(problem.what()).contains(message);
                            assertThat(problem.file()).isEqualTo("ladders.yaml");
                            assertThat(problem.line()).isEqualTo(line);
                        }));
    }

    @Test
    void aPeakNeedsALadder() {
        String noLadder = LADDERS.replace("pose: tree", "pose: plank").replace("peak: tree", "skill: true");
        expect(files(SOUND, noLadder), "balances.yaml", 18, "can be a peak, so it needs a ladder");
    }

    private static void expect(Map<String, String> files, String file, int line, String message) {
        assertThatThrownBy(() -> CatalogueReader.read(files))
                .isInstanceOfSatisfying(
                        CatalogueException.class,
                        e -> assertThat(e.problems()).anySatisfy(problem -> {
                            assertThat(problem.what()).contains(message);
                            assertThat(problem.file()).isEqualTo(file);
                            assertThat(problem.line()).isEqualTo(line);
                        }));
    }

    @Test
    void allProblemsAreReportedTogetherAndBrokenYamlToo() {
        String two = SOUND.replaceFirst("base: standing", "base: sky").replaceFirst("effort: 4", "effort: 0");
        assertThatThrownBy(() -> CatalogueReader.read(Map.of("a.yaml", two, "b.yaml", "- id: [")))
                .isInstanceOfSatisfying(
                        CatalogueException.class,
                        e -> assertThat(e.problems())
                                .extracting(CatalogueProblem::toString)
                                .anyMatch(p -> p.startsWith("a.yaml:7 tree: base"))
                                .anyMatch(p -> p.startsWith("a.yaml:44 plank: effort"))
                                .anyMatch(p -> p.startsWith("b.yaml:") && p.contains("not readable as YAML")));
    }

    @Test
    void noTextOfTheCatalogueStatesABenefitAsAFact() {
        CatalogueReader.shippedFiles()
                .forEach((file, text) -> assertThat(Claims.in(text)).as(file).isEmpty());
        assertThat(Claims.in("It cures colds, healing hips, detoxes, and balances hormones; relieves stress."))
                .containsExactly("cures", "healing", "detoxes", "balances hormones", "relieves stress");
        assertThat(Claims.in("Heel down, secure the strap, balance on the standing leg"))
                .isEmpty();
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
