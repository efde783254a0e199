package gurukram.core.compose;

import static gurukram.core.compose.Compositions.COMPOSER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.check.Finding;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.search.Sequences;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.util.List;
import org.junit.jupiter.api.Test;

class LeadThereTest {
    private static final ClassPlan EVENING = Notation.plan(String.join(
            "\n",
            "class: An evening",
            "- 45 min, hatha, intermediate",
            "arrive:",
            "easy seat, 60 s open",
            "warm-up:",
            "wrist circles, 8 reps",
            "bird dog, both, 4 breaths",
            "standing:",
            "warrior 2, both, 5 breaths",
            "triangle, both, 5 breaths",
            "cool-down:",
            "lying twist, both, 6 breaths",
            "rest:",
            "final rest, 270 s",
            "close:",
            "closing seat, 4 breaths"));

    private static Draft led(String peak) {
        return COMPOSER.leadThere(EVENING, Brief.to(peak, 45, Style.HATHA, Level.INTERMEDIATE))
                .orElseThrow();
    }

    @Test
    void whatThePeakLacksIsPutInAndEverythingElseStays() {
        Draft draft = led("half-moon");
        List<String> poses = Sequences.poses(draft.plan());
        assertThat(poses)
                .containsSubsequence("bird-dog", "warrior-2", "triangle", "half-moon", "supine-twist")
                .contains("half-moon");
        EVENING.walk(node -> assertThat(draft.plan().has(node.id())).isTrue());
        assertThat(draft.plan().settings().peak()).isEqualTo("half-moon");
        assertThat(draft.report().findings()).extracting(Finding::rule).doesNotContain("preparation");
    }

    @Test
    void aClassThatHasItAllGetsNothingMore() {
        Draft draft = led("half-moon");
        Draft again = COMPOSER.leadThere(draft.plan(), Brief.to("half-moon", 45, Style.HATHA, Level.INTERMEDIATE))
                .orElseThrow();
        assertThat(Sequences.poses(again.plan())).isEqualTo(Sequences.poses(draft.plan()));
    }

    @Test
    void aPeakThatIsNotAllowedLeadsToARungOfIt() {
        Draft draft = led("handstand");
        assertThat(draft.goal().isAsAsked()).isFalse();
        assertThat(draft.stops()).isNotEmpty();
        assertThat(Sequences.poses(draft.plan())).contains(draft.goal().pose().id());
    }
}
