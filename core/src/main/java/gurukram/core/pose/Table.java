package gurukram.core.pose;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;

/** A small table among the resources: a row a line, its cells between bars, # comments. */
final class Table {
    /** One row; a cell that is empty is the empty text. */
    record Row(List<String> cells) {
        String cell(int i) {
            return cells.get(i);
        }

        /** The parts of a cell, none for an empty one. */
        List<String> list(int i, String between) {
            return Arrays.stream(cell(i).split(between))
                    .map(String::strip)
                    .filter(part -> !part.isEmpty())
                    .toList();
        }
    }

    private Table() {}

    static List<Row> shipped(String resource, int columns) {
        try (InputStream in = Table.class.getResourceAsStream(resource)) {
            String text = new String(Objects.requireNonNull(in, resource).readAllBytes(), StandardCharsets.UTF_8);
            List<Row> rows = new ArrayList<>();
            for (String line : text.split("\\R")) {
                if (line.isBlank() || line.startsWith("#")) continue;
                List<String> cells =
                        Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
                if (cells.size() != columns) throw new IllegalStateException(resource + ": cannot read: " + line);
                rows.add(new Row(cells));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
