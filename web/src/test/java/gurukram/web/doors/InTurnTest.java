package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.shared.Place;
import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletResponse;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Three connections are one place: two are kept for what goes on beside requests. */
@Timeout(30)
class InTurnTest {
    private final InTurn turns = new InTurn(3, 200);
    private final ExecutorService others = Executors.newCachedThreadPool();

    @AfterEach
    void end() {
        others.shutdownNow();
    }

    private Future<MockHttpServletResponse> ask(String path, FilterChain chain) {
        return others.submit(() -> {
            MockHttpServletResponse answer = new MockHttpServletResponse();
            turns.doFilter(new MockHttpServletRequest("GET", path), answer, chain);
            return answer;
        });
    }

    @Test
    void oneAfterAnotherAndNobodyIsRefused() throws Exception {
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        FilterChain chain = (request, response) -> {
            most.accumulateAndGet(inside.incrementAndGet(), Math::max);
            pause(20);
            inside.decrementAndGet();
            response.getWriter().write("done");
        };
        Future<?>[] all = new Future<?>[30];
        for (int i = 0; i < all.length; i++) all[i] = ask("/classes", chain);
        for (Future<?> one : all) {
            MockHttpServletResponse answer = (MockHttpServletResponse) one.get();
            assertThat(answer.getStatus()).isEqualTo(200);
            assertThat(answer.getContentAsString()).isEqualTo("done");
        }
        assertThat(most).hasValue(1);
    }

    private static void pause(int ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Who only waits, and what has bounds of its own, lets others go on. */
    @Test
    void whoWaitsAsideLetsOthersGoOn() throws Exception {
        CountDownLatch waits = new CountDownLatch(1);
        CountDownLatch over = new CountDownLatch(1);
        Future<MockHttpServletResponse> first = ask("/classes", (request, response) -> {
            try {
                assertThat(Place.aside(() -> {
                            waits.countDown();
                            return over.await(20, TimeUnit.SECONDS);
                        }))
                        .isTrue();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        });
        assertThat(waits.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(ask("/classes", (request, response) -> {}).get().getStatus()).isEqualTo(200);
        over.countDown();
        assertThat(first.get().getStatus()).isEqualTo(200);

        CountDownLatch dear = new CountDownLatch(1);
        CountDownLatch drafted = new CountDownLatch(1);
        Future<MockHttpServletResponse> drafts = ask("/drafts", (request, response) -> {
            Place.leaveForGood();
            dear.countDown();
            await(drafted);
        });
        assertThat(dear.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(ask("/classes", (request, response) -> {}).get().getStatus()).isEqualTo(200);
        drafted.countDown();
        drafts.get();
        assertThat(places()).as("nobody left twice").isOne();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** How many can be inside at once. */
    private int places() throws Exception {
        AtomicInteger inside = new AtomicInteger();
        CountDownLatch open = new CountDownLatch(1);
        for (int i = 0; i < 4; i++)
            ask("/classes", (request, response) -> {
                inside.incrementAndGet();
                await(open);
            });
        Thread.sleep(200);
        int now = inside.get();
        open.countDown();
        return now;
    }

    /** There are always threads left for who only asks whether the app is alive. */
    @Test
    void whenAlmostAllThreadsWaitTheNextIsToldToComeAgain() throws Exception {
        InTurn few = new InTurn(3, 24);
        CountDownLatch inside = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        FilterChain chain = (request, response) -> {
            inside.countDown();
            await(end);
        };
        for (int i = 0; i < 4; i++)
            others.submit(() -> {
                few.doFilter(new MockHttpServletRequest("GET", "/classes"), new MockHttpServletResponse(), chain);
                return null;
            });
        assertThat(inside.await(20, TimeUnit.SECONDS)).isTrue();
        Thread.sleep(200);
        MockHttpServletResponse told = new MockHttpServletResponse();
        few.doFilter(new MockHttpServletRequest("GET", "/classes"), told, chain);
        assertThat(told.getStatus()).isEqualTo(503);
        assertThat(told.getHeader("Retry-After")).isEqualTo("2");
        end.countDown();
    }

    @Test
    void whatFailsLeavesItsPlace() throws Exception {
        Future<MockHttpServletResponse> failing = ask("/classes", (request, response) -> {
            response.getWriter().write("half a page");
            throw new IllegalStateException("on purpose");
        });
        assertThat(failing).failsWithin(20, TimeUnit.SECONDS);
        assertThat(places()).isOne();
    }

    /** What is read slowly is read when the turn is over; files and the question whether it is alive wait for nobody. */
    @Test
    void anAnswerGoesOutAfterTheTurn() throws Exception {
        CountDownLatch inside = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        ask("/classes", (request, response) -> {
            inside.countDown();
            await(end);
        });
        assertThat(inside.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(ask("/health/live", (request, response) -> {})
                        .get(20, TimeUnit.SECONDS)
                        .getStatus())
                .isEqualTo(200);
        assertThat(ask("/assets/app.js", (request, response) -> {})
                        .get(20, TimeUnit.SECONDS)
                        .getStatus())
                .isEqualTo(200);
        end.countDown();

        MockHttpServletResponse raw = new MockHttpServletResponse();
        turns.doFilter(new MockHttpServletRequest("GET", "/classes"), raw, (request, response) -> {
            response.setContentType("text/plain;charset=UTF-8");
            response.getWriter().write("ä page");
            response.flushBuffer();
            assertThat(raw.getContentAsByteArray())
                    .as("not while it has its place")
                    .isEmpty();
            assertThat(raw.isCommitted()).isFalse();
        });
        assertThat(raw.getContentAsString()).isEqualTo("ä page");
    }

    @Test
    void whatIsLargerThanAPageGoesOutAsItComes() throws Exception {
        MockHttpServletResponse raw = new MockHttpServletResponse();
        byte[] much = new byte[700_000];
        turns.doFilter(new MockHttpServletRequest("GET", "/account/takeaway"), raw, (request, response) -> {
            for (int i = 0; i < 5; i++) response.getOutputStream().write(much);
            assertThat(raw.getContentAsByteArray().length).isGreaterThan(KeptAnswer.MOST_KEPT);
            assertThat(ask("/classes", (a, b) -> {})).as("its place is free").succeedsWithin(20, TimeUnit.SECONDS);
        });
        assertThat(raw.getContentAsByteArray()).hasSize(5 * much.length);
        assertThat(places()).isOne();
    }

    @Test
    void anErrorIsToldWithoutWhatStoodThere() throws Exception {
        MockHttpServletResponse raw = new MockHttpServletResponse();
        turns.doFilter(new MockHttpServletRequest("GET", "/classes"), raw, (request, response) -> {
            response.getWriter().write("half a page");
            ((HttpServletResponse) response).sendError(404);
        });
        assertThat(raw.getStatus()).isEqualTo(404);
        assertThat(raw.getContentAsByteArray()).isEmpty();
        raw = new MockHttpServletResponse();
        turns.doFilter(new MockHttpServletRequest("GET", "/classes"), raw, (request, response) -> {
            response.getWriter().write("half a page");
            response.reset();
            response.getWriter().write("another");
        });
        assertThat(raw.getContentAsString()).isEqualTo("another");
    }
}
