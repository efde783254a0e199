package gurukram.web.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;
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
    /** A statement was ended, a lock was not to be had in time. */
    private static final Set<String> TOO_SLOW = Set.of("57014", "55P03");

    private static final Set<String> AWAY = Set.of("08", "57P", "25006", "57014", "55P03");

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
            boolean busy = isPoolFull(e) || isTooSlow(e);
            tell(busy, e);
            answer(response, busy);
        }
    }

    /** Once in a while: while it lasts, every request would say the same. */
    private void tell(boolean busy, Throwable e) {
        long now = System.nanoTime();
        long last = lastTold.get();
        if (last != 0 && now - last < AGAIN_AFTER_NANOS || !lastTold.compareAndSet(last, now)) return;
        if (isTooSlow(e)) LOG.warn("The database took too long: {}", rootOf(e).getMessage());
        else if (busy) LOG.warn("All connections to the database are in use.");
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

    /**
     * No connection could be had or it broke (SQL state class 08), the server is shutting down or starting (class 57P), it is a standby
     * (25006), or it took longer than it may.
     */
    static boolean isDatabaseDown(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException) return true;
            // A rollback that fails too hides the first failure.
            if (cause instanceof TransactionSystemException failed
                    && failed.getApplicationException() != null
                    && isDatabaseDown(failed.getApplicationException())) return true;
            if (cause instanceof SQLException sql && sql.getSQLState() != null) {
                if (AWAY.stream().anyMatch(sql.getSQLState()::startsWith)) return true;
            }
        }
        return false;
    }

    /** A statement or a lock it waits for took longer than it may, and nothing was done. */
    static boolean isTooSlow(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause())
            if (cause instanceof SQLException sql && TOO_SLOW.contains(String.valueOf(sql.getSQLState()))) return true;
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
