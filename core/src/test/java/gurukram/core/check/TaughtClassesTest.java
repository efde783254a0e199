package gurukram.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Classes as teachers type them, two for each thing a class may say, and what must come of them: below {@code ---} of a file.
 * A moment is named by its pose, a side if it matters, and its number among those.
 */
class TaughtClassesTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    @TestFactory
    Stream<DynamicTest> areUnderstoodAsMeant() throws IOException {
        List<Path> files;
        try (Stream<Path> all = Files.list(Path.of("src/test/resources/notation/taught"))) {
            files = all.sorted().toList();
        }
        assertThat(files).hasSizeGreaterThanOrEqualTo(34);
        return files.stream()
                .map(file ->
                        DynamicTest.dynamicTest(file.getFileName().toString(), () -> holds(Files.readString(file))));
    }

    private static void holds(String file) {
        String[] halves = file.split("(?m)^---\n");
        ClassPlan plan = Notation.roundTrip(halves[0].split("\n"));
        String written = Notation.write(plan);
        Facts facts = new Facts(plan, written, UNFOLDER.unfold(plan, null));
        for (String fact : halves[1].split("\n")) facts = facts.check(fact);
    }

    private record Facts(ClassPlan plan, String written, Score score) {
        Facts check(String fact) {
            String[] parts = fact.split(": ", 2);
            String[] words = parts[0].split(" ", 2);
            String expected = parts.length > 1 ? parts[1] : "";
            String about = words.length > 1 ? words[1] : "";
            switch (words[0]) {
                case "level" -> {
                    return new Facts(
                            plan, written, UNFOLDER.unfold(plan, Level.valueOf(about.toUpperCase(Locale.ROOT))));
                }
                case "order" -> inOrder(expected);
                case "line" ->
                    assertThat(written.lines().map(String::strip)).as(fact).contains(expected);
                case "clashes" ->
                    assertThat(Checked.of(plan, null).says(BreathClash.class))
                            .as(fact)
                            .isEmpty();
                case "least" -> assertThat(score.isOpenEnded()).as(fact).isTrue();
                case "count" -> assertThat(of(about)).as(fact).hasSize(Integer.parseInt(expected));
                case "work" -> assertThat(one(about).workMs()).as(fact).isEqualTo(ms(expected));
                case "setup" -> assertThat(one(about).settingUpMs()).as(fact).isEqualTo(ms(expected));
                case "move" -> assertThat(one(about).transitionMs()).as(fact).isEqualTo(ms(expected));
                case "with" ->
                    assertThat(String.join(", ", one(about).how().with()))
                            .as(fact)
                            .isEqualTo(expected);
                case "way" -> assertThat(one(about).how().way()).as(fact).isEqualTo(expected);
                case "says" -> assertThat(step(about).texts().say()).as(fact).isEqualTo(expected);
                case "kind" -> assertThat(ofKind(about)).as(fact).isEqualTo(ms(expected));
                case "flow" -> assertThat(rounds(about) + " rounds").as(fact).isEqualTo(expected);
                default -> throw new IllegalArgumentException(fact);
            }
            return this;
        }

        private void inOrder(String expected) {
            String order = Notation.order(score);
            if (expected.endsWith(", …")) assertThat(order).startsWith(expected.substring(0, expected.length() - 3));
            else assertThat(order).isEqualTo(expected);
        }

        /** {@code tree R 2}: the second moment of tree on the right. */
        private Moment one(String about) {
            String last = about.substring(about.lastIndexOf(' ') + 1);
            boolean numbered = last.chars().allMatch(Character::isDigit);
            List<Moment> all = of(numbered ? about.substring(0, about.lastIndexOf(' ')) : about);
            int index = numbered ? Integer.parseInt(last) - 1 : 0;
            assertThat(all).as(about).hasSizeGreaterThan(index);
            return all.get(index);
        }

        private List<Moment> of(String about) {
            String[] named = about.split(" ");
            return score.moments().stream()
                    .filter(m -> named[0].equals(m.pose()) && m.kind() != Moment.Kind.PAUSE)
                    .filter(m -> named.length == 1
                            || m.side() != null && m.side().letter().equals(named[1]))
                    .toList();
        }

        private Step step(String about) {
            return (Step) Objects.requireNonNull(plan.find(one(about).node()).orElse(null));
        }

        private long ofKind(String kind) {
            return score.moments().stream()
                    .filter(m -> m.kind() == Moment.Kind.valueOf(kind))
                    .mapToLong(Moment::workMs)
                    .sum();
        }

        private int rounds(String name) {
            return plan.sections().stream()
                    .flatMap(section -> section.items().stream())
                    .filter(Flow.class::isInstance)
                    .map(Flow.class::cast)
                    .filter(flow -> flow.settings().name().equals(name))
                    .findFirst()
                    .orElseThrow()
                    .settings()
                    .rounds();
        }

        private static long ms(String seconds) {
            return Math.round(Double.parseDouble(seconds) * 1000);
        }
    }
}
