package gurukram.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Five boxes, with the clock moved over a month. */
class CardTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 1);

    /** The days of a month on which a card is asked, when it is answered as told, time after time. */
    private static List<Integer> asked(boolean... answers) {
        Card card = Card.fresh("x", DAY);
        List<Integer> days = new ArrayList<>();
        for (int day = 0; day < 31 && days.size() < answers.length; day++) {
            if (!card.isDue(DAY.plusDays(day))) continue;
            card = card.answered(answers[days.size()], DAY.plusDays(day));
            days.add(day);
        }
        return days;
    }

    @Test
    void whatIsAlwaysRightComesAfterOneTwoFourEightDays() {
        assertThat(asked(true, true, true, true, true)).containsExactly(0, 1, 3, 7, 15);
    }

    @Test
    void whatIsWrongComesAgainTomorrowAndBeginsAnew() {
        assertThat(asked(true, true, true, false, true, true, true)).containsExactly(0, 1, 3, 7, 8, 10, 14);
        assertThat(asked(false, false, false)).containsExactly(0, 1, 2);
    }

    @Test
    void theLastBoxComesEverySixteenDays() {
        Card card = new Card("x", 5, DAY, 9, 0);
        assertThat(card.isKnown()).isTrue();
        assertThat(card.answered(true, DAY)).isEqualTo(new Card("x", 5, DAY.plusDays(16), 10, 0));
        assertThat(card.answered(false, DAY)).isEqualTo(new Card("x", 1, DAY.plusDays(1), 9, 1));
    }

    @Test
    void whatIsAskedLateGoesOnFromTheDayItIsAnswered() {
        assertThat(new Card("x", 2, DAY, 2, 0).answered(true, DAY.plusDays(20)).due())
                .isEqualTo(DAY.plusDays(24));
    }

    @Test
    void noOtherBoxes() {
        assertThatThrownBy(() -> new Card("x", 6, DAY, 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Card("x", 0, DAY, 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Card("x", 1, DAY, -1, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
