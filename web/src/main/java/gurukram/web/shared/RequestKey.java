package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The key that a page made for what it asks to be done. It comes again when the page asks again because it got no answer; so what
 * was done once is found, and not done twice.
 */
public final class RequestKey {
    /** As scripts send it. */
    public static final String HEADER = "X-Once";
    /** As forms send it. */
    public static final String FIELD = "once";

    private RequestKey() {}

    /** The key of this request; null when it has none, or it is none. */
    public static UUID now() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes)) return null;
        HttpServletRequest request = attributes.getRequest();
        String sent = request.getHeader(HEADER);
        if (sent == null) sent = request.getParameter(FIELD);
        try {
            return sent == null || sent.isEmpty() ? null : UUID.fromString(sent);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    /** The key of one of several things this request does; null when it has none. @param part which of them */
    public static UUID now(String part) {
        UUID key = now();
        return key == null ? null : UUID.nameUUIDFromBytes((key + " " + part).getBytes(StandardCharsets.UTF_8));
    }
}
