package gurukram.web.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.outbox.MailStandIn.Mood;
import gurukram.web.support.TestApp;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Mail that waits is handed over, once, also where whoever sends it is slow, down or wrong. */
@ExtendWith(TestApp.Extension.class)
class DeliveryTest {
    private final TestApp app;
    private final String to = UUID.randomUUID() + "@b.example";

    DeliveryTest(TestApp app) {
        this.app = app;
    }

    private long waiting() {
        return app.bean(JdbcClient.class)
                .sql("select count(*) from outgoing_mail where recipient = ?")
                .param(to)
                .query(Long.class)
                .single();
    }

    private void dueNow() {
        app.bean(JdbcClient.class)
                .sql("update outgoing_mail set next_at = now() - interval '1 second' where recipient = ?")
                .param(to)
                .update();
    }

    private static List<String> got(Delivery delivery, String to) {
        return delivery.standIn().orElseThrow().sent().stream()
                .filter(one -> one.to().equals(to))
                .map(MailStandIn.Sent::subject)
                .toList();
    }

    @Test
    void whatIsNotTakenComesAgainAndWhatIsTakenDoesNot() {
        OutboxStore outbox = app.bean(OutboxStore.class);
        try (Delivery delivery = new Delivery(outbox, "stand-in", false)) {
            MailStandIn standIn = delivery.standIn().orElseThrow();
            for (Mood mood : List.of(Mood.DOWN, Mood.WRONG, Mood.SLOW)) {
                standIn.be(mood);
                outbox.send(to, mood.name(), "Words");
                delivery.handOver();
                assertThat(waiting()).as("%s: it waits", mood).isEqualTo(1);
                delivery.handOver();
                standIn.be(Mood.WELL);
                dueNow();
                delivery.handOver();
                assertThat(waiting()).as("%s: it is gone", mood).isZero();
                assertThat(got(delivery, to)).contains(mood.name());
            }
            delivery.handOver();
            assertThat(got(delivery, to))
                    .as("the slow one had it twice, as mail may be")
                    .hasSizeBetween(3, 4);
        }
    }

    @Test
    void whatOneCopyTakesNoOtherTakes() {
        OutboxStore outbox = app.bean(OutboxStore.class);
        outbox.send(to, "Once", "Words");
        List<UUID> first = outbox.take(100).stream()
                .filter(mail -> mail.recipient().equals(to))
                .map(OutboxStore.Mail::id)
                .toList();
        assertThat(first).hasSize(1);
        assertThat(outbox.take(100).stream().map(OutboxStore.Mail::id)).doesNotContainAnyElementsOf(first);
    }

    @Test
    void pausesGrowAndWithoutAnAddressNothingIsTried() {
        assertThat(Delivery.pause(1)).isEqualTo(Duration.ofSeconds(30));
        assertThat(Delivery.pause(3)).isEqualTo(Duration.ofMinutes(2));
        assertThat(Delivery.pause(40)).isEqualTo(Duration.ofHours(6));
        OutboxStore outbox = app.bean(OutboxStore.class);
        outbox.send(to, "Waits", "Words");
        try (Delivery delivery = new Delivery(outbox, "", false)) {
            delivery.handOver();
            assertThat(delivery.isThere()).isFalse();
            assertThat(waiting()).isEqualTo(1);
        }
    }

    @Test
    void whatHasWaitedTwoDaysIsForgottenWithItsSecret() {
        OutboxStore outbox = app.bean(OutboxStore.class);
        outbox.send(to, "Old", "Words");
        app.bean(JdbcClient.class)
                .sql("update outgoing_mail set made_at = now() - interval '49 hours' where recipient = ?")
                .param(to)
                .update();
        try (Delivery delivery = new Delivery(outbox, "none", false)) {
            delivery.handOver();
        }
        assertThat(waiting()).isZero();
    }
}
