package gurukram.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.web.demo.DemoData;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sheets of paper: what stands on them, and on how many pages. */
@ExtendWith(TestApp.Extension.class)
class SheetsTest {
    private final TestApp app;
    private final Http http;
    private final ClassId moon;

    SheetsTest(TestApp app) {
        this.app = app;
        Teacher teacher = app.newTeacher();
        moon = app.newClass(
                teacher,
                DemoData.text("half-moon-over-the-harbour").split("\n", 3)[2].split("\n"));
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    /** @param pages how many it has */
    record Read(String text, int pages) {}

    private Read read(String path, String name) {
        byte[] pdf = http.bytes(path);
        try {
            Files.write(Path.of("target", name + ".pdf"), pdf);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                return new Read(new PDFTextStripper().getText(document), document.getNumberOfPages());
            }
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** In list C the fifth position has two half-breaths, and is one position all the same. */
    @Test
    void twelvePositionsAreTwelveWhateverBreathsTheyTake() {
        for (String list : TwelvePositions.LISTS) {
            List<Twelves.Position> positions = app.bean(Twelves.class)
                    .of(app.newTeacher(), list, null, Side.RIGHT)
                    .positions();
            assertThat(positions.stream().map(Twelves.Position::number))
                    .containsExactly(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12);
            assertThat(positions.get(8).pose()).as(list).isEqualTo("Low lunge");
            assertThat(positions.get(8).first())
                    .as(list)
                    .isNotEqualTo(positions.get(8).second())
                    .isNotEmpty();
        }
        Twelves.Position five = app.bean(Twelves.class)
                .of(app.newTeacher(), "c", null, Side.RIGHT)
                .positions()
                .get(4);
        assertThat(five.pose()).isEqualTo("Plank");
        assertThat(five.breath()).isEqualTo("exhale, then inhale");
    }

    @Test
    void theCardHasEveryStepItsSidesAndItsDose() {
        Read one = read("/classes/" + moon + "/sheets/card.pdf", "one");
        assertThat(one.pages()).isEqualTo(1);
        for (Read card : List.of(
                one,
                read("/classes/" + moon + "/sheets/card.pdf?size=a4", "card"),
                read("/classes/" + moon + "/sheets/card.pdf?size=a5", "card5"))) {
            assertThat(card.text())
                    .contains("Half moon")
                    .contains("Steady is not still.")
                    .contains("side wall, 3 rounds, right first")
                    .contains("R L 5 breaths")
                    .contains("no medical advice");
            assertThat(card.pages()).isLessThanOrEqualTo(16);
        }
        assertThat(http.get("/classes/" + moon + "/sheets/card.pdf?size=a9").statusCode())
                .isEqualTo(404);
    }

    @Test
    void theRunningSheetHasTheWordsThatAreChosen() {
        Read all = read("/classes/" + moon + "/sheets/running.pdf", "running");
        Read brief = read("/classes/" + moon + "/sheets/running.pdf?words=short", "short");
        Read none = read("/classes/" + moon + "/sheets/running.pdf?words=none", "none");
        assertThat(all.text()).contains("side wall, round 2 of 3").contains("affirmation: Steady is not still.");
        assertThat(all.text().length()).isGreaterThan(brief.text().length());
        assertThat(brief.text().length()).isGreaterThan(none.text().length());
        assertThat(none.text()).contains("side wall, round 3 of 3").contains("Half moon");
    }

    @Test
    void atHomeNothingOfTheStudioIsSaid() {
        Read home = read("/classes/" + moon + "/sheets/home.pdf?often=Three%20times%20a%20week.", "home");
        assertThat(home.text())
                .contains("Three times a week.")
                .contains("When to stop")
                .contains("comes forward")
                .doesNotContain("Steady is not still")
                .doesNotContain("Shoulder:")
                .doesNotContain("Test teacher")
                .doesNotContain("Ropewalk");
        Read named = read("/classes/" + moon + "/sheets/home.pdf?name=true&part=1&words=true", "home1");
        assertThat(named.text()).contains("From Test teacher.").doesNotContain("Final rest");
        assertThat(named.pages()).isLessThan(home.pages());
    }

    @Test
    void tonightTheTwelveAndALadderAreOnPaper() {
        assertThat(read("/classes/" + moon + "/sheets/tonight.pdf", "tonight").text())
                .contains("Lay out before people come");
        Read twelve = read("/sheets/twelve.pdf?list=a&legs=RETURNING", "twelve");
        assertThat(twelve.pages()).isEqualTo(1);
        assertThat(twelve.text())
                .contains("oṃ mitrāya namaḥ")
                .contains("oṃ bhāskarāya namaḥ")
                .contains("went back first");
        assertThat(read("/sheets/twelve.pdf?list=d&legs=SAME_FRONT", "twelved").text())
                .contains("stayed in front");
        assertThat(http.get("/sheets/twelve.pdf?list=z").statusCode()).isEqualTo(404);
        assertThat(read("/ladders/half-moon/sheet.pdf", "ladder").text())
                .contains("Ready when")
                .contains("Half moon");
        assertThat(http.get("/ladders/nowhere/sheet.pdf").statusCode()).isEqualTo(404);
    }
}
