package gurukram.core.plan.edit;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.Plans.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Tags;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanRulesTest {
    private static List<String> broken(Item... items) {
        return broken(Plans.of(items));
    }

    private static List<String> broken(ClassPlan plan) {
        return PlanRules.brokenIn(plan, CATALOGUE).stream()
                .map(each -> each.problem().toString())
                .toList();
    }

    private static Flow flow(int rounds, Step... steps) {
        return Flow.of(Plans.id(), FlowSettings.of(rounds), steps);
    }

    @ParameterizedTest
    @CsvSource({
        "chair, both, 5 breaths, is the same on both sides",
        "tree, none, 5 breaths, has a right and a left",
        "tree, alternating, 5 breaths, goes with repetitions",
        "tree, lead, 5 breaths, outside a flow give it both sides",
        "unicorn, none, 5 breaths, There is no pose “unicorn”"
    })
    void whatCannotBeAskedOfABodyIsSaid(String pose, String sides, String dose, String said) {
        assertThat(broken(step(pose, sides, dose))).singleElement().asString().contains(said);
        assertThatThrownBy(() -> PlanRules.check(Plans.of(step(pose, sides, dose)), CATALOGUE))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(said);
    }

    @Test
    void openTimeStandsAloneAndHasNoSide() {
        NodeId id = Plans.id();
        assertThat(broken(Step.of(id, null, new SideRule.None(), DoseText.parse("60 s open"))))
                .isEmpty();
        assertThat(broken(Step.of(id, null, new SideRule.None(), DoseText.parse("60-90 s open"))))
                .isEmpty();
        assertThat(broken(Step.of(id, null, SideRule.parse("both"), DoseText.parse("60 s open"))))
                .containsExactly("Open time without a pose has no side.");
        assertThatThrownBy(() -> Step.of(id, null, new SideRule.None(), DoseText.parse("5 breaths")))
                .hasMessageContaining("Only open time can stand without a pose");
    }

    @Test
    void aLeadNeedsAFlowWithSides() {
        assertThat(broken(flow(2, step("tree", "lead", "2 breaths")))).isEmpty();
        assertThat(broken(Flow.of(
                        Plans.id(),
                        FlowSettings.of(2).with(FlowSides.Counting.NO_SIDES),
                        step("tree", "lead", "2 breaths"))))
                .singleElement()
                .asString()
                .contains("this flow needs sides");
    }

    @Test
    void aLayerOfARoundNeedsAFlow() {
        Layer layer = new Layer(
                Plans.id(), When.in(Rounds.parse("2")), new Layer.Become(null, null, DoseText.parse("3 breaths")));
        Step step = step("chair", "none", "5 breaths").withLayers(List.of(layer));
        assertThat(broken(step)).containsExactly("Only in a flow are there rounds and passes to change something in.");
        assertThat(broken(flow(2, step))).isEmpty();
    }

    @Test
    void twoPartsOfOneNameAreAMistake() {
        Step once = step("chair", "none", "5 breaths");
        assertThat(broken(once, once)).singleElement().asString().contains("have the same name");
        assertThat(broken(Step.of(NodeId.CLASS, "chair", new SideRule.None(), DoseText.parse("5 breaths"))))
                .singleElement()
                .asString()
                .contains("have the same name");
    }

    @Test
    void thePeakMustBeThere() {
        ClassPlan plan = Plans.of(step("chair", "none", "5 breaths"));
        assertThat(broken(plan.with(plan.settings().withPeak("unicorn"))))
                .containsExactly("There is no pose “unicorn” to lead to.");
    }

    @Test
    void asManyPartsAsAClassMayHaveAndOneMore() {
        List<Item> items = new ArrayList<>();
        // the section is one of them
        for (int i = 0; i < ClassPlan.MOST_NODES - 1; i++) items.add(step("chair", "none", "1 breath"));
        assertThat(broken(items.toArray(Item[]::new))).isEmpty();
        items.add(step("chair", "none", "1 breath"));
        assertThat(broken(items.toArray(Item[]::new)))
                .singleElement()
                .asString()
                .contains("this one would have");
    }

    @Test
    void asManyMomentsAsAClassMayHaveAndOneMore() {
        // 100 rounds on both sides of 100 movements are 20 000
        Step[] steps = Collections.nCopies(100, 0).stream()
                .map(i -> step("warrior-2", "lead", "in"))
                .toArray(Step[]::new);
        assertThat(broken(flow(100, steps))).isEmpty();
        assertThat(broken(flow(100, steps), step("chair", "none", "1 breath")))
                .containsExactly("That makes 20,001 moments; a class has at most 20,000. Fewer rounds, please.");
    }

    @Test
    void partsOfOneNameAreAMistakeWhereverTheyStand() {
        NodeId twice = new NodeId("twice");
        Step once = Step.of(twice, "chair", new SideRule.None(), DoseText.parse("in"));
        Layer layer =
                new Layer(twice, When.in(Rounds.parse("2")), new Layer.Become(null, null, DoseText.parse("3 breaths")));
        Step put = Step.of(twice, "chair", new SideRule.None(), DoseText.parse("1 breath"));
        Layer after = new Layer(Plans.id(), When.in(Rounds.parse("2")), new Layer.After(put));
        Step move = step("warrior-2", "lead", "in");
        Step out = step("warrior-2", "lead", "out");
        Link link = new Link(Plans.id(), When.in(Rounds.parse("2")), false, List.of(once), Marks.NONE);
        Link named = new Link(twice, When.in(Rounds.parse("2")), false, List.of(out), Marks.NONE);
        for (Flow flow : List.of(
                flow(2, once, move.withLayers(List.of(layer))),
                flow(2, once, move.withLayers(List.of(after))),
                flow(2, move).with(link),
                flow(2, move).with(named))) {
            boolean alone = flow.steps().size() == 1;
            Item[] items = alone
                    ? new Item[] {flow, Step.of(twice, "tree", SideRule.parse("both"), DoseText.parse("1 breath"))}
                    : new Item[] {flow};
            assertThat(broken(items)).singleElement().asString().contains("have the same name, twice");
        }
    }

    @Test
    void whatAFlowPreparesIsInTheCatalogue() {
        Flow flow = flow(2, step("tree", "lead", "2 breaths"));
        Flow tagged = flow.with(Tags.NONE.withPrepares(List.of("crow", "unicorn")));
        assertThat(broken(tagged)).containsExactly("There is no pose “unicorn” to prepare.");
    }

    @ParameterizedTest
    @CsvSource({
        "tree, 'both, twist to the same side', has no twist with a side of its own",
        "tree, crossing, is not crossed",
        "downward-dog, none, ''"
    })
    void aTwistAndACrossingMustBeInThePose(String pose, String sides, String said) {
        List<String> broken = broken(step(pose, sides, "5 breaths"));
        if (said.isEmpty()) assertThat(broken).isEmpty();
        else assertThat(broken).singleElement().asString().contains(said);
    }

    @Test
    void aSideThatIsNamedIsForAPoseWithoutOne() {
        Step chair = step("chair", "both", "5 breaths");
        assertThat(broken(chair.with(chair.manner().withSideNames("lifted arm"))))
                .isEmpty();
        Step tree = step("tree", "both", "5 breaths");
        assertThat(broken(tree.with(tree.manner().withSideNames("lifted arm"))))
                .singleElement()
                .asString()
                .startsWith("The side of tree is that of its own");
    }

    @Test
    void whatIsDifferentMustBePossibleInThePoseAndInWhatItBecomes() {
        Step dog = step("downward-dog", "none", "5 breaths");
        assertThat(broken(dog.with(dog.manner().with(List.of("with forearms down")))))
                .as("dolphin has a name of its own, or it may be done")
                .hasSizeLessThanOrEqualTo(1);
        Step seat = step("staff", "none", "5 breaths");
        assertThat(broken(seat.with(seat.manner().with(List.of("with forearms down")))))
                .singleElement()
                .asString()
                .contains("is not possible in staff");
        Layer layer = new Layer(
                Plans.id(),
                When.at(Level.BEGINNER),
                new Layer.Become("staff", null, null, List.of("with forearms down")));
        assertThat(broken(dog.withLayers(List.of(layer))))
                .singleElement()
                .asString()
                .contains("is not possible in staff");
    }

    @Test
    void aPoseToWaitInIsInTheCatalogue() {
        Step tries = step("tree", "both", "3 attempts of 5 breaths, rest 20 s");
        Attempts dose = (Attempts) tries.dose();
        assertThat(broken(tries.withDose(new Attempts(dose.attempts(), dose.each(), dose.restSeconds(), 2, "unicorn"))))
                .containsExactly("There is no pose “unicorn” in the catalogue to wait in.");
        assertThat(broken(tries.withDose(
                        new Attempts(dose.attempts(), dose.each(), dose.restSeconds(), 2, "childs-pose"))))
                .isEmpty();
    }

    @Test
    void aReplacementKeepsItsSideAndASymmetricOneHasNone() {
        Layer chair = new Layer(Plans.id(), When.at(Level.BEGINNER), new Layer.Become("chair", null, null));
        assertThat(broken(step("tree", "both", "5 breaths").withLayers(List.of(chair))))
                .isEmpty();
        Layer tree = new Layer(Plans.id(), When.at(Level.BEGINNER), new Layer.Become("tree", null, null));
        assertThat(broken(step("chair", "none", "5 breaths").withLayers(List.of(tree))))
                .singleElement()
                .asString()
                .contains("Tree has a right and a left");
    }

    @ParameterizedTest
    @CsvSource({
        "bridge, none, '100 reps x 10, rest 30 s', 20",
        "tree, both, 5 breaths, 2",
        "tree, both, '3 attempts of 5 breaths, rest 20 s', 10",
        "ankle-circles, 'two directions, both sides', 8 reps, 8",
        "wrist-circles, two directions, 8 reps, 8",
        "thread-the-needle, both, in, 2",
        "knees-side-to-side, alternating, '12 reps x 2, rest 20 s', 27",
        "knees-side-to-side, alternating a side, 6 reps, 14",
        "knees-side-to-side, alternating, 12 reps, 14"
    })
    void momentsAreCountedForTheLongestWayADoseCanGo(String pose, String sides, String dose, long moments) {
        int rounds = 100;
        Step[] filler = Collections.nCopies(99, 0).stream()
                .map(i -> step("warrior-2", "lead", "in"))
                .toArray(Step[]::new);
        List<Item> items = new ArrayList<>(List.of(flow(rounds, filler)));
        // 19 800 of them; then as many of the step as just fit, and one more
        long fit = 200 / moments;
        for (int i = 0; i < fit; i++) items.add(step(pose, sides, dose));
        for (long i = fit * moments; i < 200; i++) items.add(step("chair", "none", "1 breath"));
        assertThat(broken(items.toArray(Item[]::new))).isEmpty();
        items.add(step("chair", "none", "1 breath"));
        assertThat(broken(items.toArray(Item[]::new)))
                .singleElement()
                .asString()
                .startsWith("That makes 20,001");
    }
}
