package gurukram.web.doors;

import gurukram.web.shared.Busy;
import gurukram.web.shared.Place;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What changes one class waits for what changes it already, before it takes a connection to the database: many who wait for one
 * class leave the connections to all others. The queue is short; who finds it full is told to come again.
 */
@Configuration
class Queues implements HandlerInterceptor, WebMvcConfigurer {
    static final int LONGEST = 12;
    private static final int MOST_SECONDS = 3;
    private static final int AGAIN_IN = 1;
    private static final String HELD = Queues.class.getName();
    private static final Set<String> CHANGING = Set.of("POST", "PUT", "DELETE", "PATCH");
    /** A class, or a class in the room. */
    private static final Pattern OF_ONE = Pattern.compile("/(?:api/classes|classes|room)/([0-9a-fA-F-]{36})(?:/.*)?");

    private final Map<String, Queue> queues = new ConcurrentHashMap<>();

    private static final class Queue {
        final ReentrantLock lock = new ReentrantLock(true);
        int waiting;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Matcher one = OF_ONE.matcher(request.getRequestURI());
        if (CHANGING.contains(request.getMethod()) && one.matches()) {
            enter(one.group(1));
            request.setAttribute(HELD, one.group(1));
        }
        return true;
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        if (request.getAttribute(HELD) instanceof String id) {
            request.removeAttribute(HELD);
            leave(id);
        }
    }

    /** {@link Busy} when too many wait, or for too long. */
    void enter(String id) {
        Queue queue = queues.compute(id, (key, known) -> {
            Queue here = known == null ? new Queue() : known;
            if (here.waiting > LONGEST) throw new Busy(AGAIN_IN);
            here.waiting++;
            return here;
        });
        try {
            if (!queue.lock.hasQueuedThreads() && queue.lock.tryLock()
                    || Place.aside(() -> queue.lock.tryLock(MOST_SECONDS, TimeUnit.SECONDS))) return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        forget(id);
        throw new Busy(AGAIN_IN);
    }

    void leave(String id) {
        queues.get(id).lock.unlock();
        forget(id);
    }

    private void forget(String id) {
        queues.computeIfPresent(id, (key, queue) -> --queue.waiting == 0 ? null : queue);
    }
}
