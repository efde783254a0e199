package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.plan.settings.Rounds;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WhenTest {
    @Test
    void aGuardLeftOpenAlwaysHoldsOnTheClock() {
        assertThat(When.ALWAYS.holds(null, 1, 3, 1)).isTrue();
        assertThat(When.ALWAYS.holds(Level.BEGINNER, 3, 3, 2)).isTrue();
        assertThat(When.ALWAYS.needsFlow()).isFalse();
        assertThat(When.ALWAYS.isBeside()).isFalse();
    }

    @Test
    void aLevelHoldsForItselfAndNotForTheBaseLine() {
        When beginners = When.at(Level.BEGINNER);
        assertThat(beginners.holdsAt(Level.BEGINNER)).isTrue();
        assertThat(beginners.holdsAt(Level.ADVANCED)).isFalse();
        assertThat(beginners.holdsAt(null)).isFalse();
        assertThat(beginners.needsFlow()).isFalse();
    }

    @Test
    void roundsAndPassesHoldTogetherAndNeedAFlow() {
        When late = When.in(Rounds.from(2)).withPass(1);
        assertThat(late.needsFlow()).isTrue();
        assertThat(When.ALWAYS.withPass(2).needsFlow()).isTrue();
        assertThat(When.in(Rounds.LAST).needsFlow()).isTrue();
        assertThat(late.holds(null, 1, 3, 1)).isFalse();
        assertThat(late.holds(null, 2, 3, 1)).isTrue();
        assertThat(late.holds(null, 2, 3, 2)).isFalse();
        assertThat(When.at(Level.BEGINNER).with(Rounds.LAST).holds(Level.BEGINNER, 3, 3, 1))
                .isTrue();
        assertThat(When.at(Level.BEGINNER).with(Rounds.LAST).holds(Level.ADVANCED, 3, 3, 1))
                .isFalse();
    }

    @Test
    void whatIsForANeedOrTheOtherChoiceIsBesideTheClock() {
        When wrists = When.forNeeds(Set.of(Need.WRIST));
        assertThat(wrists.isBeside()).isTrue();
        assertThat(wrists.holds(null, 1, 1, 1)).isFalse();
        assertThat(wrists.holdsAt(Level.BEGINNER)).isFalse();
        assertThat(When.otherChoice().isBeside()).isTrue();
        assertThat(When.otherChoice().holdsAt(null)).isFalse();
        assertThat(wrists.with(Rounds.LAST).onTheClock()).isEqualTo(When.in(Rounds.LAST));
        assertThat(wrists.onTheClock()).isEqualTo(When.ALWAYS);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new When(Set.of(Level.BEGINNER), Set.of(), true, null, null))
                .hasMessageContaining("An equal choice is for everyone");
        assertThatThrownBy(() -> new When(Set.of(), Set.of(Need.WRIST), true, null, null))
                .hasMessageContaining("An equal choice is for everyone");
        assertThatThrownBy(() -> When.ALWAYS.withPass(3)).hasMessageContaining("a first and a second pass");
        assertThatThrownBy(() -> When.ALWAYS.withPass(0)).hasMessageContaining("a first and a second pass");
        assertThat(When.ALWAYS.withPass(2).pass()).isEqualTo(2);
    }
}
