package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class ZonesTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    ZonesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @Test
    void historyLogbookAndTokensAreReadInTheTeachersOwnZone() {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        String room = Http.location(http.post("/classes/" + id + "/teach"));
        http.json(room + "/log", "{\"startedAt\":1772562600000,\"endedAt\":1772566200000,\"moments\":[]}");
        assertThat(http.get("/logbook").body()).contains("Tuesday 3 March 2026, 18:30");
        assertThat(http.post("/account/zone", "zone", "Pacific/Kiritimati").statusCode())
                .isEqualTo(302);
        assertThat(http.get("/logbook").body()).contains("Wednesday 4 March 2026, 08:30");
        assertThat(http.get("/account").body()).contains("value=\"Pacific/Kiritimati\"");
        var there = app.bean(Clock.class).instant().atZone(ZoneId.of("Pacific/Kiritimati"));
        String hour = DateTimeFormatter.ofPattern("d MMM HH:", Locale.ENGLISH).format(there);
        assertThat(http.get("/classes/" + id + "/history").body()).contains(hour);
        http.post("/account/tokens", "name", "laptop");
        String day =
                DateTimeFormatter.ofPattern("d MMMM yyyy, H:", Locale.ENGLISH).format(there);
        assertThat(http.get("/account/tokens").body()).contains("made " + day);
    }

    @Test
    void aZoneNobodyKnowsIsSaidAtItsFieldAndWhatWasTypedStays() {
        var answer = http.post("/account/zone", "zone", "Harbour/Ropewalk");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("I know no time zone of that name", "value=\"Harbour/Ropewalk\"");
        http.post("/account/zone", "zone", "Asia/Tokyo");
        http.post("/account/zone", "zone", "");
        assertThat(http.get("/account").body())
                .contains("as this machine: UTC")
                .doesNotContain("value=\"Asia/Tokyo\" ");
    }
}
