package gurukram.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.plan.NodeNames;
import gurukram.core.text.Problem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Lines as teachers type them, and what they mean. */
class MeantLinesTest {
    static Stream<String> lines() throws IOException {
        try (var in = MeantLinesTest.class.getResourceAsStream("/notation/meant.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.isBlank() && !line.startsWith("#")).toList().stream();
        }
    }

    private static Reading read(String line) {
        return new NotationReader(Plans.CATALOGUE, NodeNames.numbers()).read("class: T\n\nstanding:\n" + line);
    }

    @ParameterizedTest
    @MethodSource("lines")
    void isUnderstoodAsMeant(String line) {
        String[] meant = line.split(" => ");
        if (meant.length == 2) {
            Reading typed = read(meant[0]);
            assertThat(typed.problems()).isEmpty();
            assertThat(typed.plan()).isEqualTo(read(meant[1]).planOrRefused());
            return;
        }
        String[] refused = line.split(" ! | \\? ");
        Reading typed = read(refused[0]);
        assertThat(typed.problems()).hasSize(1);
        Problem problem = typed.problems().get(0).problem();
        assertThat(problem.toString()).contains(refused[1]);
        List<String> offers = refused.length < 3 ? List.of() : Arrays.asList(refused[2].split(" \\| "));
        if (!offers.isEmpty()) assertThat(problem.offers()).isEqualTo(offers);
        problem.offers().forEach(offer -> assertThat(read(offer).problems()).isEmpty());
    }
}
