package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.web.shared.Busy;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(30)
class QueuesTest {
    private final Queues queues = new Queues();

    @Test
    void oneAtATimeAndTheNextWhenItIsDone() throws Exception {
        queues.enter("a");
        ExecutorService others = Executors.newFixedThreadPool(1);
        CountDownLatch in = new CountDownLatch(1);
        Future<?> waiting = others.submit(() -> {
            queues.enter("a");
            in.countDown();
            queues.leave("a");
        });
        assertThat(in.await(200, TimeUnit.MILLISECONDS)).isFalse();
        queues.enter("b");
        queues.leave("b");
        queues.leave("a");
        waiting.get();
        assertThat(in.getCount()).isZero();
        others.shutdown();
    }

    @Test
    void aFullQueueIsTold() throws Exception {
        queues.enter("a");
        ExecutorService others = Executors.newFixedThreadPool(Queues.LONGEST);
        List<Future<Boolean>> waiting = new ArrayList<>();
        for (int i = 0; i < Queues.LONGEST; i++)
            waiting.add(others.submit(() -> {
                try {
                    queues.enter("a");
                    queues.leave("a");
                    return true;
                } catch (Busy e) {
                    return false;
                }
            }));
        Thread.sleep(300);
        assertThatThrownBy(() -> queues.enter("a")).isInstanceOf(Busy.class);
        queues.leave("a");
        for (Future<Boolean> one : waiting) assertThat(one.get()).isTrue();
        // nobody is left in it
        queues.enter("a");
        queues.leave("a");
        others.shutdown();
    }

    @Test
    void whoWaitsTooLongIsToldAndLeavesTheQueue() throws Exception {
        queues.enter("a");
        ExecutorService others = Executors.newFixedThreadPool(1);
        Future<?> late = others.submit(() -> queues.enter("a"));
        assertThatThrownBy(late::get).hasCauseInstanceOf(Busy.class);
        queues.leave("a");
        queues.enter("a");
        queues.leave("a");
        others.shutdown();
    }
}
