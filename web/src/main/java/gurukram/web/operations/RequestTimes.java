package gurukram.web.operations;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/** Times every request by the pattern of its address: there are as many as there are pages, however many classes. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestTimes extends OncePerRequestFilter {
    private static final Set<String> METHODS = Set.of("GET", "POST", "PUT", "DELETE", "HEAD", "OPTIONS");

    private final Metrics metrics;

    RequestTimes(Metrics metrics) {
        this.metrics = metrics;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long from = System.nanoTime();
        try {
            chain.doFilter(request, response);
        } finally {
            Object route = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
            metrics.request(
                    METHODS.contains(request.getMethod()) ? request.getMethod() : "other",
                    route == null ? "other" : route.toString(),
                    response.getStatus(),
                    System.nanoTime() - from);
        }
    }
}
