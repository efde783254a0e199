package gurukram.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.PoseCatalogue;
import org.junit.jupiter.api.Test;

/** What nobody means: it is answered, and not at length. */
class JunkTest {
    private static final PoseCatalogue POSES = CatalogueReader.shipped();

    private static Reading read(String text) {
        return new NotationReader(POSES, NodeNames.numbers()).read(text);
    }

    @Test
    void afterFiftyFaultsTheReaderSaysHowMuchItHasNotRead() {
        Reading reading = read("standing:\n" + "tre\n".repeat(80) + "\ntree\n");
        assertThat(reading.problems()).hasSize(NotationReader.MOST_FAULTS + 1);
        Located last = reading.problems().get(NotationReader.MOST_FAULTS);
        assertThat(last.line()).isEqualTo(52);
        assertThat(last.problem().what()).startsWith("and more: ").contains("31 lines");
        assertThat(read("standing:\n" + "tre\n".repeat(50)).problems()).hasSize(50);
        assertThat(read("standing:\n" + "tre\n".repeat(51))
                        .problems()
                        .get(50)
                        .problem()
                        .what())
                .contains("1 line ");
    }

    @Test
    void whatIsUnderstoodIsReadHoweverMuchItIs() {
        assertThat(read("standing:\n" + "tree, both, 5 breaths\n".repeat(300)).problems())
                .isEmpty();
    }

    @Test
    void aLongSearchIsOneForItsBeginning() {
        assertThat(POSES.find("half moon" + " x".repeat(4_000))).hasSizeLessThan(400);
        assertThat(POSES.find("half moon").get(0).id()).isEqualTo("half-moon");
        assertThat(POSES.nearest("x".repeat(7_000), 3)).hasSize(3);
    }
}
