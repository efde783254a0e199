package gurukram.core.notation;

import static gurukram.core.Notation.read;
import static gurukram.core.Notation.write;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.AnyPlan;
import gurukram.core.plan.NodeNames;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Random and mutated texts: no exception, no hang, no lost line. All of them with GURUKRAM_FULL, a fixed twentieth without. */
class NotationFuzzTest {
    private static final int ALL = 200_000;
    private static final List<String> SCRAPS = List.of(
            "class:",
            "flow",
            "flow \"",
            "end flow",
            "end link",
            "link",
            "section",
            "- ",
            "-- ",
            "// ",
            "> ",
            "•",
            ",",
            ";",
            ":",
            "\"",
            "warm-up:",
            "tree",
            "half moon",
            "both",
            "left first",
            "lead",
            "5-8 breaths",
            "at 6",
            "3 min open",
            "4-4-4-4 x 3",
            "in",
            "out then",
            "continued",
            "round 2:",
            "rounds 3+",
            "last round",
            "beginner:",
            "then ",
            "first ",
            "leave out",
            "shared 0 1",
            "rest",
            "2 learn",
            "paces 4/3 s",
            "x 99999999999",
            "-7",
            "0",
            "108",
            "10 reps",
            "alternating",
            "two directions",
            "props:",
            "note:",
            "muted a-b",
            "priority",
            "school:",
            "60 min",
            "peak pose:",
            "theme:",
            "twelve positions b",
            "\t",
            "\u00a0",
            "\u2028",
            "\ud800",
            "🙂",
            "ṭ",
            "\u0000",
            "%s",
            "$1",
            "\\",
            "(",
            ")",
            "{lead}");

    private final Random random = new Random(20_261_125);
    private final List<List<String>> seeds = new ArrayList<>();

    @Test
    @Timeout(value = 30, unit = TimeUnit.MINUTES)
    void anyTextIsAnsweredLineByLine() {
        for (int seed = 0; seed < 300; seed++) {
            seeds.add(write(AnyPlan.of(seed)).lines().limit(200).toList());
        }
        boolean full = "yes".equals(System.getenv("GURUKRAM_FULL"));
        int whole = 0;
        for (int i = 0; i < (full ? ALL : ALL / 20); i++) {
            String text = text();
            Reading reading = read(text);
            assertThat(numbersOf(reading)).as(text).isEqualTo(linesOf(text));
            assertThat(reading.lines()).as(text).allMatch(line -> line.node() != null || line.problem() != null);
            assertThat(reading.problems()).as(text).allMatch(problem -> isWithin(problem, text));
            if (!reading.problems().isEmpty()) continue;
            whole++;
            Reading again = read(write(reading.plan()));
            assertThat(again.problems()).as(text).isEmpty();
            assertThat(NodeNames.numbered(again.plan())).as(text).isEqualTo(NodeNames.numbered(reading.plan()));
        }
        assertThat(whole).as("texts understood as a whole").isPositive();
    }

    private String text() {
        List<String> lines = new ArrayList<>();
        List<String> seed = pick(seeds);
        int from = random.nextInt(seed.size());
        lines.addAll(seed.subList(from, Math.min(seed.size(), from + 1 + random.nextInt(9))));
        for (int i = random.nextInt(4); i > 0; i--) mutate(lines);
        return String.join(random.nextInt(9) == 0 ? "\r\n" : "\n", lines);
    }

    private void mutate(List<String> lines) {
        int at = random.nextInt(lines.size());
        String line = lines.get(at);
        int cut = random.nextInt(line.length() + 1);
        switch (random.nextInt(6)) {
            case 0 -> Collections.swap(lines, at, random.nextInt(lines.size()));
            case 1 -> lines.add(at, pick(pick(seeds)));
            case 2 -> lines.set(at, line.substring(0, cut) + pick(SCRAPS) + line.substring(cut));
            case 3 -> lines.set(at, line.substring(cut));
            case 4 ->
                lines.set(
                        at,
                        line.substring(0, cut)
                                + (char) (32 + random.nextInt(300))
                                + line.substring(Math.min(line.length(), cut + 1)));
            default -> lines.set(at, pick(SCRAPS) + " " + pick(SCRAPS) + " " + pick(SCRAPS));
        }
    }

    private <T> T pick(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    private static List<Integer> numbersOf(Reading reading) {
        return reading.lines().stream()
                .map(Reading.ReadLine::number)
                .distinct()
                .sorted()
                .toList();
    }

    /** Numbers of the lines with anything in them but space. */
    private static List<Integer> linesOf(String text) {
        List<Integer> numbers = new ArrayList<>();
        String[] lines = text.split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            boolean empty = lines[i].chars()
                    .allMatch(c -> Character.isWhitespace(c) || Character.isSpaceChar(c) || c < ' ' || c == 0xFEFF);
            if (!empty) numbers.add(i + 1);
        }
        return numbers;
    }

    private static boolean isWithin(Located problem, String text) {
        String[] lines = text.split("\\R", -1);
        return problem.line() <= lines.length && problem.span().to() <= lines[problem.line() - 1].length();
    }
}
