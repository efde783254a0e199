package gurukram.web.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What is dear stands still while something quick is on its way, and goes on in the end. */
@Timeout(30)
class GiveWayTest {
    private boolean quick;

    @AfterEach
    void end() {
        GiveWay.dearEnds();
        if (quick) GiveWay.quickEnds();
    }

    private void quickBegins() {
        GiveWay.quickBegins();
        quick = true;
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
    void whileSomethingQuickIsOnItsWayItStandsTwiceAsLongAsItWorked() {
        GiveWay.dearBegins();
        work(150);
        quickBegins();
        assertThat(stoodMs()).as("and then goes on, though it is still there").isGreaterThanOrEqualTo(300);
        assertThat(stoodMs()).as("what it stood already counts").isLessThan(150);
        work(150);
        assertThat(stoodMs()).isGreaterThanOrEqualTo(250);
    }

    @Test
    void whatIsNotDearDoesNotStand() {
        work(150);
        quickBegins();
        assertThat(stoodMs()).isLessThan(150);
    }

    @Test
    void itGoesOnWhenTheQuickOneIsDone() throws InterruptedException {
        GiveWay.dearBegins();
        work(2_000);
        GiveWay.quickBegins();
        Thread other = new Thread(() -> {
            work(50);
            GiveWay.quickEnds();
        });
        other.start();
        assertThat(stoodMs()).as("of four seconds it might stand").isBetween(20L, 3_500L);
        other.join();
    }
}
