package gurukram.web.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * While the database is away, a plain page says so and tries again by itself.
 *
 * <p>Stands before everything else, since the session is in the database too.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseDownFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseDownFilter.class);

    private final byte[] page;

    DatabaseDownFilter() throws IOException {
        page = new ClassPathResource("pages/database-down.html").getContentAsByteArray();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!isDatabaseDown(e) || response.isCommitted()) throw e;
            LOG.warn("The database does not answer: {}", rootOf(e).getMessage());
            answer(response);
        }
    }

    private void answer(HttpServletResponse response) throws IOException {
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", "5");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Security-Policy", ContentPolicy.SOURCES);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setContentType("text/html");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getOutputStream().write(page);
    }

    /** No connection could be had or it broke (SQL state class 08), or the server is shutting down or starting (class 57P). */
    static boolean isDatabaseDown(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException) return true;
            // A rollback that fails too hides the first failure.
            if (cause instanceof TransactionSystemException failed
                    && failed.getApplicationException() != null
                    && isDatabaseDown(failed.getApplicationException())) return true;
            if (cause instanceof SQLException sql && sql.getSQLState() != null) {
                if (sql.getSQLState().startsWith("08") || sql.getSQLState().startsWith("57P")) return true;
            }
        }
        return false;
    }

    private static Throwable rootOf(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) root = root.getCause();
        return root;
    }
}
