package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.body.Base;
import java.util.ArrayList;
import java.util.List;
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

    /** Every base ten seconds from standing, and what else is said. */
    private static Transitions star(String... more) {
        StringBuilder lines = new StringBuilder("# made up\n\n");
        for (Base base : Base.values())
            if (base != Base.STANDING)
                lines.append("standing = ").append(base.word()).append(" 10\n");
        return Transitions.parse(lines + String.join("\n", more));
    }

    private static String way(Transitions table, String from, String to) {
        List<String> legs = new ArrayList<>();
        for (Transitions.Leg leg : table.route(Base.parse(from), Base.parse(to)))
            legs.add("%s %d/%d".formatted(leg.to().word(), leg.first(), leg.later()));
        return String.join(", ", legs);
    }

    @Test
    void aLineIsReadAsItStands() {
        Transitions table = star("seated > supine 15/7   # by the side");
        assertThat(way(table, "seated", "supine")).isEqualTo("supine 15000/7000");
        assertThat(way(table, "supine", "seated")).as("one way").isEqualTo("standing 10000/10000, seated 10000/10000");
        assertThat(way(table, "seated", "seated")).isEmpty();
        assertThat(way(table, "seated", "standing")).isEqualTo("standing 10000/10000");
    }

    @Test
    void theCheapestChainIsTakenAndOfTwoAlikeTheOneThatWasThere() {
        assertThat(way(star("seated > kneeling 9", "kneeling > supine 9"), "seated", "supine"))
                .isEqualTo("kneeling 9000/9000, supine 9000/9000");
        assertThat(way(
                        star("seated > kneeling 4", "kneeling > child 4", "child > prone 4", "prone > supine 4"),
                        "seated",
                        "supine"))
                .isEqualTo("kneeling 4000/4000, child 4000/4000, prone 4000/4000, supine 4000/4000");
        assertThat(way(star("seated > kneeling 11", "kneeling > supine 10"), "seated", "supine"))
                .isEqualTo("standing 10000/10000, supine 10000/10000");
    }

    @Test
    void nothingIsSaidTwiceNorTooMuch() {
        assertThatThrownBy(() -> star("seated > standing 3")).hasMessageContaining("twice: SEATED to STANDING");
        assertThatThrownBy(() -> star("seated > supine 3", "supine = seated 4"))
                .hasMessageContaining("SEATED to SUPINE");
        assertThatThrownBy(() -> star("seated > supine 3 4")).hasMessageContaining("cannot read: seated > supine 3 4");
    }
}
