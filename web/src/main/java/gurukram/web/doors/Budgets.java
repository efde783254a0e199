package gurukram.web.doors;

import gurukram.web.engine.GiveWay;
import gurukram.web.shared.Busy;
import gurukram.web.shared.Dear;
import gurukram.web.shared.Place;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What is {@link Dear} is done for one account one after another, for all accounts together on all processors but one, and for each
 * no more than half of the time of one: however much one asks for, the others are answered as before.
 */
@Configuration
class Budgets implements HandlerInterceptor, WebMvcConfigurer {
    static final int MOST_WAITING = 4;
    /** What an account may take of a processor's time, ns: so much at once, and every second half a second more. */
    static final long PURSE = 30_000_000_000L;

    private static final double A_NANO = 0.5;
    private static final int MOST_SECONDS = 10;
    private static final int AGAIN_IN = 3;
    private static final int MOST_ACCOUNTS = 10_000;
    private static final String TAKEN = Budgets.class.getName();
    private static final String QUICK = TAKEN + ".quick";

    private final Map<String, Share> shares = new ConcurrentHashMap<>();
    private final Semaphore processors =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() - 1), true);
    private final LongSupplier nanos;

    Budgets() {
        this(System::nanoTime);
    }

    Budgets(LongSupplier nanos) {
        this.nanos = nanos;
    }

    /** What one account has of it. */
    static final class Share {
        private final Semaphore turn = new Semaphore(1, true);
        private long spent;
        private long since;
        private int inside;

        synchronized boolean mayCome(long now) {
            settle(now);
            if (inside > MOST_WAITING || spent > PURSE) return false;
            inside++;
            return true;
        }

        synchronized void leaves(long now, long took) {
            settle(now);
            spent += took;
            inside--;
        }

        synchronized boolean isIdle(long now) {
            settle(now);
            return inside == 0 && spent == 0;
        }

        private void settle(long now) {
            spent = Math.max(0, spent - (long) ((now - since) * A_NANO));
            since = now;
        }
    }

    private record Taken(Share share, long begun) {}

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (!(handler instanceof HandlerMethod method)) return true;
        if (method.hasMethodAnnotation(Dear.class)) {
            // it waits by rules of its own, and there are few of it at once
            Place.leaveForGood();
            Principal who = request.getUserPrincipal();
            Share share = take(who == null ? "address " + request.getRemoteAddr() : "account " + who.getName());
            request.setAttribute(TAKEN, new Taken(share, nanos.getAsLong()));
            GiveWay.dearBegins();
        } else if (request.getAttribute(QUICK) == null) {
            request.setAttribute(QUICK, true);
            GiveWay.quickBegins();
        }
        return true;
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        if (request.getAttribute(QUICK) != null) {
            request.removeAttribute(QUICK);
            GiveWay.quickEnds();
        }
        if (!(request.getAttribute(TAKEN) instanceof Taken taken)) return;
        GiveWay.dearEnds();
        request.removeAttribute(TAKEN);
        giveBack(taken.share(), nanos.getAsLong() - taken.begun());
    }

    /** Waits for its turn; {@link Busy} when too many wait, or the account has had its share. */
    Share take(String who) {
        long now = nanos.getAsLong();
        if (shares.size() > MOST_ACCOUNTS) shares.values().removeIf(share -> share.isIdle(now));
        Share share = shares.computeIfAbsent(who, key -> new Share());
        if (!share.mayCome(now)) throw new Busy(AGAIN_IN);
        boolean turn = false;
        try {
            turn = share.turn.tryAcquire(MOST_SECONDS, TimeUnit.SECONDS);
            if (turn && processors.tryAcquire(MOST_SECONDS, TimeUnit.SECONDS)) return share;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (turn) share.turn.release();
        share.leaves(nanos.getAsLong(), 0);
        throw new Busy(AGAIN_IN);
    }

    void giveBack(Share share, long took) {
        processors.release();
        share.turn.release();
        share.leaves(nanos.getAsLong(), took);
    }
}
