package gurukram.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.NamedFlows;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What ships as a sequence or a list is on the breath as it is taught. */
class ShippedFlowsTest {
    static Stream<String> called() {
        Stream<String> lists = Stream.of("a", "b", "c", "d").map(list -> "twelve positions " + list + ", 2 rounds");
        return Stream.concat(NamedFlows.names().stream(), lists);
    }

    @ParameterizedTest
    @MethodSource("called")
    void breathAndParityAreSilent(String name) {
        Checked checked = Checked.of("class: T\n- 20 min, vinyasa, intermediate\nsalutations:\n" + name + "\n");
        assertThat(List.of(checked.of(AgainstBreath.class), checked.of(BreathClash.class)))
                .as(name)
                .allSatisfy(found -> assertThat(found).isEmpty());
    }
}
