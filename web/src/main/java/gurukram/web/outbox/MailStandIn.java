package gurukram.web.outbox;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Stands in for whoever sends a studio's mail, on loopback: it keeps what it would have sent. It can be slow, down or wrong. */
public final class MailStandIn implements AutoCloseable {
    private static final int MOST = 200;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** How it behaves. */
    public enum Mood {
        WELL,
        SLOW,
        DOWN,
        /** it says that it has what it does not have */
        WRONG
    }

    /** What it would have sent. */
    public record Sent(String to, String subject, String body) {}

    private final HttpServer server;
    private final ExecutorService threads = Executors.newFixedThreadPool(2);
    private final Deque<Sent> sent = new ArrayDeque<>();
    private volatile Mood mood = Mood.WELL;
    private volatile long slowMs = 4_000;

    MailStandIn() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 16);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        server.createContext("/mail", this::take);
        server.setExecutor(threads);
        server.start();
    }

    URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/mail");
    }

    public void be(Mood other) {
        mood = other;
    }

    void slowBy(long ms) {
        slowMs = ms;
    }

    /** The latest first. */
    public List<Sent> sent() {
        synchronized (sent) {
            return List.copyOf(sent);
        }
    }

    private void take(HttpExchange exchange) throws IOException {
        try (exchange) {
            byte[] body = exchange.getRequestBody().readAllBytes();
            if (mood == Mood.SLOW) Thread.sleep(slowMs);
            if (mood == Mood.DOWN) {
                exchange.sendResponseHeaders(503, -1);
                return;
            }
            if (mood != Mood.WRONG) keep(JSON.readValue(body, Sent.class));
            exchange.sendResponseHeaders(mood == Mood.WRONG ? 200 : 202, -1);
        } catch (JacksonException e) {
            exchange.sendResponseHeaders(400, -1);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void keep(Sent one) {
        synchronized (sent) {
            sent.addFirst(one);
            if (sent.size() > MOST) sent.removeLast();
        }
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
