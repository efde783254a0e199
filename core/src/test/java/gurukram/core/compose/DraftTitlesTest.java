package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.plan.ClassPlan;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.List;
import org.junit.jupiter.api.Test;

class DraftTitlesTest {
    private static final DraftTitles TITLES = new DraftTitles(CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults()));

    private static ClassPlan plan(String header, String... poses) {
        return Notation.plan("class: Draft\n- 60 min, hatha, intermediate\n- peak pose: half moon\n" + header
                + "standing:\n" + String.join("\n", poses) + "\npeak:\nhalf moon, both, 5 breaths\n");
    }

    private static List<String> titles(List<ClassPlan> others, ClassPlan... plans) {
        return TITLES.told(List.of(plans), others).stream()
                .map(plan -> plan.settings().title())
                .toList();
    }

    @Test
    void eachIsToldByWhatTheOthersDoNotHoldTheLongestFirst() {
        assertThat(titles(
                        List.of(),
                        plan("", "triangle, both, 9 breaths", "tree, both, 4 breaths", "pyramid, both, 6 breaths"),
                        plan("", "triangle, both, 9 breaths", "chair, 5 breaths"),
                        plan("", "triangle, both, 9 breaths")))
                .containsExactly(
                        "Draft, by way of pyramid and tree", "Draft, by way of chair", "Draft, by way of triangle");
    }

    @Test
    void whatWasShownBeforeIsNobodysOwn() {
        assertThat(titles(
                        List.of(plan("", "tree, both, 9 breaths")),
                        plan("", "tree, both, 9 breaths", "chair, 3 breaths")))
                .containsExactly("Draft, by way of chair");
    }

    @Test
    void whatHasATitleOfItsOwnKeepsItAndNothingHeldChangesNothing() {
        ClassPlan own = plan("", "tree, both, 9 breaths");
        ClassPlan moon = own.with(own.settings().withTitle("Half moon, from the side of the body"));
        assertThat(titles(List.of(), moon, plan("", "mountain, 9 breaths"), plan("", "mountain, 9 breaths")))
                .containsExactly("Half moon, from the side of the body", "Draft", "Draft");
    }
}
