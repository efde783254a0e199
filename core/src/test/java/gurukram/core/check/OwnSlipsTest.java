package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.text.Refused;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Slips put into clean classes: a hundred and fifty written before the rules that find them, and some in words written after them.
 */
class OwnSlipsTest {
    private static final Path CHECKS = Path.of("src/test/resources/checks");
    /** Clean classes that teachers practise with. */
    static final Path SHIPPED = Path.of("src/main/resources/practice/classes");

    private static final double LEAST = 0.90;
    private static final double LEAST_OF_WORDS = 0.85;

    /** @param kind the first word is the kind, words have another for which */
    record Slip(String what, String kind, String base, List<String> lines) {
        boolean isWords() {
            return kind.startsWith("words");
        }

        String applied() throws IOException {
            List<String> text = new ArrayList<>(clean(base).lines().toList());
            int at = -1;
            for (String line : lines) {
                String words = line.length() < 3 ? "" : line.substring(2);
                if (line.startsWith("+")) {
                    text.add(at++, words);
                    continue;
                }
                int from = Math.max(at, 0);
                int found = text.subList(from, text.size()).indexOf(words);
                if (found < 0) found = text.indexOf(words) - from;
                assertTrue(found + from >= 0, base + " has no line “" + words + "”");
                at = found + from;
                if (line.startsWith("-")) text.remove(at);
                else at++;
            }
            return String.join("\n", text);
        }
    }

    /** The class of a name, wherever it lies. */
    static String clean(String base) throws IOException {
        for (Path folder : List.of(CHECKS.resolve("good"), CHECKS.resolve("clean"), SHIPPED)) {
            Path file = folder.resolve(base + ".txt");
            if (Files.exists(file)) return Files.readString(file);
        }
        throw new IllegalStateException("no class " + base);
    }

    static List<Slip> slips(String file) throws IOException {
        List<Slip> slips = new ArrayList<>();
        for (String block : Files.readString(CHECKS.resolve(file)).split("(?m)^## ")) {
            if (block.startsWith("#")) continue;
            List<String> lines = block.stripTrailing().lines().toList();
            slips.add(new Slip(lines.get(0), lines.get(1), lines.get(2), lines.subList(3, lines.size())));
        }
        return slips;
    }

    static Checked checkedClean(Slip slip) throws IOException {
        return checked(clean(slip.base()));
    }

    static Checked checked(String text) {
        return Checked.of(text.replaceAll("(?m)^# .*$", ""), MarkedExampleTest.group(text));
    }

    /** Whether something is said of it that is not said of the clean class: by a rule, at a place. */
    static boolean isFound(Slip slip) throws IOException {
        List<Finding> before = checked(clean(slip.base())).report().findings();
        List<Finding> after;
        try {
            after = checked(slip.applied()).report().findings();
        } catch (Refused e) {
            throw new AssertionError(slip.what() + " cannot be read: " + e.getMessage(), e);
        }
        return after.stream()
                .filter(finding -> finding.severity() != Severity.INFO)
                .filter(finding -> mayTell(slip, finding))
                .anyMatch(finding -> before.stream()
                        .noneMatch(old ->
                                old.rule().equals(finding.rule()) && old.what().equals(finding.what())));
    }

    /** The rules that may speak of a kind: a class made longer by a step too many is not told so by its length. */
    private static final Map<String, List<String>> RULES = Map.of(
            "words",
            List.of(
                    "typed-cue",
                    "claim-words",
                    "manner",
                    "words-too-long",
                    "speaking-pace",
                    "theme",
                    "retention",
                    "milestones"),
            "sides",
            List.of("sides-uneven", "second-side", "odd-sides", "one-leg", "same-side", "late-side"),
            "steps",
            List.of(
                    "pasted-twice",
                    "second-side",
                    "step-between",
                    "against-breath",
                    "breath-clash",
                    "floor-trips",
                    "foot-step",
                    "empty-layer",
                    "position-order",
                    "turned-over"),
            "breath",
            List.of(
                    "breath-clash",
                    "against-breath",
                    "accidental-hold",
                    "retention",
                    "half-breath",
                    "above-level",
                    "cautions"),
            "peak",
            List.of("preparation", "cold-pose", "counterpose", "high-risk", "cold-wrists", "early-peak", "opposites"),
            "shape",
            List.of("rest", "closing", "shape", "stretch-before-strength", "late-inversion", "high-risk"),
            "length",
            List.of("slot-length", "budgets"),
            "dose",
            List.of("dose-range"));

    private static boolean mayTell(Slip slip, Finding finding) {
        Map<String, List<String>> more = Map.of(
                "props", List.of("prop-fetch", "prop-stock"),
                "needs", List.of("cautions", "need-line"),
                "levels",
                        List.of(
                                "above-level",
                                "levels-turned",
                                "empty-layer",
                                "mixed-clock",
                                "learn-order",
                                "level-jump",
                                "high-risk"));
        String kind = slip.kind().split(" ")[0];
        return RULES.getOrDefault(kind, more.getOrDefault(kind, List.of())).contains(finding.rule());
    }

    /** How many of each kind are found of how many, and what is missed. */
    record Measured(Map<String, int[]> byKind, List<String> missed) {
        static Measured of(String file) throws IOException {
            Map<String, int[]> byKind = new LinkedHashMap<>();
            List<String> missed = new ArrayList<>();
            for (Slip slip : slips(file)) {
                boolean found = isFound(slip);
                if (!found) missed.add(slip.what());
                int[] count = byKind.computeIfAbsent(slip.kind(), k -> new int[2]);
                count[1]++;
                if (found) count[0]++;
            }
            return new Measured(byKind, missed);
        }

        int all(String kind) {
            return sum(kind, 1);
        }

        int found(String kind) {
            return sum(kind, 0);
        }

        private int sum(String kind, int at) {
            return byKind.entrySet().stream()
                    .filter(entry -> entry.getKey().startsWith(kind))
                    .mapToInt(entry -> entry.getValue()[at])
                    .sum();
        }
    }

    @Test
    void ninetyOfAHundredAreFound() throws IOException {
        Measured measured = Measured.of("own-slips.txt");
        assertTrue(measured.all("") >= 150, "only " + measured.all("") + " slips");
        assertTrue(measured.found("") >= LEAST * measured.all(""), "missed: " + measured.missed());
        assertTrue(measured.found("words") >= LEAST_OF_WORDS * measured.all("words"), "missed: " + measured.missed());
    }

    /** Sentences nobody had in mind when the rules were made. */
    @Test
    void soAreMostOfThoseWrittenAfterwards() throws IOException {
        Measured measured = Measured.of("own-slips-2.txt");
        assertTrue(measured.found("words") >= LEAST_OF_WORDS * measured.all("words"), "missed: " + measured.missed());
    }
}
