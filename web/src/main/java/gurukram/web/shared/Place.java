package gurukram.web.shared;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Where a thread works on a request. There are a few fewer of them than connections to the database, and who has none waits in front
 * of everything and holds nothing: so nobody is refused a connection only because many came at once. A thread that itself only waits
 * lets somebody else have its place meanwhile.
 */
public final class Place {
    private static final ThreadLocal<Place> HERE = new ThreadLocal<>();

    private final Semaphore places;
    private boolean taken = true;

    private Place(Semaphore places) {
        this.places = places;
    }

    /** Something that takes its time and needs no connection. */
    public interface Waiting<T, E extends Exception> {
        T done() throws InterruptedException, E;
    }

    /** Waits for one. @return null when none was free for so many seconds */
    public static Place take(Semaphore places, int seconds) throws InterruptedException {
        if (!places.tryAcquire(seconds, TimeUnit.SECONDS)) return null;
        Place place = new Place(places);
        HERE.set(place);
        return place;
    }

    /** Somebody else may have it; for the second time nothing happens. By the thread that took it. */
    public void leave() {
        HERE.remove();
        if (taken) places.release();
        taken = false;
    }

    /** This thread needs none from here on: what it does has bounds of its own. */
    public static void leaveForGood() {
        Place here = HERE.get();
        if (here != null) here.leave();
    }

    /** Waits without a place, and comes back to one. */
    public static <T, E extends Exception> T aside(Waiting<T, E> waiting) throws InterruptedException, E {
        Place here = HERE.get();
        if (here == null) return waiting.done();
        here.places.release();
        here.taken = false;
        try {
            return waiting.done();
        } finally {
            here.places.acquireUninterruptibly();
            here.taken = true;
        }
    }
}
