package gurukram.web.today;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;

/** The class that a newcomer may take apart. */
final class SampleClass {
    private SampleClass() {}

    /** As text. */
    static String text() {
        try {
            return new ClassPathResource("samples/a-first-class.txt").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
