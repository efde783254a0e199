package gurukram.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.practice.Question;
import gurukram.core.practice.Trainer;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
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

    private String answer(String key, int choice) {
        HttpResponse<String> answer = http.post("/practice", "key", key, "choice", "" + choice);
        assertThat(answer.statusCode()).isEqualTo(302);
        assertThat(Http.location(answer)).isEqualTo("/practice/answered");
        return http.get("/practice/answered?key=" + key + "&choice=" + choice).body();
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
            String told = answer(
                    key,
                    rightly
                            ? question.right()
                            : (question.right() + 1) % question.choices().size());
            assertThat(told).contains(rightly ? "Right." : "Not this time", (i + 1) + " answered today");
        }
        assertThat(http.get("/practice").body()).contains("That is enough for today.");
        assertThat(http.get("/").body()).doesNotContain("Five minutes of practice");
        app.bean(JdbcClient.class)
                .sql(
                        "update practice_card set due = due - 1, first_on = first_on - 1, last_on = last_on - 1 where teacher_id = ?")
                .param(teacher.id())
                .update();
        assertThat(http.get("/practice").body()).as("tomorrow").contains("0 answered today", ", 12 wait");
    }

    @Test
    void theSameAnswerSentTwiceCountsOnce() {
        String key = key();
        answer(key, question(key).right());
        assertThat(answer(key, question(key).right())).contains("1 answered today");
        assertThat(app.bean(PracticeStore.class).all(teacher).get(0).card().right())
                .isEqualTo(1);
        assertThat(http.get("/practice/answered?key=" + key + "&choice=0").statusCode())
                .isEqualTo(200);
        assertThat(app.bean(PracticeStore.class).all(teacher)).hasSize(1);
    }

    @Test
    void whatIsNoQuestionOrNoAnswerIsNotThere() {
        assertThat(http.post("/practice", "key", "nothing", "choice", "0").statusCode())
                .isEqualTo(404);
        for (String choice : new String[] {"", "9", "-1", "x", "00"})
            assertThat(http.post("/practice", "key", key(), "choice", choice).statusCode())
                    .as(choice)
                    .isEqualTo(404);
        assertThat(http.get("/practice/answered").statusCode()).isEqualTo(404);
        assertThat(app.bean(PracticeStore.class).all(teacher)).isEmpty();
    }
}
