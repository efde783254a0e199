package gurukram.web.doors;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.tomcat.util.buf.ByteChunk;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * Takes in the whole body of a request before anything else looks at it: no more than there may be, no slower than a bad telephone
 * line, and only so many slow ones at once, of one address and in all. What has arrived already waits for nobody.
 */
final class WholeBody extends ValveBase {
    /** Enough for the longest class as text and for the log of a long day. */
    static final int MOST_BYTES = 2_000_000;

    /** What is too long is still read so far, or the browser would only see its connection break. */
    private static final int MOST_READ = 20_000_000;

    /** What is small comes in one piece, at once. */
    private static final int SMALL_BYTES = 6_000;

    private static final int LOOKS = 15;
    private static final int LOOK_MS = 10;
    private static final long FREE_NANOS = 5_000_000_000L;
    private static final long LEAST_BYTES_A_SECOND = 2_000;
    private static final int MOST_AN_ADDRESS = 24;

    private final Semaphore slow;
    private final Map<String, AtomicInteger> ofAddress = new ConcurrentHashMap<>();

    /** @param most how many slow bodies there may be at once; well below the number of threads */
    WholeBody(int most) {
        super(true);
        slow = new Semaphore(most);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        org.apache.coyote.Request coyote = request.getCoyoteRequest();
        long told = coyote.getContentLengthLong();
        boolean chunked = told < 0 && coyote.getHeader("Transfer-Encoding") != null;
        if (told <= 0 && !chunked) {
            getNext().invoke(request, response);
            return;
        }
        Intake intake = new Intake(coyote, told);
        int status = intake.isHere() ? intake.take() : takeInTurn(request, intake);
        if (status != HttpServletResponse.SC_OK) {
            refuse(coyote, response, status);
            return;
        }
        coyote.action(ActionCode.REQ_SET_BODY_REPLAY, intake.body);
        getNext().invoke(request, response);
    }

    /** 200 when it is all there, else why not. */
    private int takeInTurn(Request request, Intake intake) {
        String address = request.getRemoteAddr();
        AtomicInteger here = ofAddress.compute(address, (key, count) -> {
            AtomicInteger now = count == null ? new AtomicInteger() : count;
            now.incrementAndGet();
            return now;
        });
        boolean mine = here.get() <= MOST_AN_ADDRESS && slow.tryAcquire();
        try {
            return mine ? intake.take() : HttpServletResponse.SC_SERVICE_UNAVAILABLE;
        } finally {
            if (mine) slow.release();
            ofAddress.computeIfPresent(address, (key, count) -> count.decrementAndGet() == 0 ? null : count);
        }
    }

    /**
     * The connection ends with the answer: what else may come is not read any more. Only who sent too much is told at length; the
     * others may be very many.
     */
    private static void refuse(org.apache.coyote.Request coyote, Response response, int status) throws IOException {
        coyote.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        response.setHeader("Connection", "close");
        if (status == HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE) response.sendError(status);
        else Plainly.busy(response.getResponse(), status, 2);
    }

    /** One body on its way in. */
    private static final class Intake implements ApplicationBufferHandler {
        final ByteChunk body = new ByteChunk();
        private final org.apache.coyote.Request coyote;
        private final long told;
        private final long begun = System.nanoTime();
        private ByteBuffer piece = EMPTY_BUFFER;
        private long read;

        /** @param told how long it says it is, bytes; below 0 when it does not */
        Intake(org.apache.coyote.Request coyote, long told) {
            this.coyote = coyote;
            this.told = told;
        }

        /** Whether it is there already, or comes right behind its head as a browser sends it. */
        boolean isHere() {
            if (told < 0 || told > SMALL_BYTES) return false;
            for (int i = 0; i < LOOKS; i++) {
                coyote.action(ActionCode.AVAILABLE, Boolean.TRUE);
                if (coyote.getAvailable() >= told) return true;
                try {
                    Thread.sleep(LOOK_MS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return false;
                }
            }
            return false;
        }

        int take() {
            try {
                while (told < 0 || read < told) {
                    int got = coyote.doRead(this);
                    if (got < 0) break;
                    read += got;
                    if (read > MOST_READ) break;
                    if (read <= MOST_BYTES && told <= MOST_BYTES) body.append(piece);
                    long most = FREE_NANOS + read * 1_000_000_000L / LEAST_BYTES_A_SECOND;
                    if (System.nanoTime() - begun > most) return HttpServletResponse.SC_REQUEST_TIMEOUT;
                }
            } catch (IOException e) {
                // nothing came for as long as a connection may be silent, or it is gone
                return HttpServletResponse.SC_REQUEST_TIMEOUT;
            }
            if (read > MOST_BYTES) return HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE;
            return told < 0 || read == told ? HttpServletResponse.SC_OK : HttpServletResponse.SC_BAD_REQUEST;
        }

        @Override
        public void setByteBuffer(ByteBuffer buffer) {
            piece = buffer;
        }

        @Override
        public ByteBuffer getByteBuffer() {
            return piece;
        }

        @Override
        public void expand(int size) {
            // the buffer is the connection's own
        }
    }
}
