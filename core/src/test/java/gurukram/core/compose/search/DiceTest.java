package gurukram.core.compose.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class DiceTest {
    private static final List<String> STAGES =
            List.of("flows", "chains", "spine", "cover", "fill", "last turn", "counter");

    @Test
    void aThingIsInTheUpperThirdForAboutAThirdOfTheIdeas() {
        for (String stage : STAGES) {
            int above = 0;
            for (int idea = 1; idea <= 99; idea++)
                if (Dice.ofIdea("half moon", idea, 0).of(stage).turning("tree") > 2.0 / 3) above++;
            assertThat(above).as(stage).isBetween(30, 36);
        }
    }

    @Test
    void whatIsOnTopForOneIdeaIsNotForTheNext() {
        for (String stage : STAGES) {
            for (int idea = 1; idea <= 50; idea++) {
                double now = Dice.ofIdea("half moon", idea, 0).of(stage).turning("tree");
                double next = Dice.ofIdea("half moon", idea + 1, 0).of(stage).turning("tree");
                double apart = Math.min(Math.abs(now - next), 1 - Math.abs(now - next));
                assertThat(apart).as(stage).isGreaterThan(0.25);
            }
        }
    }

    @Test
    void anotherBriefHasAnotherOrder() {
        Dice moon = Dice.ofIdea("half moon", 1, 0).of("flows");
        Dice crow = Dice.ofIdea("crow", 1, 0).of("flows");
        assertThat(moon.turning("tree")).isNotEqualTo(crow.turning("tree")).isBetween(0.0, 1.0);
    }
}
