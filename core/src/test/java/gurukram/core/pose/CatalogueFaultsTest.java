package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.catalogue.CatalogueException;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.catalogue.rules.CatalogueProblem;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Broken copies of a sound catalogue: each fault is told with its file and line. */
class CatalogueFaultsTest {
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
        String text = SoundCatalogue.SOUND.replaceFirst(Pattern.quote(sound), Matcher.quoteReplacement(faulty));
        assertThat(text).isNotEqualTo(SoundCatalogue.SOUND);
        expect(SoundCatalogue.files(text, SoundCatalogue.LADDERS), "balances.yaml", line, message);
    }

    /** The same again, for what teachers are told, for names, sides, doses, bodies and figures. */
    static Stream<Arguments> alsoBroken() {
        String gaze = "figure: {view: front";
        return Stream.of(
                Arguments.of(gaze, "gaze: to the left hand\n  " + gaze, 38, "names a side"),
                Arguments.of(gaze, "measures: [\"right foot: 90°\"]\n  " + gaze, 38, "names a side"),
                Arguments.of(gaze, "faults: [\"left knee falls in: out\"]\n  " + gaze, 38, "names a side"),
                Arguments.of(gaze, "wayIn: [\"in stand\", \"in right foot up\"]\n  " + gaze, 38, "names a side"),
                Arguments.of(gaze, "handsOn: press the hip\n  " + gaze, 38, "does not push or pull"),
                Arguments.of(gaze, "handsOn: a pull at the arm\n  " + gaze, 38, "does not push or pull"),
                Arguments.of(gaze, "faults: [\"the knee falls in\"]\n  " + gaze, 38, "needs what is seen, a colon"),
                Arguments.of(gaze, "faults: [\"the knee falls in: \"]\n  " + gaze, 38, "needs what is seen, a colon"),
                Arguments.of(gaze, "wayIn: [\"up stand\", \"in foot up\"]\n  " + gaze, 38, "“up” is none of"),
                Arguments.of(gaze, "wayIn: [\"in\", \"in foot up\"]\n  " + gaze, 38, "needs a breath and a move"),
                Arguments.of(gaze, "wayIn: [\"in foot up\"]\n  " + gaze, 38, "two to 5 moves"),
                Arguments.of(
                        gaze,
                        "wayIn: [\"in a\", \"in b\", \"in c\", \"in d\", \"in e\", \"in f\"]\n  " + gaze,
                        38,
                        "two to 5 moves"),
                Arguments.of(
                        gaze, "wayIn: [\"out stand\", \"out foot up\"]\n  " + gaze, 38, "entered on breath in, but no"),
                Arguments.of("breath: in", "breath: in\n  doseIn: {night: 3 breaths}", 20, "“night” is none of"),
                Arguments.of("breath: in", "breath: in\n  doseIn: {peak: lots}", 20, "“lots” is not a dose"),
                Arguments.of("breath: in", "breath: in\n  doseIn: {peak: \"8-3 breaths\"}", 20, "dose"),
                Arguments.of("breath: in", "breath: in\n  doseIn: {peak: \"8 reps\"}", 22, "needs repSeconds"),
                Arguments.of("  hold: active\n", "", 2, "hold is missing"),
                Arguments.of("hold: active", "hold: lazy", 10, "“lazy” is none of"),
                Arguments.of("  complexity: medium\n", "", 2, "complexity is missing"),
                Arguments.of("complexity: medium", "complexity: hard", 11, "“hard” is none of"),
                Arguments.of("complexity: medium", "complexity: medium\n  settingUpSeconds: 900", 12, "from 0 to 600"),
                Arguments.of("  risk: low\n", "", 2, "risk is missing"),
                Arguments.of("level: beginner", "level: everybody", 15, "“everybody” is none of"),
                Arguments.of("  spine: neutral\n", "", 2, "spine is missing"),
                Arguments.of("facing: front", "facing: inwards", 17, "“inwards” is none of"),
                Arguments.of("breath: in", "breath: held", 19, "“held” is none of"),
                Arguments.of("  leave: out\n", "", 2, "leave is missing"),
                Arguments.of(
                        "  doses: [\"3-5 breaths, at 4\", \"6 breaths\", \"8 breaths\"]\n", "", 2, "three are needed"),
                Arguments.of("inner-thighs 1 other", "inner-thighs 4 other", 22, "a strength from 1 to 3"),
                Arguments.of("inner-thighs 1 other", "wings 1 other", 22, "“wings” is none of"),
                Arguments.of("inner-thighs 1 other", "inner-thighs 1 upper", 22, "“upper” is none of"),
                Arguments.of("notIn: [knees]", "notIn: [soul]", 24, "“soul” is none of"),
                Arguments.of("notIn: [knees]", "notIn: [inner-thighs]", 24, "inner-thighs"),
                Arguments.of("  name: Plank\n", "", 39, "name is missing"),
                Arguments.of("also: [tree balance]", "also: [tree]", 5, "its own name already"),
                Arguments.of("also: [tree balance]", "also: [hard plank]", 62, "also a name of tree"),
                Arguments.of("sides: two-sided", "sides: three-sided", 8, "“three-sided” is none of"),
                Arguments.of("sides: two-sided", "sides: compound", 8, "twist"),
                Arguments.of("sideOf: standing-leg", "sideOf: third-leg", 9, "“third-leg” is none of"),
                Arguments.of("sideOf: standing-leg", "sideOf: standing-leg\n  twist: same", 10, "twist"),
                Arguments.of("repSeconds: 3", "repSeconds: 0.1", 53, "repSeconds must be"),
                Arguments.of("wall 1 or chair back", "wall 0", 28, "is not a prop"),
                Arguments.of(
                        "align: [\"hips level\", \"level\"]",
                        "align: [\"hips level\"]",
                        34,
                        "needs a full and a brief"),
                Arguments.of("stand on the {lead} leg", "stand on the {front} leg", 34, "{front}"),
                Arguments.of("view: front", "view: below", 38, "view"),
                Arguments.of("leg: \"floor -45", "leg: \"floor far", 60, "figure: leg"),
                Arguments.of("peakable: true", "peakable: true\n  peakable: false", 19, "not readable as YAML"));
    }

    @ParameterizedTest
    @MethodSource("alsoBroken")
    void soIsEveryKindOfFaultOfWhatTeachersRead(String sound, String faulty, int line, String message) {
        everyKindOfFaultIsReportedWithFileAndLine(sound, faulty, line, message);
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
        String text = SoundCatalogue.LADDERS.replaceFirst(Pattern.quote(sound), Matcher.quoteReplacement(faulty));
        assertThat(text).isNotEqualTo(SoundCatalogue.LADDERS);
        Map<String, String> files = new LinkedHashMap<>();
        files.put("ladders.yaml", text);
        files.put(
                "balances.yaml",
                SoundCatalogue.SOUND.replace("id: tree", "id: tree2").replace("peakable: true", "peakable: false"));
        files.put(
                "more.yaml",
                SoundCatalogue.SOUND
                        .substring(SoundCatalogue.SOUND.indexOf("- id: plank"))
                        .replace("id: ", "id: other-"));
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
        String noLadder =
                SoundCatalogue.LADDERS.replace("pose: tree", "pose: plank").replace("peak: tree", "skill: true");
        expect(
                SoundCatalogue.files(SoundCatalogue.SOUND, noLadder),
                "balances.yaml",
                18,
                "can be a peak, so it needs a ladder");
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
        String two =
                SoundCatalogue.SOUND.replaceFirst("base: standing", "base: sky").replaceFirst("effort: 4", "effort: 0");
        assertThatThrownBy(() -> CatalogueReader.read(Map.of("a.yaml", two, "b.yaml", "- id: [")))
                .isInstanceOfSatisfying(
                        CatalogueException.class,
                        e -> assertThat(e.problems())
                                .extracting(CatalogueProblem::toString)
                                .anyMatch(p -> p.startsWith("a.yaml:7 tree: base"))
                                .anyMatch(p -> p.startsWith("a.yaml:44 plank: effort"))
                                .anyMatch(p -> p.startsWith("b.yaml:") && p.contains("not readable as YAML")));
    }
}
