package gurukram.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.catalogue.OwnPose;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An address is kept for a year, so it must change with all that is drawn under it. */
class FiguresTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private static final Pose TREE = CATALOGUE.pose("tree");

    private static Pose other(String field, List<String> values) {
        return OwnPose.like(TREE).put(field, values).read(CATALOGUE).pose();
    }

    @Test
    void theMapOfWhatIsFeltHasAnotherAddressWhenAnythingInItChanges() {
        String address = Figures.felt(TREE);
        assertThat(Figures.felt(other("notIn", List.of("neck")))).isNotEqualTo(address);
        assertThat(Figures.felt(other("stretches", List.of("chest 3")))).isNotEqualTo(address);
        assertThat(Figures.felt(other("works", List.of("arms 3")))).isNotEqualTo(address);
        assertThat(Figures.felt(other("also", List.of("another name")))).isEqualTo(address);
    }

    @Test
    void aFigureHasAnAddressForEachSideAndSize() {
        assertThat(List.of(
                        Figures.small(TREE, Side.LEFT),
                        Figures.small(TREE, Side.RIGHT),
                        Figures.large(TREE, Side.LEFT)))
                .doesNotHaveDuplicates();
    }
}
