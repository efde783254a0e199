package gurukram.core.compose.parts;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;

/** The files of {@code resources/compose}, a thing a line; empty lines and what begins with # say nothing. */
final class Lines {
    private Lines() {}

    static Stream<String> of(String file) {
        try (InputStream in = Lines.class.getResourceAsStream("/compose/" + file + ".txt")) {
            if (in == null) throw new IllegalStateException("missing: compose/" + file + ".txt");
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return text.lines().filter(line -> !line.isBlank() && !line.startsWith("#"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
