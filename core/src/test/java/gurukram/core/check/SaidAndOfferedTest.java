package gurukram.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Small classes, what one check says about each, what it offers, and what of the class is another line then. A case begins with
 * {@code #}, the check and perhaps a group; behind {@code --} stands what is said.
 */
class SaidAndOfferedTest {
    private static final Path CASES = Path.of("src/test/resources/checks/said-and-offered.txt");

    @TestFactory
    Stream<DynamicTest> asItIsWritten() throws IOException {
        String[] cases = Files.readString(CASES).split("(?m)^# ");
        assertThat(cases).hasSizeGreaterThan(30);
        return Arrays.stream(cases).skip(1).map(text -> {
            String[] parts = text.split("(?m)^--$\n?", 2);
            String head = parts[0].lines().findFirst().orElseThrow();
            String plan = parts[0].substring(head.length() + 1);
            return DynamicTest.dynamicTest(
                    head + ": " + plan.strip().lines().skip(1).findFirst().orElse(""),
                    () -> assertThat(told(head, plan).strip()).isEqualTo(parts[1].strip()));
        });
    }

    /** What a check says of a class, what it advises, what it offers, and the lines that are other ones when an offer is taken. */
    static String told(String head, String plan) {
        String[] names = head.split(",", 2);
        Checked checked = Checked.of(plan, names.length > 1 ? Checked.group(names[1].strip()) : null);
        List<String> told = new ArrayList<>();
        for (Finding finding : checked.of(check(names[0].strip()))) {
            told.add(finding.severity() + " " + finding.what());
            if (!finding.advice().isEmpty()) told.add("~ " + finding.advice());
            for (Mend mend : checked.mends(finding)) {
                told.add("> " + mend.label());
                Checked mended = checked.mended(mend);
                assertThat(mended.of(check(names[0].strip())))
                        .as("still there after “%s”", mend.label())
                        .noneMatch(finding::isSameAs);
                told.addAll(changed(Notation.write(checked.plan()), Notation.write(mended.plan())));
            }
        }
        return String.join("\n", told);
    }

    private static Class<? extends Check> check(String name) {
        return Checks.all().stream()
                .map(Check::getClass)
                .filter(check -> check.getSimpleName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** The lines that went and those that came, in their order. */
    private static List<String> changed(String before, String after) {
        List<String> a = before.lines().toList();
        List<String> b = after.lines().toList();
        int[][] same = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--)
            for (int k = b.size() - 1; k >= 0; k--)
                same[i][k] =
                        a.get(i).equals(b.get(k)) ? same[i + 1][k + 1] + 1 : Math.max(same[i + 1][k], same[i][k + 1]);
        List<String> changed = new ArrayList<>();
        int i = 0;
        int k = 0;
        while (i < a.size() || k < b.size()) {
            if (i < a.size() && k < b.size() && a.get(i).equals(b.get(k))) {
                i++;
                k++;
            } else if (k == b.size() || i < a.size() && same[i + 1][k] >= same[i][k + 1]) {
                changed.add("- " + a.get(i++));
            } else {
                changed.add("+ " + b.get(k++));
            }
        }
        return changed;
    }
}
