package gurukram.web.schools;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Schools beside each other, and a class that goes over. */
@ExtendWith(TestApp.Extension.class)
class SchoolsPageTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    SchoolsPageTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @Test
    void theFourListsStandThereAtFirst() {
        assertThat(http.get("/schools").body())
                .contains("They differ at positions ", "A: returning leg", "D: returning leg", "held in");
        String two = http.get(
                        "/schools?list1=b&legs1=returning&list2=b&legs2=same-front&rounds=8&round1=one&round2=one")
                .body();
        assertThat(two)
                .contains("They differ at position 9.", "B: same front leg, a round is one side", "8 rounds", ">96<");
        assertThat(http.get("/schools?list1=&list2=").body()).doesNotContain("Position by position");
        for (String bad : new String[] {"list1=z", "list1=a&legs1=x", "list1=a&rounds=x", "list1=a&rounds=-1"})
            assertThat(http.get("/schools?" + bad).statusCode()).as(bad).isEqualTo(400);
        assertThat(http.get("/schools?list1=flow-3").statusCode()).isEqualTo(404);
    }

    @Test
    void aClassGoesOverAfterTheNumbersWereTold() {
        ClassId id = app.newClass(teacher, "salutations:", "twelve positions b, 4 rounds, both sides");
        String asked = "class=" + id + "&list=&legs=same-front&round=one&join=&first=";
        String told = http.get("/schools/switch?" + asked).body();
        assertThat(told).contains("Positions: 48 instead of 96.", "Lunges with the right leg in front: 4 instead of 8");
        assertThat(told).contains("the leg in front at 9; a round is one side");
        ClassStore classes = app.bean(ClassStore.class);
        int version = classes.version(teacher, id).orElseThrow();
        var answer = http.post(
                "/schools/switch",
                "class",
                id.toString(),
                "version",
                "" + version,
                "legs",
                "same-front",
                "round",
                "one");
        assertThat(Http.location(answer)).isEqualTo("/classes/" + id);
        assertThat(http.get("/schools/switch?" + asked).body()).contains("The class is like this already.");
        http.post(
                "/classes/" + id + "/undo",
                "version",
                "" + classes.version(teacher, id).orElseThrow());
        assertThat(http.get("/schools/switch?" + asked).body()).as("taken back").contains("48 instead of 96");
        assertThat(http.post("/schools/switch", "class", id.toString(), "version", "" + version, "round", "one")
                        .statusCode())
                .as("on an old version")
                .isEqualTo(422);
        assertThat(http.get("/schools/switch?class=x").statusCode()).isEqualTo(404);
        assertThat(http.get("/schools/switch?class=" + id).body()).contains("Nothing was chosen");
    }

    @Test
    void whatTheyFeelIsAnsweredOnThePage() {
        String stop = http.get("/poses/triangle/felt?how=stretch&where=back-thigh&side=right&on=right&need=sciatica")
                .body();
        assertThat(stop).contains("Stop: come out now", "With sciatica:");
        assertThat(http.get("/poses/triangle/felt?how=work&where=front-thigh&side=right&on=right&need=sciatica")
                        .body())
                .contains("Stay: as it should be");
        assertThat(http.get("/poses/triangle/felt").body())
                .contains("It lengthens:", "Not in:")
                .doesNotContain("Do:");
        assertThat(http.get("/poses/triangle/felt?how=pinch").body()).contains("Where, and how? Both, please.");
        assertThat(http.get("/poses/triangle/felt?how=pinch&where=knee-side", "HX-Request", "true")
                        .body())
                .contains("felt-told")
                .doesNotContain("<html lang=\"en\">\n<head>");
        assertThat(http.get("/poses/nowhere/felt").statusCode()).isEqualTo(404);
        assertThat(http.get("/poses/triangle/felt?need=x").statusCode()).isEqualTo(400);
    }
}
