package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Notation;
import gurukram.core.group.People;
import gurukram.core.notation.Reading;
import gurukram.core.plan.NodeId;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * The example class of every rule. A line on which the rule has something to say ends in {@code <<}; on every other line it is
 * silent, and so is it in the example's own mended class, which follows behind a line of dashes. The first lines may say who
 * comes: {@code # 12 mats, 2 wrist} and {@code # room: 8 mats, 8 block, 1 wall}.
 */
class MarkedExampleTest {
    private static final String MARK = "<<";

    static Path fileOf(Card card) {
        return Path.of("src/test/resources/checks", card.rule() + ".txt");
    }

    @TestFactory
    Stream<DynamicTest> theMarkedLinesAndNoOthers() {
        return Checks.all().stream()
                .map(check -> DynamicTest.dynamicTest(check.card().rule(), () -> holds(check)));
    }

    private static void holds(Check check) throws IOException {
        String[] parts = Files.readString(fileOf(check.card())).split("(?m)^----+$");
        assertEquals(2, parts.length, "a slip and the same class without it");
        assertTrue(marked(parts[0]).size() > 0 && marked(parts[1]).isEmpty(), "the first is marked, the second is not");
        for (String part : parts) assertEquals(marked(part), found(check, part));
    }

    private static TreeSet<Integer> marked(String text) {
        TreeSet<Integer> marked = new TreeSet<>();
        List<String> lines = lines(text);
        for (int i = 0; i < lines.size(); i++) if (lines.get(i).endsWith(MARK)) marked.add(i + 1);
        return marked;
    }

    private static List<String> lines(String text) {
        return text.strip().lines().toList();
    }

    private static TreeSet<Integer> found(Check check, String text) {
        List<String> lines = new ArrayList<>();
        for (String line : lines(text)) {
            String plain = line.startsWith("#") ? "" : line;
            lines.add(
                    plain.endsWith(MARK)
                            ? plain.substring(0, plain.length() - MARK.length()).stripTrailing()
                            : plain);
        }
        Reading reading = Notation.read(String.join("\n", lines));
        TreeSet<Integer> found = new TreeSet<>();
        for (Finding finding : Checked.of(reading.planOrRefused(), group(text)).of(check.getClass())) {
            found.add(lineOf(reading, finding.node()));
        }
        return found;
    }

    /** A finding about the whole class belongs to its title. */
    private static int lineOf(Reading reading, NodeId node) {
        return reading.lines().stream()
                .filter(line -> node.equals(line.node()))
                .map(Reading.ReadLine::number)
                .findFirst()
                .orElse(1);
    }

    static People group(String text) {
        People group = null;
        for (String line : lines(text)) {
            if (line.startsWith("# room: "))
                group = new People(group.mats(), group.needs(), Checked.room(line.substring(8)));
            else if (line.startsWith("# ")) group = Checked.group(line.substring(2));
        }
        return group;
    }
}
