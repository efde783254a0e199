package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.body.Base;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TransitionsTest {
    private final Transitions table = Transitions.shipped();

    @Test
    void everyPairIsReached() {
        for (Base from : Base.values()) {
            for (Base to : Base.values()) {
                assertThat(table.route(from, to)).as(from + " to " + to).isNotNull();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "seated, hands-and-knees, 12",
        "hands-and-knees, seated, 19", // stands as listed although by kneeling it would be 10
        "supine, seated, 21",
        "standing, kneeling, 8",
        "kneeling, standing, 8",
        "standing, dog, 14", // to lunge 8, to dog 6
        "seated, dog, 16", // to kneeling 6, to lunge 4, to dog 6
        "supine, standing, 30", // to prone 12, to hands and knees 6, to kneeling 4, to standing 8
        "child, dog, 12", // to hands and knees 4, to plank 4, to dog 4
    })
    void aListedPairStandsAndAnyOtherIsTheCheapestChain(String from, String to, int seconds) {
        long ms = table.route(Base.parse(from), Base.parse(to)).stream()
                .mapToLong(Transitions.Leg::first)
                .sum();
        assertThat(ms).isEqualTo(seconds * 1000L);
    }

    @Test
    void aTableThatDoesNotReachEveryPairIsRefused() {
        assertThatThrownBy(() -> Transitions.parse("seated > supine 15"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("supine to seated");
        assertThatThrownBy(() -> Transitions.parse("seated > supine 15\nseated = supine 12"))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> Transitions.parse("seated to supine")).hasMessageContaining("cannot read");
    }
}
