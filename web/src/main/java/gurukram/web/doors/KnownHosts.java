package gurukram.web.doors;

import gurukram.web.shared.Opening;
import gurukram.web.shared.Outside;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under the names it is known by, so that no page and no redirect can be made to name another, and takes forms only
 * from its own pages.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class KnownHosts extends OncePerRequestFilter {
    private static final String NOT_HERE =
            "Gurukram is not known under this address. Whoever runs it behind a proxy tells it "
                    + "the address people type: GURUKRAM_BEHIND, or ./gurukram start --behind https://... (docs/operations.md).\n";

    private final Outside outside;
    private final Opening opening;

    KnownHosts(Outside outside, Opening opening) {
        this.outside = outside;
        this.opening = opening;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean asksWhetherItLives = request.getRequestURI().equals("/health/live");
        if (!asksWhetherItLives && !opening.isOpenFor(request.getHeader(Opening.HEADER))) {
            Plainly.busy(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, 2);
            return;
        }
        String origin = request.getHeader("Origin");
        boolean strange = origin != null && !"null".equals(origin) && !outside.isOurs(origin);
        if (strange || !outside.knows(request.getHeader("Host"))) {
            response.setStatus(strange ? HttpServletResponse.SC_FORBIDDEN : HttpServletResponse.SC_BAD_REQUEST);
            response.setContentType("text/plain");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.getWriter().write(NOT_HERE);
            return;
        }
        chain.doFilter(request, response);
    }
}
