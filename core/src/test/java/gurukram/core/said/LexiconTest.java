package gurukram.core.said;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.text.Claims;
import gurukram.core.text.Table;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Every word and every pattern of the lexicon is read in a sentence as what it stands for. */
class LexiconTest {
    private static final Set<String> UNITS =
            Set.of("breaths", "seconds", "minutes", "counts", "reps", "rounds", "sets");

    @TestFactory
    Stream<DynamicTest> everyWordIsReadAsItsKind() {
        return Lexicon.shipped().all().stream()
                .map(entry -> DynamicTest.dynamicTest(
                        entry.kind() + " " + String.join(" ", entry.words()), () -> isRead(entry)));
    }

    private static void isRead(Lexicon.Entry entry) {
        String words = String.join(" ", entry.words());
        if (UNITS.contains(entry.kind())) {
            List<Numbers.Counted> counted = Numbers.in("now seven " + words);
            assertEquals(1, counted.size(), words);
            assertEquals(7, counted.get(0).number());
            assertEquals(entry.kind(), counted.get(0).unit());
            assertTrue(counted.get(0).known());
            return;
        }
        switch (entry.kind()) {
            case "leg", "arm" -> {
                LimbClaim limb = Sides.of("lift the left " + words).limbs().get(0);
                assertEquals(entry.kind().equals("arm"), limb.arm());
                assertEquals("left", limb.side());
                assertEquals(Set.of("up"), limb.states());
            }
            case "torso" ->
                assertEquals(
                        List.of("part left"),
                        Sides.of("soften the left " + words).ways().stream()
                                .map(way -> way.kind() + " " + way.side())
                                .toList());
            case "state" ->
                assertTrue(
                        Sides.of("the right leg " + words)
                                .limbs()
                                .get(0)
                                .states()
                                .contains(entry.value()),
                        words);
            case "turn", "bend" -> {
                WayClaim way = Sides.of(words + " to the right").ways().get(0);
                assertEquals("right", way.side());
                assertTrue(Set.of("turn", "bend").contains(way.kind()), way.kind());
            }
            case "lie" -> {
                String verb = words.matches("lie.*|roll.*|rest.*") ? words : "lie " + words;
                String lying = verb.matches(".*on(to)?") ? verb : verb + " on";
                assertEquals(
                        "lie",
                        Sides.of(lying + " your right side").ways().get(0).kind());
            }
            case "inhale" ->
                assertEquals(List.of(true), Breathing.of("now " + words).phases());
            case "exhale" ->
                assertEquals(List.of(false), Breathing.of("now " + words).phases());
            case "hold" -> assertTrue(Breathing.of("inhale, " + words).held());
            default -> throw new AssertionError("no test knows the kind " + entry.kind());
        }
    }

    @TestFactory
    Stream<DynamicTest> everyWayOfDrivingPeopleIsFoundAndWhatIsNearItPasses() {
        return examples(
                "manner",
                line -> line.substring(0, line.lastIndexOf('|')),
                text -> !Phrases.manner(text).isEmpty());
    }

    @TestFactory
    Stream<DynamicTest> everyPromiseIsFoundAndWhatIsNearItPasses() {
        return examples("promise", line -> line, text -> !Claims.in(text).isEmpty());
    }

    private static Stream<DynamicTest> examples(
            String kind, Function<String, String> pattern, Function<String, Boolean> finds) {
        List<String> patterns =
                Table.of(kind.equals("promise") ? "/said/promises.txt" : "/said/manner.txt", "\n", 1).stream()
                        .map(row -> pattern.apply(row.cell(0)))
                        .toList();
        List<Table.Row> examples = Table.of("/said/" + kind + "-examples.txt", "|", 2);
        assertEquals(patterns.size(), examples.size(), "an example for each pattern");
        return IntStream.range(0, patterns.size())
                .mapToObj(i -> DynamicTest.dynamicTest(patterns.get(i), () -> {
                    String example = examples.get(i).cell(0);
                    String near = examples.get(i).cell(1);
                    assertTrue(
                            Pattern.compile("\\b(?:" + patterns.get(i) + ")\\b", Pattern.CASE_INSENSITIVE)
                                    .matcher(example)
                                    .find(),
                            example);
                    assertTrue(finds.apply(example), example);
                    assertTrue(!finds.apply(near), near);
                }));
    }
}
