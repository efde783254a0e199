package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.body.Action;
import gurukram.core.body.BodyArea;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.text.Claims;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CatalogueTest {
    @Test
    void theShippedCatalogueIsSoundAndLargeEnough() {
        PoseCatalogue shipped = CatalogueReader.shipped();
        assertThat(shipped.poses()).hasSizeGreaterThanOrEqualTo(350);
        long ladders = shipped.ladders().stream().filter(l -> l.peak() != null).count();
        assertThat(ladders).isGreaterThanOrEqualTo(45);
        assertThat(shipped.ladders()).anyMatch(ladder -> ladder.peak() == null);
        assertThat(shipped.poses()).allSatisfy(pose -> {
            assertThat(pose.isFor(Level.BEGINNER))
                    .as(pose.id())
                    .isEqualTo(pose.doses().byLevel().size() == 3);
            if (pose.gate() != null)
                assertThat(pose.isFor(Level.BEGINNER)).as(pose.id()).isFalse();
            assertThat(pose.cautions())
                    .as(pose.id())
                    .allSatisfy(c -> assertThat(c.change()).isNotBlank());
        });
    }

    @Test
    void anEntryIsReadWhole() {
        PoseCatalogue read = CatalogueReader.read(SoundCatalogue.files());
        Pose tree = read.pose("tree");
        assertThat(tree.sanskrit()).isEqualTo("Vṛkṣāsana");
        assertThat(tree.names().plainSanskrit()).isEqualTo("Vrikshasana");
        assertThat(tree.doseFor(Level.BEGINNER)).hasToString("4 breaths");
        assertThat(tree.doses().byLevel().get(Level.BEGINNER)).hasToString("3-5 breaths, at 4");
        assertThat(tree.caution(Need.ANKLE))
                .hasValue(new Caution(Need.ANKLE, Caution.Severity.CHANGE, "a hand at the wall", "plank"));
        assertThat(tree.family()).isEqualTo("balances");
        assertThat(tree.demands(Action.ONE_LEG_BALANCE)).isEqualTo(2);
        assertThat(tree.prepares(Action.OUTER_HIP_STRENGTH)).isZero();
        assertThat(tree.props()).containsExactly(new PropUse("wall", 1, "chair back"));
        assertThat(tree.notIn()).containsExactly(BodyArea.KNEES);
        assertThat(tree.cues().leave().brief()).isEqualTo("foot down");
        assertThat(read.laddersWith("tree")).singleElement().satisfies(ladder -> {
            assertThat(ladder.rungOf("tree")).isEqualTo(4);
            assertThat(ladder.rungs().get(2).with()).isEqualTo(Ladder.With.TEACHER);
            assertThat(ladder.rungs().get(1).does()).isEqualTo("one foot light");
        });
    }

    @Test
    void noTextOfTheCatalogueStatesABenefitAsAFact() {
        CatalogueReader.shippedFiles()
                .forEach((file, text) -> assertThat(Claims.in(text)).as(file).isEmpty());
        assertThat(Claims.in("It cures colds, healing hips, detoxes, and balances hormones; relieves stress."))
                .containsExactly("cures", "healing", "detoxes", "balances hormones", "relieves stress");
        assertThat(Claims.in("Heel down, secure the strap, balance on the standing leg"))
                .isEmpty();
    }

    @Test
    void teachersAreToldWhatToLookAfterInEveryPose() {
        assertThat(Plans.CATALOGUE.poses()).allSatisfy(pose -> {
            assertThat(pose.teaching().gaze()).as(pose.id()).isNotBlank();
            assertThat(pose.teaching().faults()).as(pose.id()).isNotEmpty();
        });
        Teaching triangle = Plans.CATALOGUE.pose("triangle").teaching();
        assertThat(triangle.measures()).contains("front foot: 90° out", "front heel: in line with the back arch");
        assertThat(triangle.spokenWayIn())
                .isEqualTo("inhale, arms wide; exhale, reach far over the front leg; exhale, hand down;"
                        + " inhale, other arm up");
    }

    /** Round numbers, so that a mouth can count them; alternating repetitions may be even. */
    @Test
    void usualDosesCanBeCountedAloud() {
        Set<Integer> countable = Set.of(1, 2, 3, 4, 5, 8, 10, 12, 15, 20);
        for (Pose pose : Plans.CATALOGUE.poses()) {
            List<Dose> all = new ArrayList<>(pose.doses().byLevel().values());
            all.addAll(pose.doses().byPart().values());
            for (Dose dose : all) {
                Dose usual = dose.at(Dose.Reading.CHOSEN);
                if (usual instanceof Dose.Breaths held)
                    assertThat(held.breaths()).as(pose.id()).isIn(1, 2, 3, 5, 8, 10, 12, 15);
                if (usual instanceof Reps reps && reps.sets() == 1)
                    assertThat(reps.reps()).as(pose.id()).isIn(countable);
            }
        }
        Pose fold = Plans.CATALOGUE.pose("seated-forward-fold");
        assertThat(fold.doseFor(Level.BEGINNER, UsualDoses.Part.WARM_UP)).hasToString("3 breaths");
        assertThat(fold.doseFor(Level.BEGINNER, UsualDoses.Part.COOL_DOWN)).hasToString("10 breaths");
        assertThat(fold.doseFor(Level.BEGINNER, null)).hasToString("5 breaths");
        assertThat(Plans.CATALOGUE.pose("headstand").doses().range(Level.BEGINNER, UsualDoses.Part.PEAK))
                .as("no dose of a part makes a gated pose one for beginners")
                .hasToString("3-8 breaths, at 5");
    }

    @ParameterizedTest
    @CsvSource({
        "pigeon, half-pigeon", "savasana, corpse", "Adho Mukha Svanasana, downward-dog", "warrior II, warrior-2",
        "virabhadrasana 2, warrior-2", "childs pose, childs-pose", "Bridge Pose, bridge", "cobras, cobra"
    })
    void aPoseIsFoundByAnyOfItsNames(String typed, String id) {
        assertThat(Plans.CATALOGUE.named(typed)).map(Pose::id).hasValue(id);
    }

    @ParameterizedTest
    @CsvSource({
        "warior 2, warrior-2",
        "half mon, half-moon",
        "down dgo, downward-dog",
        "trikonsana, triangle",
        "shavasna, corpse"
    })
    void theNearestComesFirst(String typed, String id) {
        assertThat(Plans.CATALOGUE.nearest(typed, 3))
                .hasSize(3)
                .first()
                .extracting(Pose::id)
                .isEqualTo(id);
    }
}
