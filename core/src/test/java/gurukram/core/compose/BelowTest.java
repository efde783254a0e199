package gurukram.core.compose;

import static gurukram.core.compose.Compositions.COMPOSER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import org.junit.jupiter.api.Test;

/** A brief that no class comes to well. */
class BelowTest {
    private static final Brief FLYING_PIGEON =
            Brief.to("flying-pigeon", 30, Style.HATHA, Level.ADVANCED).withSupervised(true);

    @Test
    void leadsToTheRungBelowSaysWhyAndHasNothingToBeMended() {
        Draft draft = COMPOSER.compose(FLYING_PIGEON, 2);
        assertThat(draft.goal().isAsAsked()).isFalse();
        assertThat(draft.stops().toString()).contains("no class of 30 minutes was found that comes to it well");
        assertThat(draft.report().findings()).noneMatch(finding -> finding.severity() == Severity.MUST);
        assertThat(draft.plan().settings().peak()).isEqualTo(draft.goal().pose().id());
    }

    @Test
    void isToldTheSameWhenItIsLookedAtAgain() {
        Draft draft = COMPOSER.compose(FLYING_PIGEON, 2);
        Draft again = COMPOSER.look(draft.plan(), FLYING_PIGEON, 2);
        assertThat(again.goal()).isEqualTo(draft.goal());
        assertThat(again.stops()).isEqualTo(draft.stops());
    }

    @Test
    void withTheTimeForItThePeakItselfIsReached() {
        Draft draft = COMPOSER.compose(
                Brief.to("side-crow", 75, Style.HATHA, Level.ADVANCED).withSupervised(true), 2);
        assertThat(draft.goal().isAsAsked()).isTrue();
        assertThat(draft.stops()).isEmpty();
    }
}
