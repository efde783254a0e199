package gurukram.web.outbox;

import gurukram.web.outbox.OutboxStore.Mail;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Hands mail over, a few at a time. What is not taken waits, longer each time, and is let go after two days; what was answered with
 * anything but 202 was not taken.
 */
@Service
public class Delivery implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Delivery.class);
    private static final String STAND_IN = "stand-in";
    private static final String NONE = "none";
    private static final int AT_ONCE = 20;
    private static final int MOST_TRIES = 12;
    private static final int TAKEN = 202;
    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(30);
    private static final Duration LONGEST_WAIT = Duration.ofDays(2);
    private static final Duration LONGEST_PAUSE = Duration.ofHours(6);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final OutboxStore outbox;
    private final Optional<MailStandIn> standIn;
    private final Optional<URI> address;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    /**
     * @param address {@code stand-in}, where mail is handed over, or {@code none}; where nothing is said the demo has the stand-in, and
     *     otherwise no mail is sent
     */
    Delivery(
            OutboxStore outbox,
            @Value("${gurukram.mail:}") String address,
            @Value("${gurukram.demo:false}") boolean demo) {
        String where = address.isBlank() && demo ? STAND_IN : address;
        this.outbox = outbox;
        this.standIn = where.equals(STAND_IN) ? Optional.of(new MailStandIn()) : Optional.empty();
        this.address = where.isBlank() || where.equals(NONE)
                ? Optional.empty()
                : Optional.of(standIn.map(MailStandIn::address).orElseGet(() -> URI.create(where)));
    }

    /** Whether mail goes anywhere. */
    public boolean isThere() {
        return address.isPresent();
    }

    public Optional<MailStandIn> standIn() {
        return standIn;
    }

    /** Hands over what waits. What has waited too long is of no use to anybody, and holds a secret. */
    @Scheduled(fixedDelayString = "${gurukram.mail-every}", initialDelayString = "${gurukram.mail-every}")
    public void handOver() {
        outbox.forgetOld(LONGEST_WAIT);
        if (address.isEmpty()) return;
        for (Mail mail : outbox.take(AT_ONCE)) {
            if (isTaken(mail)) outbox.gone(mail);
            else if (mail.tries() >= MOST_TRIES) {
                LOG.warn("A mail was let go after {} tries.", mail.tries());
                outbox.gone(mail);
            } else outbox.again(mail, pause(mail.tries()));
        }
    }

    /** Twice as long each time. */
    static Duration pause(int tries) {
        Duration pause = FIRST_PAUSE.multipliedBy(1L << Math.min(tries - 1, 16));
        return pause.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : pause;
    }

    private boolean isTaken(Mail mail) {
        String body =
                JSON.writeValueAsString(Map.of("to", mail.recipient(), "subject", mail.subject(), "body", mail.body()));
        HttpRequest request = HttpRequest.newBuilder(address.orElseThrow())
                .timeout(PATIENCE)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            int status =
                    http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
            if (status != TAKEN) LOG.info("a mail was not taken ({})", status);
            return status == TAKEN;
        } catch (IOException e) {
            LOG.info("a mail could not be handed over: {}", e.getClass().getSimpleName());
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    @Override
    public void close() {
        standIn.ifPresent(MailStandIn::close);
    }
}
