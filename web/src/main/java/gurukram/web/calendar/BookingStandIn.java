package gurukram.web.calendar;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import gurukram.web.groups.Group;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/**
 * Stands in for a studio's booking calendar, on loopback: made-up bookings, always the same for the same group and day. It can be slow, down
 * or wrong.
 */
final class BookingStandIn implements AutoCloseable {
    private static final int FEWEST_PERCENT = 50;
    private static final int SPREAD_PERCENT = 51;
    private static final int MOST_FIRST_TIMERS = 3;

    /** How it behaves. */
    enum Mood {
        WELL,
        SLOW,
        DOWN,
        WRONG
    }

    private final HttpServer server;
    private final ExecutorService threads = Executors.newFixedThreadPool(2);
    private final Map<String, Group> known = new ConcurrentHashMap<>();
    private volatile Mood mood = Mood.WELL;
    private volatile long slowMs = 4_000;

    BookingStandIn() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 16);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        server.createContext("/dates", this::answer);
        server.setExecutor(threads);
        server.start();
    }

    URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/dates");
    }

    /** What it knows of a group: its day, its hour and how many mats it has. */
    void knows(Group group) {
        known.put(group.name(), group);
    }

    void be(Mood other) {
        mood = other;
    }

    void slowBy(long ms) {
        slowMs = ms;
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            if (mood == Mood.SLOW) Thread.sleep(slowMs);
            if (mood == Mood.DOWN) {
                exchange.sendResponseHeaders(503, -1);
                return;
            }
            byte[] body = body(asked(exchange.getRequestURI().getRawQuery())).getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().set("Content-Type", "application/json");
            exchange.sendResponseHeaders(200, body.length);
            try (OutputStream out = exchange.getResponseBody()) {
                out.write(body);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static Map<String, String> asked(String query) {
        Map<String, String> asked = new HashMap<>();
        for (String pair : query == null ? new String[0] : query.split("&")) {
            int at = pair.indexOf('=');
            if (at > 0)
                asked.put(pair.substring(0, at), URLDecoder.decode(pair.substring(at + 1), StandardCharsets.UTF_8));
        }
        return asked;
    }

    private String body(Map<String, String> asked) {
        Group group = known.get(asked.getOrDefault("group", ""));
        List<String> dates = new ArrayList<>();
        if (group != null) {
            LocalDate to = LocalDate.parse(asked.get("to"));
            for (LocalDate day = LocalDate.parse(asked.get("from")).with(TemporalAdjusters.nextOrSame(group.day()));
                    !day.isAfter(to);
                    day = day.plusWeeks(1)) {
                int draw = Math.floorMod((group.name() + day).hashCode(), 10_007);
                int booked = group.mats() * (FEWEST_PERCENT + draw % SPREAD_PERCENT) / 100;
                int first = Math.min(booked, draw % MOST_FIRST_TIMERS);
                if (mood == Mood.WRONG) booked = -booked - 1;
                dates.add("{\"day\":\"%s\",\"starts\":\"%s\",\"booked\":%d,\"firstTimers\":%d}"
                        .formatted(day, group.startsAt(), booked, first));
            }
        }
        return "{\"dates\":[" + String.join(",", dates) + "]}";
    }

    @Override
    @PreDestroy
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
