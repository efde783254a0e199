package gurukram.web.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who is not signed in may look at the door and try to get in, but not all day long: so many requests of one address at once and a
 * second. Enough for a house full of teachers; who asks for more is told so at next to no cost.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 60)
class Visitors extends OncePerRequestFilter {
    static final int LOOKS_AT_ONCE = 200;
    static final int LOOKS_A_SECOND = 10;
    /** Each costs a hash. */
    static final int TRIES_AT_ONCE = 60;

    static final int TRIES_A_SECOND = 1;
    private static final int MOST_ADDRESSES = 50_000;
    private static final Set<String> TRIES = Set.of("/sign-in", "/register", "/demo-sign-in");

    private final Clock clock;
    private final int times;
    private final Map<String, Bucket> buckets = new ConcurrentHashMap<>();

    /** @param times how many times the usual may be asked */
    Visitors(Clock clock, @Value("${gurukram.visits}") int times) {
        this.clock = clock;
        this.times = times;
    }

    /** Has so much in it, and gets so much a second. */
    private static final class Bucket {
        private double left;
        private long since;

        Bucket(int most, long now) {
            left = most;
            since = now;
        }

        synchronized boolean take(int most, int aSecond, long now) {
            left = Math.min(most, left + Math.max(0, now - since) / 1000.0 * aSecond);
            since = now;
            if (left < 1) return false;
            left -= 1;
            return true;
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // a token nobody has is counted where tokens are looked at, and only there
        boolean program = request.getRequestURI().startsWith("/api/") && request.getHeader("Authorization") != null;
        boolean known = program || request.getSession(false) != null;
        if (isStored(request.getRequestURI()) || known || mayGoOn(request)) {
            chain.doFilter(request, response);
            return;
        }
        Plainly.busy(response, 429, 5);
    }

    /** Files that cost nothing and are kept by browsers. */
    static boolean isStored(String path) {
        return path.startsWith("/assets/") || path.startsWith("/css/") || path.startsWith("/vendor/");
    }

    private boolean mayGoOn(HttpServletRequest request) {
        String address = request.getRemoteAddr();
        boolean tries = "POST".equals(request.getMethod()) && TRIES.contains(request.getRequestURI());
        return tries
                ? take("try " + address, times * TRIES_AT_ONCE, times * TRIES_A_SECOND)
                : take("look " + address, times * LOOKS_AT_ONCE, times * LOOKS_A_SECOND);
    }

    boolean take(String key, int most, int aSecond) {
        long now = clock.millis();
        // what is forgotten is full again, which harms nobody
        if (buckets.size() > MOST_ADDRESSES) buckets.clear();
        return buckets.computeIfAbsent(key, name -> new Bucket(most, now)).take(most, aSecond, now);
    }
}
