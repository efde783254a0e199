package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Forty clean classes of many manners: a check that cries wolf is switched off. */
class CleanClassesTest {
    private static final int FEWEST = 40;

    /** @param must findings that must be mended, {@code look} those to look at */
    record Measured(int classes, int must, int look, List<String> loud) {
        static Measured all() throws IOException {
            int must = 0;
            int look = 0;
            List<Path> files = new ArrayList<>();
            List<String> loud = new ArrayList<>();
            Path checks = Path.of("src/test/resources/checks");
            for (Path folder : List.of(checks.resolve("clean"), checks.resolve("good"), OwnSlipsTest.SHIPPED)) {
                try (Stream<Path> all = Files.list(folder)) {
                    all.sorted().forEach(files::add);
                }
            }
            for (Path file : files) {
                String text = Files.readString(file);
                Report report = Checked.of(text.replaceAll("(?m)^# .*$", ""), MarkedExampleTest.group(text))
                        .report();
                must += (int) report.count(Severity.MUST);
                look += (int) report.count(Severity.LOOK);
                if (report.count(Severity.MUST) > 0) loud.add(file.getFileName().toString());
            }
            return new Measured(files.size(), must, look, loud);
        }
    }

    @Test
    void nothingMustBeMendedAndOneAClassIsLookedAtAtMost() throws IOException {
        Measured measured = Measured.all();
        assertTrue(measured.classes() >= FEWEST, "only " + measured.classes());
        assertEquals(0, measured.must(), "must be mended: " + measured.loud());
        assertTrue(measured.look() <= measured.classes(), measured.look() + " in " + measured.classes() + " classes");
    }
}
