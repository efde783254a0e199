package gurukram.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

class OnceTest {
    private final AtomicInteger read = new AtomicInteger();

    private int ask(Object key) {
        return Once.aRequest(OnceTest.class, key, read::incrementAndGet);
    }

    private static void newRequest() {
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(new MockHttpServletRequest()));
    }

    @AfterEach
    void end() {
        RequestContextHolder.resetRequestAttributes();
    }

    @Test
    void inARequestItIsReadOnceAndInTheNextAgain() {
        newRequest();
        assertThat(ask("a")).isEqualTo(1);
        assertThat(ask("a")).isEqualTo(1);
        assertThat(ask("b")).as("another key").isEqualTo(2);
        newRequest();
        assertThat(ask("a")).isEqualTo(3);
    }

    @Test
    void whatHasChangedIsReadAnewAndOutsideARequestItAlwaysIs() {
        newRequest();
        ask("a");
        Once.forget(OnceTest.class, "a");
        assertThat(ask("a")).isEqualTo(2);
        RequestContextHolder.resetRequestAttributes();
        Once.forget(OnceTest.class, "a");
        assertThat(ask("a")).isEqualTo(3);
        assertThat(ask("a")).isEqualTo(4);
    }
}
