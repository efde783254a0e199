package gurukram.web.doors;

import gurukram.web.shared.ContentPolicy;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.core.io.ClassPathResource;

/** A page that costs next to nothing, for those who may be very many. */
final class Plainly {
    private static final byte[] BUSY = page("pages/busy.html");

    private Plainly() {}

    private static byte[] page(String name) {
        try {
            return new ClassPathResource(name).getContentAsByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param seconds when to come again */
    static void busy(HttpServletResponse response, int status, int seconds) throws IOException {
        response.setStatus(status);
        response.setHeader("Retry-After", String.valueOf(seconds));
        response.setHeader("X-Busy", "yes");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Security-Policy", ContentPolicy.SOURCES);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setContentType("text/html;charset=UTF-8");
        response.setContentLength(BUSY.length);
        response.getOutputStream().write(BUSY);
    }
}
