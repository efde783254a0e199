package gurukram.core.caution;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Caution.Severity;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the cautions of the shipped poses come to, by the rules and by hand. */
class DerivationTest {
    private static Stream<String> lines(String file) throws IOException {
        try (var in = DerivationTest.class.getResourceAsStream("/cautions/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.isBlank() && !line.startsWith("#")).toList().stream();
        }
    }

    static Stream<String> known() throws IOException {
        return lines("known.txt");
    }

    @ParameterizedTest
    @MethodSource("known")
    void whatIsKnownOfAPoseAndANeedHolds(String line) {
        String[] words = line.split(" ");
        Optional<Severity> severity =
                Plans.CATALOGUE.pose(words[0]).caution(Need.parse(words[1])).map(Caution::severity);
        if (words[2].equals("blocked")) assertThat(severity).hasValue(Severity.BLOCKED);
        else assertThat(severity.orElse(Severity.TELL)).isEqualTo(Severity.TELL);
    }

    static Stream<String> must() throws IOException {
        return lines("must.tsv").skip(1);
    }

    /** The least a mechanism calls for, written apart from the rules. */
    @ParameterizedTest
    @MethodSource("must")
    void everyPoseWithAMechanismHasAtLeastItsCaution(String line) {
        String[] cells = line.split("\t");
        Mechanism mechanism = Mechanism.parse(cells[0]);
        Severity least = Severity.valueOf(cells[1].toUpperCase(Locale.ROOT));
        Need need = Need.parse(cells[2]);
        List<Pose> tagged = Plans.CATALOGUE.poses().stream()
                .filter(pose -> pose.facts().has(mechanism))
                .toList();
        assertThat(tagged).isNotEmpty().allSatisfy(pose -> {
            Optional<Severity> severity = pose.caution(need).map(Caution::severity);
            assertThat(severity).as(pose.id()).isPresent();
            assertThat(least.isStricterThan(severity.get())).as(pose.id()).isFalse();
        });
    }

    @Test
    void whatIsChangedOrLeftOutHasASafeReplacementForTheSameNeed() {
        for (Pose pose : Plans.CATALOGUE.poses()) {
            for (Caution caution : pose.cautions()) {
                if (caution.severity() == Severity.TELL) continue;
                assertThat(caution.texts()).as(pose.id()).isNotEmpty();
                assertThat(caution.instead())
                        .as(pose.id() + " " + caution.need())
                        .isNotNull();
                Optional<Caution> there =
                        Plans.CATALOGUE.pose(caution.instead()).caution(caution.need());
                assertThat(there.map(Caution::severity).orElse(Severity.TELL)).isEqualTo(Severity.TELL);
            }
        }
    }

    @Test
    void whatIsLeftOutIsNotAlsoChanged() {
        for (Pose pose : Plans.CATALOGUE.poses()) {
            for (Caution caution : pose.cautions()) {
                if (caution.severity() != Severity.BLOCKED) continue;
                assertThat(caution.change())
                        .as(pose.id() + " " + caution.need())
                        .doesNotContain("You may");
            }
        }
    }

    @Test
    void everyPoseSaysWhatItDoesToABodyAndEveryWordIsDefined() {
        assertThat(Plans.CATALOGUE.poses())
                .allSatisfy(pose ->
                        assertThat(pose.facts().mechanisms()).as(pose.id()).isNotEmpty());
        for (Mechanism mechanism : Mechanism.values())
            assertThat(Rulebook.shipped().of(mechanism).definition()).isNotBlank();
        for (Need need : Need.values()) {
            assertThat(Rulebook.shipped().of(need).name()).isNotBlank();
            assertThat(Rulebook.shipped().of(need).ask()).isNotBlank();
        }
    }

    private static Caution derived(Pose like, CautionFacts facts, Need need) {
        return Derivation.one(like.with(facts), Plans.CATALOGUE.poses())
                .caution(need)
                .orElse(null);
    }

    @Test
    void anOverrideSetsTheSeverityAndItsSentenceComesFirst() {
        Pose plank = Plans.CATALOGUE.pose("plank");
        CautionFacts rules = new CautionFacts(List.of(Mechanism.HANDS_STRONG), List.of(), List.of(), List.of());
        Caution usual = derived(plank, rules, Need.WRIST);
        assertThat(usual.severity()).isNotEqualTo(Severity.TELL);
        assertThat(usual.because()).containsExactly(Mechanism.HANDS_STRONG);
        CautionFacts judged = new CautionFacts(
                List.of(Mechanism.HANDS_STRONG),
                List.of(),
                List.of(new CautionFacts.Override(Need.WRIST, Severity.BLOCKED, "x-hands", "mountain")),
                List.of());
        Caution blocked = derived(plank, judged, Need.WRIST);
        assertThat(blocked.severity()).isEqualTo(Severity.BLOCKED);
        assertThat(blocked.first()).isEqualTo("Leave this one out: hands bent back carry the body.");
        assertThat(blocked.instead()).isEqualTo("mountain");
        CautionFacts none = new CautionFacts(
                List.of(Mechanism.HANDS_STRONG),
                List.of(),
                List.of(new CautionFacts.Override(Need.WRIST, null, null, null)),
                List.of());
        assertThat(derived(plank, none, Need.WRIST)).isNull();
    }

    @Test
    void whatATeacherWroteStandsBesideWhatIsDerived() {
        Pose plank = Plans.CATALOGUE.pose("plank");
        Caution mine = new Caution(Need.WRIST, Severity.TELL, "roll the mat under the heels of the hands", null);
        CautionFacts facts = new CautionFacts(List.of(Mechanism.HANDS_STRONG), List.of(), List.of(), List.of(mine));
        Caution both = derived(plank, facts, Need.WRIST);
        assertThat(both.first()).isEqualTo("roll the mat under the heels of the hands");
        assertThat(both.severity()).as("the stricter counts").isNotEqualTo(Severity.TELL);
        assertThat(both.texts()).hasSizeGreaterThan(1);
    }
}
