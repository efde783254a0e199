package gurukram.web.calendar;

import gurukram.web.shared.Place;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks the studio's calendar over HTTP. Nobody waits long for it, and nothing it says is believed unread. */
final class BookingClient implements Bookings {
    private static final Logger LOG = LoggerFactory.getLogger(BookingClient.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration PATIENCE = Duration.ofMillis(1_500);
    private static final int MOST_MATS = 500;
    private static final int MOST_DATES = 400;

    private final URI address;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    /** @param address where its dates are asked for */
    BookingClient(URI address) {
        this.address = address;
    }

    @Override
    public List<Booked> of(String group, LocalDate from, LocalDate to) throws NoAnswer {
        String query = "?group=%s&from=%s&to=%s".formatted(URLEncoder.encode(group, StandardCharsets.UTF_8), from, to);
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + query))
                .timeout(PATIENCE)
                .build();
        try {
            // a calendar that hangs holds up nobody but who asked it
            HttpResponse<String> answer = Place.aside(() -> http.send(request, HttpResponse.BodyHandlers.ofString()));
            if (answer.statusCode() != 200)
                throw new NoAnswer("The booking calendar is out of order (%d).".formatted(answer.statusCode()));
            return read(answer.body(), from, to);
        } catch (IOException e) {
            LOG.info("the booking calendar did not answer: {}", e.getClass().getSimpleName());
            throw new NoAnswer("The booking calendar does not answer.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new NoAnswer("The booking calendar does not answer.");
        }
    }

    /** All of it or nothing: where one number cannot be, the others are not believed either. */
    private static List<Booked> read(String body, LocalDate from, LocalDate to) throws NoAnswer {
        List<Booked> dates = new ArrayList<>();
        Set<LocalDate> seen = new HashSet<>();
        try {
            JsonNode all = JSON.readTree(body).path("dates");
            if (!all.isArray() || all.size() > MOST_DATES) throw wrong();
            for (JsonNode one : all) {
                LocalDate day = LocalDate.parse(one.path("day").asString(""));
                LocalTime starts = LocalTime.parse(one.path("starts").asString(""));
                if (!one.path("booked").isInt() || !one.path("firstTimers").isInt()) throw wrong();
                int booked = one.path("booked").asInt();
                int first = one.path("firstTimers").asInt();
                boolean possible = booked >= 0 && booked <= MOST_MATS && first >= 0 && first <= booked;
                if (!possible || day.isBefore(from) || day.isAfter(to) || !seen.add(day)) throw wrong();
                dates.add(new Booked(day, starts, booked, first));
            }
        } catch (JacksonException | DateTimeException e) {
            throw wrong();
        }
        return dates;
    }

    private static NoAnswer wrong() {
        return new NoAnswer("The booking calendar says something that cannot be; nothing of it is taken.");
    }
}
