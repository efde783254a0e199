package gurukram.web.doors;

import gurukram.web.shared.Place;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Requests take their turn, first come first, before anything of them needs the database: many at once make each other wait and are
 * not refused. What has been answered is sent after the turn is over, however slowly somebody reads it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 40)
class InTurn extends OncePerRequestFilter {
    /** Connections for what goes on beside requests. */
    private static final int KEPT = 2;

    private static final int MOST_SECONDS = 15;
    private static final int AGAIN_IN = 2;

    /** Threads that are left for files and for the question whether the app is alive. */
    private static final int THREADS_KEPT = 20;

    private final Semaphore places;
    private final int mostWaiting;

    InTurn(
            @Value("${gurukram.connections:10}") int connections,
            @Value("${server.tomcat.threads.max:200}") int threads) {
        places = new Semaphore(Math.max(1, connections - KEPT), true);
        mostWaiting = Math.max(1, threads - THREADS_KEPT - places.availablePermits());
    }

    /** Files, and whether the app is alive, need no connection. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return Visitors.isStored(path) || path.startsWith("/health/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Place place = taken();
        if (place == null) {
            Plainly.busy(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, AGAIN_IN);
            return;
        }
        KeptAnswer kept = new KeptAnswer(response, place::leave);
        try {
            chain.doFilter(request, kept);
        } finally {
            place.leave();
        }
        kept.send();
    }

    private Place taken() {
        if (places.getQueueLength() >= mostWaiting) return null;
        try {
            return Place.take(places, MOST_SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return null;
        }
    }
}
