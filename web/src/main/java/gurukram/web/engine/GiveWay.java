package gurukram.web.engine;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * What is dear lets go first what is quick: while edits and pages, with the dear that works, are more than there are processors, a search
 * for drafts stands still for a moment, but at most twice as long as it has worked.
 */
public final class GiveWay {
    private static final long A_MOMENT = 1_000_000;
    private static final int STANDS = 2;
    private static final int PROCESSORS = Runtime.getRuntime().availableProcessors();
    /** All that works now: what is quick, and the dear that does not stand. */
    private static final AtomicInteger AT_WORK = new AtomicInteger();

    private static final ThreadLocal<Long> DEAR_SINCE = new ThreadLocal<>();
    private static final ThreadLocal<Long> STOOD = ThreadLocal.withInitial(() -> 0L);

    private GiveWay() {}

    /** Somebody is answered who has not asked for much. */
    public static void quickBegins() {
        AT_WORK.incrementAndGet();
    }

    public static void quickEnds() {
        AT_WORK.decrementAndGet();
    }

    /** What this thread does from now on is dear. */
    public static void dearBegins() {
        if (DEAR_SINCE.get() == null) AT_WORK.incrementAndGet();
        DEAR_SINCE.set(System.nanoTime());
        STOOD.set(0L);
    }

    public static void dearEnds() {
        if (DEAR_SINCE.get() != null) AT_WORK.decrementAndGet();
        DEAR_SINCE.remove();
        STOOD.remove();
    }

    /** Between two pieces of work. */
    public static void now() {
        Long since = DEAR_SINCE.get();
        if (since == null) return;
        long stood = STOOD.get();
        while (AT_WORK.get() > PROCESSORS) {
            long begun = System.nanoTime();
            long worked = begun - since - stood;
            if (stood > STANDS * worked) break;
            AT_WORK.decrementAndGet();
            LockSupport.parkNanos(A_MOMENT);
            AT_WORK.incrementAndGet();
            stood += System.nanoTime() - begun;
        }
        STOOD.set(stood);
    }
}
