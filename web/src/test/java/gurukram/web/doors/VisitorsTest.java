package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.MovedClock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class VisitorsTest {
    private final MovedClock clock = new MovedClock(Instant.parse("2026-03-01T10:00:00Z"));
    private final Visitors visitors = new Visitors(clock, 1);

    private int ask(String method, String path, String address, String... headers) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setRemoteAddr(address);
        for (int i = 0; i < headers.length; i += 2) request.addHeader(headers[i], headers[i + 1]);
        MockHttpServletResponse response = new MockHttpServletResponse();
        visitors.doFilter(request, response, new MockFilterChain());
        return response.getStatus();
    }

    private int through(int asked, String method, String path, String address, String... headers) throws Exception {
        int through = 0;
        for (int i = 0; i < asked; i++) if (ask(method, path, address, headers) == 200) through++;
        return through;
    }

    @Test
    void soManyLooksAtOnceAndSoManyASecond() throws Exception {
        assertThat(through(300, "GET", "/sign-in", "192.0.2.1")).isEqualTo(Visitors.LOOKS_AT_ONCE);
        clock.ahead(Duration.ofSeconds(2));
        assertThat(through(300, "GET", "/sign-in", "192.0.2.1")).isEqualTo(2 * Visitors.LOOKS_A_SECOND);
        assertThat(through(10, "GET", "/sign-in", "192.0.2.2")).as("elsewhere").isEqualTo(10);
        assertThat(through(500, "GET", "/assets/x/site.css", "192.0.2.1"))
                .as("files")
                .isEqualTo(500);
    }

    @Test
    void fewerTriesThanLooks() throws Exception {
        assertThat(through(100, "POST", "/sign-in", "192.0.2.1")).isEqualTo(Visitors.TRIES_AT_ONCE);
        assertThat(ask("GET", "/sign-in", "192.0.2.1")).as("looking goes on").isEqualTo(200);
    }

    @Test
    void aHeaderThatSaysItIsAProgramHelpsAtNoDoor() throws Exception {
        assertThat(through(100, "POST", "/sign-in", "192.0.2.1", "Authorization", "Bearer x"))
                .isEqualTo(Visitors.TRIES_AT_ONCE);
        assertThat(through(300, "GET", "/api/classes/1", "192.0.2.1", "Authorization", "Bearer x"))
                .isEqualTo(300);
    }
}
