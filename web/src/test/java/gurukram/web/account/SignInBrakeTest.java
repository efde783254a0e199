package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.account.SignInBrake.Try;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.MovedClock;
import gurukram.web.support.TestApp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;

/** How guessing is slowed, and who is not. */
@ExtendWith(TestApp.Extension.class)
class SignInBrakeTest {
    private final TestApp app;
    private final MovedClock clock = new MovedClock(Instant.parse("2026-03-01T10:00:00Z"));
    private final SignInBrake brake;
    private final String mark = "brake" + System.nanoTime();

    SignInBrakeTest(TestApp app) {
        this.app = app;
        brake = new SignInBrake(app.bean(JdbcClient.class), clock, app.bean(PlatformTransactionManager.class));
    }

    private Try at(String account, String address) {
        return new Try(mark + account, mark + address, Optional.empty());
    }

    @Test
    void ofAHundredGuessesAtOnceFiveGetThrough() throws Exception {
        ExecutorService guessers = Executors.newFixedThreadPool(20);
        try {
            List<Future<Long>> waits = new ArrayList<>();
            for (int i = 0; i < 100; i++) waits.add(guessers.submit(() -> brake.take(at("owner", "thief"))));
            int through = 0;
            for (Future<Long> wait : waits) if (wait.get() == 0) through++;
            assertThat(through).isEqualTo(SignInBrake.FREE_TRIES);
        } finally {
            guessers.shutdownNow();
        }
    }

    @Test
    void everyFurtherTryWaitsTwiceAsLong() {
        for (int i = 0; i < SignInBrake.FREE_TRIES; i++)
            assertThat(brake.take(at("owner", "thief"))).isZero();
        assertThat(brake.take(at("owner", "thief"))).isEqualTo(2);
        clock.ahead(Duration.ofSeconds(2));
        assertThat(brake.take(at("owner", "thief"))).isZero();
        assertThat(brake.take(at("owner", "thief"))).isEqualTo(4);
        clock.ahead(Duration.ofSeconds(3));
        assertThat(brake.take(at("owner", "thief"))).isEqualTo(1);
        for (int i = 0; i < 20; i++) {
            clock.ahead(SignInBrake.LONGEST);
            brake.take(at("owner", "thief"));
        }
        assertThat(brake.take(at("owner", "thief"))).isEqualTo(SignInBrake.LONGEST.toSeconds());
        clock.ahead(Duration.ofHours(25));
        assertThat(brake.take(at("owner", "thief"))).isZero();
    }

    @Test
    void theOwnerIsNotLockedOutOnABrowserSheHasUsed() {
        for (int i = 0; i < 60; i++) brake.take(at("owner", "thief" + i % 30));
        Try hers = new Try(mark + "owner", mark + "home", Optional.of("ab12"));
        assertThat(brake.take(hers)).isZero();
        brake.right(hers);
        long elsewhere = brake.take(at("owner", "cafe"));
        assertThat(elsewhere).isBetween(1L, SignInBrake.LONGEST_FROM_ANYWHERE.toSeconds());
    }

    @Test
    void aHouseBehindOneAddressIsNotLockedOutByOneOfItsTeachers() {
        for (int i = 0; i < 50; i++) {
            brake.take(at("forgetful", "house"));
            clock.ahead(Duration.ofSeconds(1));
        }
        assertThat(brake.take(at("colleague", "house"))).isZero();
    }

    @Test
    void oneAddressThatTriesManyAccountsIsSlowed() {
        for (int i = 0; i < SignInBrake.FREE_OF_ADDRESS; i++)
            assertThat(brake.take(at("account" + i, "thief"))).isZero();
        assertThat(brake.take(at("another", "thief"))).isPositive();
        assertThat(brake.take(at("another", "elsewhere"))).isZero();
    }

    @Test
    void aRightPasswordGivesItsPlaceBack() {
        for (int i = 0; i < 300; i++) {
            assertThat(brake.take(at("owner", "house"))).isZero();
            brake.right(at("owner", "house"));
        }
    }

    @Test
    void throughTheDoorAtOnceToo() throws Exception {
        Teacher owner = app.newTeacher();
        ExecutorService guessers = Executors.newFixedThreadPool(20);
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                String guess = "guess number " + i;
                answers.add(guessers.submit(() -> {
                    Http http = Http.on(app);
                    http.get("/sign-in");
                    return http.post("/sign-in", "email", owner.email(), "password", guess)
                            .statusCode();
                }));
            }
            int looked = 0;
            for (Future<Integer> answer : answers) {
                assertThat(answer.get()).isIn(401, 429);
                if (answer.get() == 401) looked++;
            }
            assertThat(looked).isBetween(1, SignInBrake.FREE_TRIES);
        } finally {
            guessers.shutdownNow();
        }
    }
}
