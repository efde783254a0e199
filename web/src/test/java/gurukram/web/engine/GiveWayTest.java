package gurukram.web.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What is dear stands still while what is quick needs the processors, and goes on in the end. */
@Timeout(30)
class GiveWayTest {
    private static final int PROCESSORS = Runtime.getRuntime().availableProcessors();

    private int quick;

    @AfterEach
    void end() {
        GiveWay.dearEnds();
        while (quick-- > 0) GiveWay.quickEnds();
    }

    /** With so many a dear one is one too many. */
    private void quickOnAllProcessors() {
        for (; quick < PROCESSORS; quick++) GiveWay.quickBegins();
    }

    private static void work(int ms) {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(ms);
        while (System.nanoTime() < end) Thread.onSpinWait();
    }

    private static long stoodMs() {
        long begun = System.nanoTime();
        GiveWay.now();
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
    }

    @Test
    void whileQuickOnesNeedTheProcessorsItStandsTwiceAsLongAsItWorked() {
        GiveWay.dearBegins();
        work(150);
        quickOnAllProcessors();
        long first = stoodMs();
        long second = stoodMs();
        assertThat(first).as("and then goes on, though they are still there").isGreaterThanOrEqualTo(300);
        assertThat(second).as("what it stood already counts").isLessThan(150);
        work(150);
        assertThat(stoodMs()).isGreaterThanOrEqualTo(250);
    }

    @Test
    void whatIsNotDearDoesNotStand() {
        work(150);
        quickOnAllProcessors();
        assertThat(stoodMs()).isLessThan(150);
    }

    @Test
    void whereAProcessorIsFreeItGoesOn() {
        GiveWay.dearBegins();
        work(150);
        for (; quick < PROCESSORS - 1; quick++) GiveWay.quickBegins();
        assertThat(stoodMs()).isLessThan(150);
        quickOnAllProcessors();
        assertThat(stoodMs()).isGreaterThanOrEqualTo(300);
    }

    @Test
    void ofTwoDearOnesOneStandsWhereOneIsTooMany() throws InterruptedException {
        for (; quick < PROCESSORS - 1; quick++) GiveWay.quickBegins();
        GiveWay.dearBegins();
        work(400);
        AtomicLong stood = new AtomicLong();
        CountDownLatch stands = new CountDownLatch(1);
        Thread other = new Thread(() -> {
            GiveWay.dearBegins();
            work(200);
            stands.countDown();
            stood.set(stoodMs());
            GiveWay.dearEnds();
        });
        other.start();
        stands.await();
        work(100);
        assertThat(stoodMs()).as("while the other one stands").isLessThan(100);
        other.join();
        assertThat(stood.get()).isGreaterThanOrEqualTo(100);
    }

    @Test
    void itGoesOnWhenTheQuickOneIsDone() throws InterruptedException {
        GiveWay.dearBegins();
        work(2_000);
        quickOnAllProcessors();
        Thread other = new Thread(() -> {
            work(50);
            while (quick-- > 0) GiveWay.quickEnds();
        });
        other.start();
        assertThat(stoodMs()).as("of four seconds it might stand").isBetween(20L, 3_500L);
        other.join();
    }
}
