package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.dose.DoseText;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Answers that are wrong on purpose, one promise broken in each: the verifier must say which, and nothing else. */
class FitVerifierTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final ClassPlan BEFORE = Notation.plan("""
            standing:
            mountain, 4-8 breaths, at 5
            chair, 5 breaths
            - locked
            tree, both, 5 breaths
            flow "tide", 4 rounds, one side
              high lunge, in
              warrior 2, out
            end flow
            rest:
            final rest, 300 s
            """);

    private static Step step(ClassPlan plan, String pose) {
        Node[] found = new Node[1];
        plan.walk(node -> {
            if (node instanceof Step step && pose.equals(step.pose())) found[0] = node;
        });
        return (Step) found[0];
    }

    private static Flow flow() {
        return (Flow) BEFORE.sections().get(0).items().get(3);
    }

    private static long length(ClassPlan plan) {
        return UNFOLDER.unfold(plan, null).totalMs();
    }

    private static List<String> problems(
            ClassPlan after, FitRequest request, FitAnswer.Fits answer, NodeId... unlocked) {
        return new FitVerifier(UNFOLDER).problems(BEFORE, request, answer, Set.of(unlocked));
    }

    /** What is said of a plan that came of one change and is just as long as it was asked to be. */
    private static List<String> of(ClassPlan after, Freedom freedom, NodeId... unlocked) {
        FitRequest request = new FitRequest(length(after), 0, null, freedom);
        return problems(after, request, answer(after, length(after)), unlocked);
    }

    private static List<String> of(ClassPlan after) {
        return of(after, Freedom.ALL_BUT_REST);
    }

    private static FitAnswer.Fits answer(ClassPlan after, long afterMs) {
        PlanEdit all = PlanEdit.all(after.sections().stream()
                .map(section -> PlanEdit.instead(BEFORE, section))
                .toList());
        return new FitAnswer.Fits(length(BEFORE), afterMs, after, all, List.of(), 0);
    }

    private static ClassPlan with(Node node) {
        return PlanEdit.instead(BEFORE, node).applyTo(BEFORE);
    }

    private static Step dosed(String pose, String dose) {
        return step(BEFORE, pose).withDose(DoseText.parse(dose));
    }

    @Test
    void anHonestAnswerHasNothingToBeSaidOf() {
        assertThat(of(BEFORE)).isEmpty();
        assertThat(of(with(dosed("mountain", "4-8 breaths, at 8")))).isEmpty();
        assertThat(of(with(flow().with(flow().settings().withRounds(6))))).isEmpty();
    }

    @Test
    void aLengthThatIsNotWhatWasSaid() {
        FitRequest request = new FitRequest(length(BEFORE), 0, null, Freedom.ALL_BUT_REST);
        assertThat(problems(BEFORE, request, answer(BEFORE, length(BEFORE) + 1)))
                .containsExactly("its length is not what was said");
    }

    @Test
    void anEndOutsideTheToleranceOnEitherSideAndOnItsEdge() {
        for (long off : new long[] {-1_001, -1_000, 1_000, 1_001}) {
            FitRequest request = new FitRequest(length(BEFORE) + off, 1_000, null, Freedom.ALL_BUT_REST);
            List<String> problems = problems(BEFORE, request, answer(BEFORE, length(BEFORE)));
            if (Math.abs(off) == 1_000)
                assertThat(problems).as("%d ms off", off).isEmpty();
            else assertThat(problems).as("%d ms off", off).containsExactly("it ends outside the tolerance");
        }
    }

    @Test
    void anEditThatLeadsElsewhere() {
        ClassPlan after = with(dosed("mountain", "4-8 breaths, at 6"));
        FitAnswer.Change change = new FitAnswer.Change(new NodeId("n"), "Mountain", "5", "6", 0, 0);
        PlanEdit other = PlanEdit.instead(BEFORE, dosed("mountain", "4-8 breaths, at 7"));
        FitRequest request = new FitRequest(length(after), 0, null, Freedom.ALL_BUT_REST);
        FitAnswer.Fits wrong = new FitAnswer.Fits(length(BEFORE), length(after), after, other, List.of(change), 20);
        assertThat(problems(after, request, wrong)).containsExactly("its edit leads elsewhere");
        PlanEdit right = PlanEdit.instead(BEFORE, dosed("mountain", "4-8 breaths, at 6"));
        FitAnswer.Fits honest = new FitAnswer.Fits(length(BEFORE), length(after), after, right, List.of(change), 20);
        assertThat(problems(after, request, honest)).isEmpty();
    }

    @Test
    void somethingLockedThatChangedOrIsGone() {
        Step chair = step(BEFORE, "chair");
        ClassPlan longer = with(dosed("chair", "6 breaths"));
        assertThat(of(longer)).containsExactly(chair.id() + " is locked and has changed");
        assertThat(of(longer, Freedom.ALL_BUT_REST, chair.id())).as("unlocked").isEmpty();
        ClassPlan without = new PlanEdit.Remove(chair.id()).applyTo(BEFORE);
        assertThat(of(without)).containsExactly(chair.id() + " is locked and has changed");
    }

    @Test
    void aLockedSectionInWhichAnythingChangedButWhatWasUnlocked() {
        Section standing = BEFORE.sections().get(0);
        ClassPlan locked = new PlanEdit.Change(standing.with(standing.marks().lock(true))).applyTo(BEFORE);
        Step mountain = dosed("mountain", "4-8 breaths, at 6");
        ClassPlan after = PlanEdit.instead(locked, mountain).applyTo(locked);
        FitRequest request = new FitRequest(length(after), 0, null, Freedom.ALL_BUT_REST);
        FitVerifier verifier = new FitVerifier(UNFOLDER);
        FitAnswer.Fits answer = answer(after, length(after));
        assertThat(verifier.problems(locked, request, answer, Set.of()))
                .containsExactly(standing.id() + " is locked and has changed");
        assertThat(verifier.problems(locked, request, answer, Set.of(mountain.id())))
                .isEmpty();
    }

    @Test
    void aPartThatIsNew() {
        Step more = Step.of(new NodeId("new"), "chair", new SideRule.None(), DoseText.parse("5 breaths"));
        Section standing = BEFORE.sections().get(0);
        ClassPlan after = new PlanEdit.Insert(standing.id(), null, more).applyTo(BEFORE);
        assertThat(of(after)).containsExactly("new is new");
    }

    @Test
    void anOddNumberOfOneSidedRoundsThatTakeTurns() {
        ClassPlan odd = with(flow().with(flow().settings().withRounds(5)));
        assertThat(of(odd)).contains(flow().id() + " has an odd number of rounds");
    }

    @Test
    void aRangeThatWasLeftOnEitherSide() {
        String told = step(BEFORE, "mountain").id() + " leaves its range";
        assertThat(of(with(dosed("mountain", "9 breaths")))).containsExactly(told);
        assertThat(of(with(dosed("mountain", "3 breaths")))).containsExactly(told);
        assertThat(of(with(dosed("mountain", "8 breaths")))).isEmpty();
        assertThat(of(with(dosed("mountain", "4 breaths")))).isEmpty();
    }

    @Test
    void aPoseThatWasEvenAndIsNoMore() {
        Step right = step(BEFORE, "tree").withSides(SideRule.parse("right"));
        assertThat(of(with(right))).containsExactly("tree has become uneven");
    }

    @Test
    void aRestThatWasShortened() {
        Freedom rest = new Freedom(true, true, true, true, true);
        ClassPlan less = with(dosed("corpse", "299 s"));
        assertThat(of(less)).as("not allowed to change at all").containsExactly("the final rest has been shortened");
        assertThat(of(with(dosed("corpse", "301 s")))).containsExactly("the final rest has been shortened");
        assertThat(of(less, rest)).as("allowed, and above 8 % of the class").isEmpty();
    }

    @Test
    void aRestThatMayChangeIsNotShortenedBelowEightPercentOfTheTarget() {
        Freedom rest = new Freedom(true, true, true, true, true);
        // 8 % of 1 000 s are 80 s
        for (int seconds : new int[] {79, 80, 81}) {
            ClassPlan after = with(dosed("corpse", seconds + " s"));
            FitRequest request = new FitRequest(1_000_000, 1_000_000, null, rest);
            List<String> problems = problems(after, request, answer(after, length(after)));
            if (seconds < 80) assertThat(problems).containsExactly("the final rest has been shortened");
            else assertThat(problems).as("%d s", seconds).isEmpty();
        }
    }
}
