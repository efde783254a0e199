package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.check.Checks;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Focus;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WhyTest {
    private static Map<NodeId, List<String>> why(ClassPlan plan, Focus focus) {
        Checks checks = new Checks(CATALOGUE, Compositions.UNFOLDER, School.USUAL, null);
        return new Why(checks.subject(plan), CATALOGUE, focus).all();
    }

    private static List<String> of(ClassPlan plan, int section, int item, Focus focus) {
        return why(plan, focus)
                .get(plan.sections().get(section).items().get(item).id());
    }

    private static final ClassPlan DANCER = Notation.plan(String.join(
            "\n",
            "class: To dancer",
            "- 60 min, hatha, intermediate",
            "- peak pose: dancer",
            "arrive:",
            "easy seat, 60 s open",
            "standing:",
            "low lunge, both, 5 breaths",
            "chair, 5 breaths",
            "standing foot hold, both, 4 breaths",
            "warrior 2, both, 8 breaths",
            "peak:",
            "dancer, both, 4 breaths",
            "counterposes:",
            "standing fold, 5 breaths",
            "cool-down:",
            "reclined figure four, both, 6 breaths",
            "rest:",
            "final rest, 300 s"));

    @Test
    void aPreparationTellsWhatItPreparesAndHowStrongly() {
        assertThat(of(DANCER, 1, 0, Focus.NONE))
                .contains(
                        "Prepares quad length (2 of 3), asked for by dancer: 2 of 3.",
                        "Prepares hip extension (2 of 3), asked for by dancer: 2 of 3.");
    }

    @Test
    void aRungTellsWhereItStands() {
        assertThat(of(DANCER, 1, 2, Focus.NONE)).first().isEqualTo("Rung 2 of the ladder to dancer, which is rung 7.");
    }

    @Test
    void thePeakTellsWhatItAsksFor() {
        assertThat(of(DANCER, 2, 0, Focus.NONE))
                .first()
                .asString()
                .startsWith("The peak: asks for one leg balance (3)");
    }

    @Test
    void aChainTellsWhatItsPosesAreThereFor() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: To dancer",
                "- 60 min, hatha, intermediate",
                "- peak pose: dancer",
                "standing:",
                "chair, 5 breaths",
                "peak:",
                "flow \"dancer in stages\", 1 round, both sides",
                "  dancer with a strap, lead, 3 breaths",
                "  dancer, lead, 3 breaths",
                "end flow",
                "cool-down:",
                "flow \"lying tree\", 1 round, both sides",
                "  reclined tree, lead, 5 breaths",
                "  half happy baby, lead, 5 breaths",
                "end flow",
                "rest:",
                "final rest, 300 s"));
        assertThat(of(plan, 1, 0, Focus.NONE).get(0)).startsWith("The peak: asks for one leg balance (3)");
        assertThat(of(plan, 2, 0, Focus.NONE))
                .isNotEmpty()
                .noneMatch(why -> why.startsWith("Warms") || why.startsWith("Leads on"));
    }

    @Test
    void whatComesAfterBalancesOrAnswers() {
        assertThat(of(DANCER, 3, 0, Focus.NONE)).contains("Balances dancer.");
        assertThat(of(DANCER, 4, 0, Focus.NONE)).first().asString().startsWith("Lets go of the ");
    }

    @Test
    void otherPosesTellWhatTheyWork() {
        assertThat(of(DANCER, 1, 1, Focus.NONE)).isNotEmpty();
        assertThat(of(DANCER, 0, 0, Focus.NONE)).containsExactly("Lets people arrive.");
    }

    @Test
    void theThemeIsNamedWhereItIsMet() {
        Focus focus = ThemeWords.shipped(CATALOGUE).in("chair");
        assertThat(of(DANCER, 1, 1, focus)).contains("Meets the theme: chair.");
    }

    @Test
    void everyPartOfADraftSaysWhyItIsThere() {
        for (String peak : List.of("half-moon", "crow", "bow", "seated-forward-fold")) {
            for (Style style : Style.values()) {
                Draft draft = Compositions.draft(peak, 60, style, Level.INTERMEDIATE);
                Map<NodeId, List<String>> why = why(draft.plan(), Focus.NONE);
                draft.plan()
                        .sections()
                        .forEach(section -> section.items()
                                .forEach(item -> assertThat(why.get(item.id()))
                                        .as(peak + " " + item.id())
                                        .isNotEmpty()
                                        .allMatch(
                                                line -> line.endsWith(".") && Character.isUpperCase(line.charAt(0)))));
            }
        }
    }
}
