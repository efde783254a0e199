package gurukram.core.caution;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;

/** A table among the resources: a row a line, its cells between tabs, a heading first. */
final class Rows {
    private Rows() {}

    static List<List<String>> of(String file, int columns) {
        try (InputStream in = Rows.class.getResourceAsStream("/cautions/" + file)) {
            String text = new String(Objects.requireNonNull(in, file).readAllBytes(), StandardCharsets.UTF_8);
            return text.lines()
                    .skip(1)
                    .filter(line -> !line.isBlank())
                    .map(line -> Arrays.asList(line.split("\t", -1)))
                    .peek(row -> {
                        if (row.size() != columns) throw new IllegalStateException(file + ": cannot read " + row);
                    })
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
