package gurukram.web.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/** However often it is used, a sign-in ends after a while. */
final class LongestSignIn extends OncePerRequestFilter {
    static final Duration LONGEST = Duration.ofDays(90);

    private final Clock clock;

    LongestSignIn(Clock clock) {
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null) {
            Instant end = Instant.ofEpochMilli(session.getCreationTime()).plus(LONGEST);
            if (clock.instant().isAfter(end)) session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
