package gurukram.web.engine;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * What is dear lets go first what is quick: while somebody waits for an edit or a page, a search for drafts stands still for a moment,
 * but at most twice as long as it has worked.
 */
public final class GiveWay {
    private static final long A_MOMENT = 1_000_000;
    private static final int STANDS = 2;
    private static final AtomicInteger QUICK = new AtomicInteger();
    private static final ThreadLocal<Long> DEAR_SINCE = new ThreadLocal<>();
    private static final ThreadLocal<Long> STOOD = ThreadLocal.withInitial(() -> 0L);

    private GiveWay() {}

    /** Somebody is answered who has not asked for much. */
    public static void quickBegins() {
        QUICK.incrementAndGet();
    }

    public static void quickEnds() {
        QUICK.decrementAndGet();
    }

    /** What this thread does from now on is dear. */
    public static void dearBegins() {
        DEAR_SINCE.set(System.nanoTime());
        STOOD.set(0L);
    }

    public static void dearEnds() {
        DEAR_SINCE.remove();
        STOOD.remove();
    }

    /** Between two pieces of work. */
    public static void now() {
        Long since = DEAR_SINCE.get();
        if (since == null) return;
        long stood = STOOD.get();
        while (QUICK.get() > 0) {
            long begun = System.nanoTime();
            long worked = begun - since - stood;
            if (stood > STANDS * worked) break;
            LockSupport.parkNanos(A_MOMENT);
            stood += System.nanoTime() - begun;
        }
        STOOD.set(stood);
    }
}
