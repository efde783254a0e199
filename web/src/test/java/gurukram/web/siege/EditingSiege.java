package gurukram.web.siege;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.TestApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two hundred teachers editing an hour's class each, from the first minute on. Prints what it saw. */
@ExtendWith(TestApp.Extension.class)
class EditingSiege {
    private final TestApp app;

    EditingSiege(TestApp app) {
        this.app = app;
    }

    @Test
    void twoHundredTeachersColdAndWarm() throws Exception {
        try (AppProcess sieged = new AppProcess("--gurukram.warm-up=8")) {
            Editors teachers = new Editors(app, sieged, 200);
            Editors.Told cold = teachers.edit(60, 2_000, 5_000, 15_000);
            System.out.println("[siege] 200 teachers, who come within 15 s, the first minute: " + cold);
            Editors.Told warm = teachers.edit(30, 2_000, 5_000);
            System.out.println("[siege] 200 teachers, the next 30 s: " + warm);
            assertThat(cold.wrong()).isEmpty();
            assertThat(warm.wrong()).isEmpty();
            assertThat(warm.ms(95)).isLessThan(250);
            assertThat(cold.ms(95)).isLessThan(250);
        }
    }
}
