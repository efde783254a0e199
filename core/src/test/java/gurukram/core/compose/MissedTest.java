package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Needs;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Taught;
import gurukram.core.coverage.Movement;
import gurukram.core.group.People;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MissedTest {
    private static Brief brief(Level level) {
        return Brief.to("half-moon", 60, Style.HATHA, level);
    }

    @Test
    void everyMovementABeginnerIsToHaveHasAPose() {
        for (Movement movement : Movement.values())
            if (movement.isFor(Level.BEGINNER))
                assertThat(Missed.pose(movement, brief(Level.BEGINNER), CATALOGUE))
                        .as(movement.words())
                        .hasValueSatisfying(
                                pose -> assertThat(movement.isIn(pose)).isTrue());
    }

    @Test
    void aPoseThatWasNotTaughtLatelyIsTakenFirst() {
        Pose first =
                Missed.pose(Movement.TWIST, brief(Level.BEGINNER), CATALOGUE).orElseThrow();
        Brief taught = brief(Level.BEGINNER).withTaught(List.of(new Taught(3, List.of(), Set.of(first.id()))), false);
        assertThat(Missed.pose(Movement.TWIST, taught, CATALOGUE))
                .hasValueSatisfying(other -> assertThat(other).isNotEqualTo(first));
    }

    @Test
    void nobodyIsGivenWhatHerNeedRulesOut() {
        People wrists = new People(8, Map.of(Need.WRIST, 1), null);
        Missed.pose(Movement.ARMS, brief(Level.INTERMEDIATE).with(wrists), CATALOGUE)
                .ifPresent(pose -> assertThat(Needs.isBlocked(pose, wrists)).isFalse());
        assertThat(Missed.pose(Movement.ON_HANDS, brief(Level.BEGINNER), CATALOGUE))
                .as("no beginner stands on her hands for a wish")
                .isEmpty();
    }

    @Test
    void aDraftHasWhatWasMissed() {
        for (Movement movement : EnumSet.of(Movement.TWIST, Movement.FRONT_THIGHS, Movement.WAIST, Movement.BACK)) {
            Brief wished = Missed.into(brief(Level.BEGINNER), Set.of(movement), CATALOGUE);
            assertThat(wished.wanted()).hasSize(1);
            String pose = wished.wanted().iterator().next();
            Score score = Compositions.UNFOLDER.unfold(
                    Compositions.COMPOSER.compose(wished, 1).plan(), Level.BEGINNER);
            assertThat(score.moments()).as(pose).anyMatch(moment -> pose.equals(moment.pose()));
            long ms = score.moments().stream()
                    .filter(moment -> moment.pose() != null && movement.isIn(CATALOGUE.pose(moment.pose())))
                    .mapToLong(Moment::workMs)
                    .sum();
            assertThat(ms).as(movement.words()).isGreaterThanOrEqualTo(30_000);
        }
    }
}
