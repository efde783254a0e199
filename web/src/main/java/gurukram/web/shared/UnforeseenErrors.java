package gurukram.web.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.random.RandomGenerator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.error.ErrorAttributeOptions;
import org.springframework.boot.webmvc.error.DefaultErrorAttributes;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/**
 * An error nobody foresaw is logged, with a number that its page tells, so that whoever met it can say which one it was.
 *
 * <p>What was asked for in a wrong way is a {@link WrongRequest} and never comes here.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class UnforeseenErrors extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(UnforeseenErrors.class);
    private static final String NUMBER = UnforeseenErrors.class.getName() + ".number";

    private static final int MOST_PLACES = 500;
    private static final long AGAIN_AFTER_NANOS = 60L * 60 * 1_000_000_000;

    private final RandomGenerator random;
    private final Map<String, Long> told = new ConcurrentHashMap<>();

    UnforeseenErrors(RandomGenerator random) {
        this.random = random;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (DatabaseDownFilter.isDatabaseDown(e) || response.isCommitted() || isGone(e)) throw e;
            String number = HexFormat.of().toHexDigits(random.nextInt());
            note(number, request, e);
            request.setAttribute(NUMBER, number);
            response.sendError(HttpServletResponse.SC_INTERNAL_SERVER_ERROR);
        }
    }

    /**
     * The pattern of the path is ours; what was typed, and what opens a page by being in its address, is not written down. What has been told a short while ago is not told
     * again in full: somebody may make it happen on purpose, all day.
     */
    private void note(String number, HttpServletRequest request, Exception e) {
        long now = System.nanoTime();
        Long last = told.put(placeOf(e), now);
        if (told.size() > MOST_PLACES) told.clear();
        boolean again = last != null && now - last < AGAIN_AFTER_NANOS;
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        Object shown = pattern == null ? "a page not found yet" : pattern;
        if (again) LOG.error("Error {} at {} {}, as before: {}", number, request.getMethod(), shown, e.getClass());
        else LOG.error("Error {} at {} {}", number, request.getMethod(), shown, Wordless.of(e));
    }

    private static String placeOf(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null && root.getCause() != root) root = root.getCause();
        StackTraceElement[] stack = root.getStackTrace();
        return root.getClass().getName() + (stack.length == 0 ? "" : stack[0]);
    }

    /** Whoever asked has gone away: nobody is there to be told, and nothing is wrong. */
    private static boolean isGone(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause())
            if (cause instanceof AsyncRequestNotUsableException
                    || cause.getClass().getSimpleName().equals("ClientAbortException")) return true;
        return false;
    }

    @Configuration
    static class Told {
        @Bean
        DefaultErrorAttributes errorAttributes() {
            return new DefaultErrorAttributes() {
                @Override
                public Map<String, Object> getErrorAttributes(WebRequest request, ErrorAttributeOptions options) {
                    Map<String, Object> attributes = super.getErrorAttributes(request, options);
                    Object number = request.getAttribute(NUMBER, WebRequest.SCOPE_REQUEST);
                    if (number != null) attributes.put("number", number);
                    return attributes;
                }
            };
        }
    }
}
