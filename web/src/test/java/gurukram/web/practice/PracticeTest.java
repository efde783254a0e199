package gurukram.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.practice.Question;
import gurukram.core.practice.Question.Choices;
import gurukram.core.practice.Trainer;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A teacher's five minutes. */
@ExtendWith(TestApp.Extension.class)
class PracticeTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    PracticeTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private String key() {
        return http.get("/practice").body().replaceFirst("(?s).*name=\"key\" value=\"([^\"]+)\".*", "$1");
    }

    private String answer(String key, String choice) {
        HttpResponse<String> answer = http.post("/practice", "key", key, "given", choice);
        assertThat(answer.statusCode()).isEqualTo(302);
        assertThat(Http.location(answer)).isEqualTo("/practice/answered");
        return http.get("/practice/answered?key=" + key + "&given=" + URLEncoder.encode(choice, StandardCharsets.UTF_8))
                .body();
    }

    private static String right(Question question) {
        return question.answer() instanceof Choices choices
                ? "" + choices.at()
                : question.answer().right();
    }

    private static String wrong(Question question) {
        return question.answer() instanceof Choices choices
                ? "" + (choices.at() + 1) % choices.choices().size()
                : "the other one";
    }

    private Question question(String key) {
        return app.bean(Practice.class).find(teacher, key).orElseThrow();
    }

    @Test
    void aDayHasItsQuestionsAndThenItIsEnough() {
        assertThat(http.get("/").body()).contains("Five minutes of practice");
        for (int i = 0; i < Trainer.NEW_A_DAY; i++) {
            String key = key();
            Question question = question(key);
            boolean rightly = i % 2 == 0;
            String told = answer(key, rightly ? right(question) : wrong(question));
            assertThat(told).contains(rightly ? "Right." : "Not this time", (i + 1) + " answered today");
        }
        assertThat(http.get("/practice").body()).contains("That is enough for today.");
        assertThat(http.get("/").body()).doesNotContain("Five minutes of practice");
        app.bean(JdbcClient.class)
                .sql(
                        "update practice_card set due = due - 1, first_on = first_on - 1, last_on = last_on - 1 where teacher_id = ?")
                .param(teacher.id())
                .update();
        String tomorrow = http.get("/practice").body();
        assertThat(tomorrow).as("tomorrow").contains("data-answered=\"0\"");
        assertThat(tomorrow.split("\"key\":", -1)).as("six again and six new").hasSize(1 + 12);
    }

    @Test
    void theSameAnswerSentTwiceCountsOnce() {
        String key = key();
        answer(key, right(question(key)));
        assertThat(answer(key, right(question(key)))).contains("1 answered today");
        assertThat(app.bean(PracticeStore.class).all(teacher).get(0).card().right())
                .isEqualTo(1);
        assertThat(http.get("/practice/answered?key=" + key + "&given=0").statusCode())
                .isEqualTo(200);
        assertThat(app.bean(PracticeStore.class).all(teacher)).hasSize(1);
    }

    @Test
    void whatIsNoQuestionOrNoAnswerIsNotThere() {
        assertThat(http.post("/practice", "key", "nothing", "given", "0").statusCode())
                .isEqualTo(404);
        for (String choice : new String[] {"", "9", "-1", "x", "00"})
            assertThat(http.post("/practice", "key", key(), "given", choice).statusCode())
                    .as(choice)
                    .isEqualTo(404);
        assertThat(http.get("/practice/answered").statusCode()).isEqualTo(404);
        assertThat(app.bean(PracticeStore.class).all(teacher)).isEmpty();
    }

    private String sent(String json) {
        HttpResponse<String> answer = http.json("/practice/answers", json);
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void whatADeviceKeptIsCountedOnItsDayAndOnlyOnce() {
        String key = key();
        LocalDate day = LocalDate.now().minusDays(2);
        String one = "{\"key\":\"%s\",\"given\":\"%s\",\"who\":\"%s\",\"on\":\"%s\"}"
                .formatted(key, right(question(key)), teacher.id(), day);
        assertThat(sent("[" + one + "," + one + "]")).contains("\"right\":true");
        sent("[" + one + "]");
        PracticeStore.Kept kept = app.bean(PracticeStore.class).all(teacher).get(0);
        assertThat(kept.card().right()).isEqualTo(1);
        assertThat(kept.lastOn()).isEqualTo(day);
        assertThat(kept.card().due()).isEqualTo(day.plusDays(1));
        String later = one.replace(day.toString(), LocalDate.now().plusDays(40).toString());
        sent("[" + later + "]");
        kept = app.bean(PracticeStore.class).all(teacher).get(0);
        assertThat(kept.lastOn())
                .as("nobody answers tomorrow")
                .isBeforeOrEqualTo(LocalDate.now().plusDays(1));
        assertThat(kept.card().right()).as("due again, so counted").isEqualTo(2);
    }

    @Test
    void whatIsNoAnswerIsPassedOver() {
        assertThat(sent("[]")).isEqualTo("[]");
        String who = "\"who\":\"" + teacher.id() + "\"";
        assertThat(sent("[null,{\"key\":\"nothing\",\"given\":\"0\",%s,\"on\":\"x\"},{\"key\":null}]".formatted(who)))
                .contains("\"known\":false");
        String key = key();
        String given = "{\"key\":\"%s\",\"given\":\"%s\",".formatted(key, right(question(key)));
        assertThat(sent("[" + given + "\"who\":\"" + UUID.randomUUID() + "\"}]"))
                .as("somebody else's on this device")
                .isEqualTo("[]");
        assertThat(sent("[" + given + who + ",\"on\":\"never\"}]")).contains("\"known\":true");
        assertThat(http.json("/practice/answers", "{").statusCode()).isEqualTo(400);
        assertThat(app.bean(PracticeStore.class).all(teacher)).hasSize(1);
    }
}
