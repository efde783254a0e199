package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Good classes of different schools, and those of the demo: nothing in them must be mended. */
class GoodClassesTest {
    /** The class of the demo that shows the checks on. */
    private static final String IN_A_HURRY = "late-for-the-tide.txt";

    @TestFactory
    Stream<DynamicTest> nothingMustBeMended() throws IOException {
        List<Path> files = new ArrayList<>();
        for (String folder : List.of(
                "src/test/resources/checks/good",
                "src/main/resources/practice/classes",
                "../web/src/main/resources/demo")) {
            try (Stream<Path> all = Files.list(Path.of(folder))) {
                all.filter(file -> file.toString().endsWith(".txt") && !file.endsWith(IN_A_HURRY))
                        .sorted()
                        .forEach(files::add);
            }
        }
        assertTrue(files.size() >= 13, "only " + files.size() + " classes");
        return files.stream()
                .map(file -> DynamicTest.dynamicTest(file.getFileName().toString(), () -> {
                    String text = Files.readString(file);
                    List<Finding> all = Checked.of(text.replaceAll("(?m)^# .*$", ""), MarkedExampleTest.group(text))
                            .report()
                            .findings();
                    assertEquals(
                            List.of(),
                            all.stream()
                                    .filter(f -> f.severity() == Severity.MUST)
                                    .toList());
                }));
    }
}
