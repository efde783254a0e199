package gurukram.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.text.Refused;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MatsTest {
    private static Mats mats(Map<Integer, Integer> onRung) {
        return new Mats(LocalDate.of(2026, 11, 5), onRung);
    }

    @Test
    void twelveMatsOnFourRungs() {
        Mats mats = mats(Map.of(2, 3, 3, 5, 4, 3, 5, 1));
        assertThat(mats.all()).isEqualTo(12);
        assertThat(mats.median()).isEqualTo(3);
        assertThat(mats.lowest()).isEqualTo(2);
        assertThat(mats.highest()).isEqualTo(5);
        assertThat(mats.words()).isEqualTo("12 mats: the middle one on rung 3, from 2 to 5; half of them on 2 to 4");
    }

    @Test
    void ofTwoInTheMiddleTheLowerOne() {
        assertThat(mats(Map.of(1, 1, 4, 1)).median()).isEqualTo(1);
        assertThat(mats(Map.of(1, 1, 4, 2)).median()).isEqualTo(4);
        assertThat(mats(Map.of(1, 5, 4, 5)).median()).isEqualTo(1);
    }

    @Test
    void oneRungAndOneMat() {
        assertThat(mats(Map.of(3, 1)).words()).isEqualTo("1 mat, all on rung 3");
        assertThat(mats(Map.of(3, 9, 4, 1, 2, 1)).words()).endsWith("half of them on rung 3");
        assertThat(mats(Map.of(1, 0, 3, 9)).onRung()).isEqualTo(Map.of(3, 9));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> mats(Map.of())).isInstanceOf(Refused.class).hasMessageContaining("at least one mat");
        assertThatThrownBy(() -> mats(Map.of(1, 0))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> mats(Map.of(1, -2, 2, 4))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> mats(Map.of(1, 150, 2, 60)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("200");
        assertThatThrownBy(() -> mats(Map.of(0, 3))).isInstanceOf(Refused.class);
    }
}
