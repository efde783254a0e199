package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Shares;
import gurukram.core.plan.settings.Style;
import java.util.List;
import org.junit.jupiter.api.Test;

class BudgetsTest {
    private static Checked parts(int standing, int cool) {
        return Checked.of(
                "class: T\n- 30 min, vinyasa, beginner\narrive:\neasy seat, 60 s open\nwarm-up:\nmountain, 260 s\nstanding:\nchair, %d s\ncool-down:\nbound angle, %d s\nrest:\nfinal rest, 200 s\n"
                        .formatted(standing, cool));
    }

    @Test
    void aPartMayBeTenPercentOfTheSlotOffItsShare() {
        assertEquals("", parts(600, 400).says(Budgets.class));
        assertTrue(
                parts(1_000, 200).says(Budgets.class).contains("“Standing” has 16 minutes"),
                parts(1_000, 200).says(Budgets.class));
        assertEquals(Severity.INFO, parts(1_000, 200).of(Budgets.class).get(0).severity());
    }

    @Test
    void sharesOfAbsentPartsAreSpreadOverTheRest() {
        assertEquals(24, Shares.of(SectionRole.STANDING, Style.VINYASA).orElseThrow());
        assertEquals(16, Shares.of(SectionRole.STANDING, Style.HATHA).orElseThrow());
        assertTrue(Shares.of(SectionRole.FLOOR, Style.HATHA).isEmpty());
        assertEquals(
                List.of(),
                Checked.of("standing:\nchair, 900 s\nrest:\nfinal rest, 60 s\n").of(Budgets.class));
        // a third of the usual shares, spread over all, would ask for a rest of a quarter of an hour
        assertEquals(
                List.of(),
                Checked.of("warm-up:\ncat, 300 s\npeak:\nchair, 2700 s\nrest:\nfinal rest, 300 s\n")
                        .of(Budgets.class));
    }
}
