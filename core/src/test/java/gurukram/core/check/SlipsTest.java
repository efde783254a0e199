package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The slips teachers make, each put into two clean classes: exactly its rule speaks, and nothing else. */
class SlipsTest {
    private static final Path RESOURCES = Path.of("src/test/resources/checks");
    private static final String ONLY_TAUGHT = "only the teaching shows it";

    /** @param lines removed ({@code -}) and put in their place ({@code +}) */
    record Change(String base, List<String> lines) {
        String applied() throws IOException {
            List<String> text = new ArrayList<>(OwnSlipsTest.clean(base).lines().toList());
            int at = -1;
            for (String line : lines) {
                String words = line.substring(2);
                if (line.startsWith("-")) {
                    at = text.indexOf(words);
                    assertTrue(at >= 0, base + " has no line “" + words + "”");
                    text.remove(at);
                } else {
                    text.add(at++, words);
                }
            }
            return String.join("\n", text);
        }
    }

    /** @param rule empty when only the teaching shows it */
    record Slip(String what, String rule, List<Change> changes) {}

    static List<Slip> slips() throws IOException {
        List<Slip> slips = new ArrayList<>();
        for (String block : Files.readString(RESOURCES.resolve("slips.txt")).split("(?m)^## ")) {
            if (block.isBlank()) continue;
            List<String> lines = block.stripTrailing().lines().toList();
            List<Change> changes = new ArrayList<>();
            for (String line : lines.subList(2, lines.size())) {
                boolean part = line.startsWith("- ") || line.startsWith("+ ");
                if (!part) changes.add(new Change(line, new ArrayList<>()));
                else changes.get(changes.size() - 1).lines().add(line);
            }
            slips.add(new Slip(lines.get(0), lines.get(1).equals(ONLY_TAUGHT) ? "" : lines.get(1), changes));
        }
        return slips;
    }

    @TestFactory
    Stream<DynamicTest> everySlipGivesExactlyItsFinding() throws IOException {
        return slips().stream()
                .filter(slip -> !slip.rule().isEmpty())
                .map(slip -> DynamicTest.dynamicTest(slip.what(), () -> {
                    assertEquals(2, slip.changes().size(), "two classes");
                    for (Change change : slip.changes()) {
                        List<Finding> findings =
                                Checked.of(change.applied()).report().findings();
                        Set<String> rules = new TreeSet<>(
                                findings.stream().map(Finding::rule).toList());
                        assertEquals(Set.of(slip.rule()), rules, change.base() + ": " + findings);
                    }
                }));
    }

    @Test
    void theClassesTheyArePutIntoAreClean() throws IOException {
        for (String base : List.of("hatha-beginners", "vinyasa-intermediate")) {
            assertEquals(
                    List.of(), Checked.of(OwnSlipsTest.clean(base)).report().findings(), base);
        }
    }
}
