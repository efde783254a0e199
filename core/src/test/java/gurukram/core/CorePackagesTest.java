package gurukram.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Every package says what lives in it and what it imports, truly, and none is too large to read. */
class CorePackagesTest {
    private static final int MOST_FILES = 25;
    private static final Path SOURCES = Path.of("src/main/java");
    private static final Pattern IMPORT =
            Pattern.compile("^import (?:static )?gurukram\\.core\\.([a-z.]+?)\\.[A-Z]", Pattern.MULTILINE);
    private static final Pattern TOLD = Pattern.compile("Imports: ([a-z., ]+)\\.\\s*\\*/");
    /** One rule, one file: as many as there are. */
    private static final Set<String> LARGE = Set.of("check", "catalogue.rules");

    @TestFactory
    List<DynamicTest> packages() throws IOException {
        try (Stream<Path> all = Files.walk(SOURCES)) {
            List<Path> folders = all.filter(Files::isDirectory)
                    .filter(folder -> !files(folder).isEmpty())
                    .toList();
            assertThat(folders).hasSizeGreaterThan(10);
            return folders.stream()
                    .map(folder -> DynamicTest.dynamicTest("core." + name(folder), () -> check(folder)))
                    .toList();
        }
    }

    private static void check(Path folder) throws IOException {
        if (!LARGE.contains(name(folder))) assertThat(files(folder)).hasSizeLessThanOrEqualTo(MOST_FILES);
        Path info = folder.resolve("package-info.java");
        assertThat(info).exists();
        Matcher told = TOLD.matcher(Files.readString(info).replaceAll("\\n \\* (?!<p>)", " "));
        assertThat(told.find()).as("tells what it imports").isTrue();
        String imports = String.join(", ", imports(folder));
        assertThat(told.group(1)).isEqualTo(imports.isEmpty() ? "none of ours" : imports);
    }

    private static SortedSet<String> imports(Path folder) throws IOException {
        SortedSet<String> imports = new TreeSet<>();
        for (Path file : files(folder)) {
            Matcher found = IMPORT.matcher(Files.readString(file));
            while (found.find()) imports.add(found.group(1));
        }
        imports.remove(name(folder));
        return imports;
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String name(Path folder) {
        return SOURCES.resolve("gurukram/core").relativize(folder).toString().replace('/', '.');
    }
}
