package gurukram.web.shared;

import java.util.function.Supplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * What is read once a request, however often it is asked for: between requests another copy of the app may have changed it.
 * Outside a request it is read each time.
 */
public final class Once {
    private Once() {}

    /** @param of the class it belongs to; with {@code key} it names what is read */
    public static <T> T aRequest(Class<?> of, Object key, Supplier<T> read) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) return read.get();
        String name = name(of, key);
        @SuppressWarnings("unchecked")
        T known = (T) request.getAttribute(name, RequestAttributes.SCOPE_REQUEST);
        if (known != null) return known;
        T fresh = read.get();
        request.setAttribute(name, fresh, RequestAttributes.SCOPE_REQUEST);
        return fresh;
    }

    /** It has changed: what comes next in this request reads it anew. */
    public static void forget(Class<?> of, Object key) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) request.removeAttribute(name(of, key), RequestAttributes.SCOPE_REQUEST);
    }

    private static String name(Class<?> of, Object key) {
        return of.getName() + " " + key;
    }
}
