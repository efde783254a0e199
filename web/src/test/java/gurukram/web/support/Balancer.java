package gurukram.web.support;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Stands before several copies of the app and gives each request to the next, whoever it is from. A copy that takes no connection is
 * passed over; a request that was taken is not given to another.
 */
public final class Balancer implements AutoCloseable {
    private static final Set<String> OWN = Set.of("host", "connection", "content-length", "transfer-encoding", "date");

    private final HttpServer door;
    private final ExecutorService hands = Executors.newCachedThreadPool();
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(2))
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final AtomicInteger next = new AtomicInteger();
    private final List<Integer> ports;

    /** @param ports of the copies on this machine */
    public Balancer(Integer... ports) throws IOException {
        this.ports = List.of(ports);
        door = HttpServer.create(new InetSocketAddress(InetAddress.getByName("127.0.0.1"), 0), 512);
        door.setExecutor(hands);
        door.createContext("/", this::pass);
        door.start();
    }

    public String url() {
        return "http://localhost:" + door.getAddress().getPort();
    }

    private void pass(HttpExchange exchange) throws IOException {
        try (exchange) {
            byte[] body = exchange.getRequestBody().readAllBytes();
            HttpResponse<byte[]> answer = answer(exchange, body);
            if (answer == null) {
                exchange.sendResponseHeaders(503, -1);
                return;
            }
            answer.headers().map().forEach((name, values) -> {
                if (!OWN.contains(name.toLowerCase()) && !name.startsWith(":"))
                    exchange.getResponseHeaders().put(name, values);
            });
            boolean silent = answer.body().length == 0;
            exchange.sendResponseHeaders(answer.statusCode(), silent ? -1 : answer.body().length);
            if (!silent) exchange.getResponseBody().write(answer.body());
        }
    }

    private HttpResponse<byte[]> answer(HttpExchange exchange, byte[] body) throws IOException {
        for (int i = 0; i < ports.size(); i++) {
            int port = ports.get(Math.floorMod(next.getAndIncrement(), ports.size()));
            HttpRequest.Builder request = HttpRequest.newBuilder(
                            URI.create("http://localhost:" + port + exchange.getRequestURI()))
                    .timeout(Duration.ofSeconds(60))
                    .method(exchange.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
            exchange.getRequestHeaders().forEach((name, values) -> {
                if (!OWN.contains(name.toLowerCase())
                        && !name.equalsIgnoreCase("upgrade")
                        && !name.toLowerCase().startsWith("http2"))
                    values.forEach(value -> request.header(name, value));
            });
            try {
                return client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            } catch (ConnectException e) {
                // the next one
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return null;
            }
        }
        return null;
    }

    @Override
    public void close() {
        door.stop(0);
        hands.shutdownNow();
    }
}
