package gurukram.web.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.read.ListAppender;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.servlet.HandlerMapping;

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
    void theLogHasTheCodeAndThePlaceAndNothingSomebodyTyped() throws ServletException, IOException {
        Logger logger = (Logger) LoggerFactory.getLogger(UnforeseenErrors.class);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        logger.addAppender(log);
        MockHttpServletRequest secret = new MockHttpServletRequest("POST", "/come/a-secret-in-the-address");
        secret.setAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE, "/come/{secret}");
        SQLException inner = new SQLException("ERROR: invalid input \"the sore wrist of Ines\"", "22P02");
        errors.doFilter(secret, response, (a, b) -> {
            throw new IllegalStateException("the sore wrist of Ines", inner);
        });
        logger.detachAppender(log);
        String line = log.list.get(0).getFormattedMessage() + "\n"
                + ThrowableProxyUtil.asString(log.list.get(0).getThrowableProxy());
        assertThat(line)
                .contains("POST /come/{secret}", "IllegalStateException", "SQLException 22P02", "UnforeseenErrorsTest")
                .doesNotContain("wrist", "a-secret-in-the-address");
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
