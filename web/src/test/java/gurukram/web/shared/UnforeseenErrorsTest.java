package gurukram.web.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.sql.SQLTransientConnectionException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class UnforeseenErrorsTest {
    private final UnforeseenErrors errors = new UnforeseenErrors(new Random(1));
    private final MockHttpServletRequest request = new MockHttpServletRequest("GET", "/classes");
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    @Test
    void anErrorNobodyForesawIsA500WithANumber() throws ServletException, IOException {
        errors.doFilter(request, response, (a, b) -> {
            throw new IllegalStateException("made wrong for this test");
        });
        assertThat(response.getStatus()).isEqualTo(500);
        assertThat(request.getAttribute("gurukram.web.shared.UnforeseenErrors.number"))
                .asString()
                .matches("[0-9a-f]{8}");
    }

    @Test
    void whatIsFineAndADatabaseThatIsAwayAreNotItsBusiness() throws ServletException, IOException {
        errors.doFilter(request, response, (a, b) -> {});
        assertThat(response.getStatus()).isEqualTo(200);
        assertThatThrownBy(() -> errors.doFilter(new MockHttpServletRequest(), response, (a, b) -> {
                    throw new ServletException(new SQLTransientConnectionException("away"));
                }))
                .isInstanceOf(ServletException.class);
    }
}
