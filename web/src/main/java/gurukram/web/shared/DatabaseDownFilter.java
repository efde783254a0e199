package gurukram.web.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.concurrent.atomic.AtomicLong;
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

    private static final long AGAIN_AFTER_NANOS = 10_000_000_000L;

    private final byte[] page;
    private final byte[] busyPage;
    private final AtomicLong lastTold = new AtomicLong();

    DatabaseDownFilter() throws IOException {
        page = new ClassPathResource("pages/database-down.html").getContentAsByteArray();
        busyPage = new ClassPathResource("pages/busy.html").getContentAsByteArray();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!isDatabaseDown(e) || response.isCommitted()) throw e;
            boolean busy = isPoolFull(e);
            tell(busy, e);
            answer(response, busy);
        }
    }

    /** Once in a while: while it lasts, every request would say the same. */
    private void tell(boolean busy, Throwable e) {
        long now = System.nanoTime();
        long last = lastTold.get();
        if (last != 0 && now - last < AGAIN_AFTER_NANOS || !lastTold.compareAndSet(last, now)) return;
        if (busy) LOG.warn("All connections to the database are in use.");
        else LOG.warn("The database does not answer: {}", rootOf(e).getMessage());
    }

    private void answer(HttpServletResponse response, boolean busy) throws IOException {
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", busy ? "1" : "5");
        if (busy) response.setHeader("X-Busy", "yes");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Security-Policy", ContentPolicy.SOURCES);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setContentType("text/html");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getOutputStream().write(busy ? busyPage : page);
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

    /** The database is there, but everything that leads to it is in use: no try to reach it has failed. */
    static boolean isPoolFull(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause())
            if (cause instanceof SQLTransientConnectionException) return cause.getCause() == null;
        return false;
    }

    private static Throwable rootOf(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) root = root.getCause();
        return root;
    }
}
