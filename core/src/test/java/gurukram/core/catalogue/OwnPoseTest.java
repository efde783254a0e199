package gurukram.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.Collection;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class OwnPoseTest {
    static Collection<Pose> poses() {
        return Plans.CATALOGUE.poses();
    }

    @ParameterizedTest
    @MethodSource("poses")
    void anEntryMadeFromAPoseIsThatPose(Pose pose) {
        OwnPose.Read read = OwnPose.stored(OwnPose.like(pose).toString(), Plans.CATALOGUE);
        assertThat(read.problems()).isEmpty();
        assertThat(read.pose()).isEqualTo(pose);
    }

    @Test
    void aVariationIsTiedToThePoseItIsMadeFrom() {
        OwnPose.Read read = OwnPose.like(Plans.CATALOGUE.pose("tree"))
                .put("id", "own-tree-at-the-rope")
                .put("name", "Tree at the rope")
                .put("sanskrit", "")
                .put("also", List.of())
                .put("misspelt", List.of())
                .put("easier", List.of("tree"))
                .put("harder", List.of())
                .read(Plans.CATALOGUE);
        assertThat(read.problems()).isEmpty();
        PoseCatalogue mine = Plans.CATALOGUE.with(List.of(read.pose()));
        assertThat(mine.named("tree at the rope")).map(Pose::id).hasValue("own-tree-at-the-rope");
        assertThat(mine.pose("tree").ties().harder()).contains("own-tree-at-the-rope");
        assertThat(mine.find("tree at")).first().extracting(Pose::id).isEqualTo("own-tree-at-the-rope");
    }

    @ParameterizedTest
    @CsvSource({
        "name, Warrior 2, name, already means Warrior 2",
        "level, middling, level, none of",
        "hold, loose, hold, none of",
        "sanskrit, Tāḍāsana, name, already means Mountain",
        "gate, soon, gate, not a ladder"
    })
    void whatIsWrongIsToldAtItsField(String field, String value, String at, String words) {
        OwnPose.Read read =
                OwnPose.like(Plans.CATALOGUE.pose("tree")).put(field, value).read(Plans.CATALOGUE);
        assertThat(read.pose() == null || !read.problems().isEmpty()).isTrue();
        assertThat(read.problems()).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(at);
            assertThat(problem.what()).contains(words);
        });
        assertThat(OwnPose.stored("{not json", Plans.CATALOGUE).problems()).hasSize(1);
    }
}
