package gurukram.core.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;

/** A small table among the resources: a row a line, # comments. */
public final class Table {
    /** One row; a cell that is empty is the empty text. */
    public record Row(List<String> cells) {
        public String cell(int i) {
            return cells.get(i);
        }

        /** The parts of a cell, none for an empty one. */
        public List<String> list(int i, String between) {
            return Arrays.stream(cell(i).split(between))
                    .map(String::strip)
                    .filter(part -> !part.isEmpty())
                    .toList();
        }
    }

    private Table() {}

    /**
     * The rows of a resource; {@link IllegalStateException} for one with another number of cells.
     *
     * @param between what stands between cells
     */
    public static List<Row> of(String resource, String between, int columns) {
        return text(resource)
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(line -> row(resource, line, between, columns))
                .toList();
    }

    private static Row row(String resource, String line, String between, int columns) {
        List<String> cells = Arrays.stream(line.split(Pattern.quote(between), -1))
                .map(String::strip)
                .toList();
        if (cells.size() != columns) throw new IllegalStateException(resource + ": cannot read: " + line);
        return new Row(cells);
    }

    /** The whole of a resource. */
    public static String text(String resource) {
        try (InputStream in = Table.class.getResourceAsStream(resource)) {
            return new String(Objects.requireNonNull(in, resource).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
