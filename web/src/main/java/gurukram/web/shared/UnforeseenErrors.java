package gurukram.web.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.Map;
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
import org.springframework.web.filter.OncePerRequestFilter;

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

    private final RandomGenerator random;

    UnforeseenErrors(RandomGenerator random) {
        this.random = random;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (DatabaseDownFilter.isDatabaseDown(e) || response.isCommitted()) throw e;
            String number = HexFormat.of().toHexDigits(random.nextInt());
            // The path is ours; what was typed is the teacher's and is not written down.
            LOG.error("Error {} at {} {}", number, request.getMethod(), request.getRequestURI(), e);
            request.setAttribute(NUMBER, number);
            response.sendError(HttpServletResponse.SC_INTERNAL_SERVER_ERROR);
        }
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
