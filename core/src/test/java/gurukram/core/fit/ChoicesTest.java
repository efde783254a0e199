package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What may change in a class, and what each change costs, in the words of arithmetic.md, section 8. */
class ChoicesTest {
    private static final Freedom NOTHING = new Freedom(false, false, false, false, false);
    private static final Freedom USUAL = new Freedom(false, true, false, false, false);
    private static final Freedom OPEN = new Freedom(false, false, true, false, false);
    private static final Freedom ROUNDS = new Freedom(true, false, false, false, false);
    private static final Freedom OPTIONAL = new Freedom(false, false, false, true, false);
    private static final Freedom REST = new Freedom(false, false, false, false, true);

    private static Choices choices(String text, Freedom freedom) {
        return choices(text, new FitRequest(600_000, 0, null, freedom));
    }

    private static Choices choices(String text, FitRequest request) {
        return new Choices(Notation.plan(text), request, Plans.CATALOGUE, Set.of());
    }

    /** Each part that may change, as “5 3=8 4=4”: what is written, and each other form with its cost. */
    private static List<String> parts(String text, Freedom freedom) {
        return parts(choices(text, freedom), null);
    }

    private static List<String> parts(Choices choices, Level level) {
        List<String> all = new ArrayList<>();
        for (Choices.Part part : choices.parts()) {
            List<String> forms = new ArrayList<>();
            for (int k = 0; k < part.forms().size(); k++)
                forms.add(words(part.forms().get(k), level) + "=" + part.costs().get(k));
            all.add(String.join(" ", forms));
        }
        return all;
    }

    private static String words(List<Node> form, Level level) {
        return String.join("+", form.stream().map(node -> words(node, level)).toList());
    }

    private static String words(Node node, Level level) {
        if (node instanceof Flow flow) {
            List<String> doses = new ArrayList<>(List.of("x" + flow.settings().rounds()));
            for (Step step : flow.steps()) if (!(step.dose() instanceof Dose.Movement)) doses.add(words(step, level));
            return String.join("/", doses);
        }
        Dose dose = ChosenDose.of((Step) node, level);
        if (dose instanceof Reps reps) return reps.reps() + "r";
        return String.valueOf(Amounts.amount(dose));
    }

    private static List<String> trims(String text) {
        return choices(text, OPTIONAL).trims().stream()
                .map(trim -> trim.nodes().size() + "=" + trim.cost())
                .toList();
    }

    @Test
    void aWrittenRangeIsAllThatAStepMayTake() {
        assertThat(parts("standing:\nchair, 3-6 breaths, at 5\n", NOTHING)).containsExactly("5=0 3=40 4=20 6=20");
        assertThat(parts("standing:\nchair, 5 breaths\n", NOTHING)).isEmpty();
        assertThat(parts("standing:\nchair, 3-6 breaths, at 5\n- locked\n", NOTHING))
                .isEmpty();
        assertThat(parts("standing:\n- locked\nchair, 3-6 breaths, at 5\n", NOTHING))
                .isEmpty();
    }

    @Test
    void prioritiesWeigh() {
        assertThat(parts("standing:\nchair, 4-5 breaths, at 5\n- priority 1\n", NOTHING))
                .containsExactly("5=0 4=36");
        assertThat(parts("standing:\nchair, 4-5 breaths, at 5\n- priority 9\n", NOTHING))
                .containsExactly("5=0 4=4");
    }

    @Test
    void aBreathOfThePeakCostsMoreWhereverItStands() {
        String head = "class: T\n- 60 min, hatha, beginner\n- peak pose: tree\n";
        assertThat(parts(head + "balance:\ntree, both, 4-5 breaths, at 5\n", NOTHING))
                .containsExactly("5=0 4=150");
        assertThat(parts(head + "peak:\nchair, 4-5 breaths, at 5\n", NOTHING)).containsExactly("5=0 4=150");
        assertThat(parts(head + "balance:\nchair, 4-5 breaths, at 5\n", NOTHING))
                .containsExactly("5=0 4=20");
    }

    @Test
    void theUsualRangeOfAPoseIsOpenOnlyWhereItIsAllowedAndHoldsWhatIsWritten() {
        String text = "class: T\n- 60 min, hatha, beginner\nstanding:\ntree, both, %s\n";
        assertThat(parts(text.formatted("3 breaths"), USUAL)).containsExactly("3=0 2=20 4=20 5=40");
        assertThat(parts(text.formatted("3 breaths"), NOTHING)).isEmpty();
        // beyond the usual: from there to the usual
        assertThat(parts(text.formatted("7 breaths"), USUAL)).containsExactly("7=0 2=100 3=80 4=60 5=40 6=20");
        assertThat(parts(text.formatted("20 s"), USUAL))
                .as("the usual is in breaths")
                .isEmpty();
        assertThat(parts("class: T\n- 60 min, hatha, beginner\nstanding:\nraised arms, in\n", USUAL))
                .isEmpty();
    }

    @Test
    void usualRepetitionsAreTheLevels() {
        String text = "class: T\n- 60 min, hatha, intermediate\nstrength:\n%s\n";
        assertThat(parts(text.formatted("plank taps, 8 reps"), USUAL)).containsExactly("8r=0 6r=30 7r=15 9r=15 10r=30");
        assertThat(parts(text.formatted("plank taps, 12 reps"), USUAL))
                .containsExactly("12r=0 6r=90 7r=75 8r=60 9r=45 10r=30 11r=15");
        assertThat(parts(text.formatted("windmill, alternating, 6-9 reps, at 8"), NOTHING))
                .as("a sway ends where it began")
                .containsExactly("8r=0 6r=30");
        assertThat(parts(text.formatted("windmill, both, 3-5 reps, at 4"), NOTHING))
                .containsExactly("4r=0 3r=15 5r=15");
    }

    @Test
    void openTimeGoesFromHalfToHalfAsMuchAgainInQuartersOfAMinute() {
        assertThat(parts("arrive:\neasy seat, 90 s open\n", OPEN))
                .containsExactly("90=0 45=15 60=10 75=5 105=5 120=10 135=15");
        assertThat(parts("arrive:\neasy seat, 40 s open\n", OPEN)).containsExactly("40=0 25=5 55=5");
        assertThat(parts("arrive:\neasy seat, 90 s open\n", NOTHING)).isEmpty();
        assertThat(parts("arrive:\neasy seat, 7200 s open\n", OPEN).get(0))
                .doesNotContain("7215=")
                .contains("7185=");
    }

    @Test
    void aStepForOneSideChangesWithItsTwinOrNotAtAll() {
        String right = "standing:\ntree, right, 4-5 breaths, at 5\n";
        assertThat(parts(right, NOTHING)).isEmpty();
        assertThat(parts(right + "tree, left, 4-5 breaths, at 5\n", NOTHING)).containsExactly("5+5=0 4+4=20");
        assertThat(parts(right + "tree, left, 3-5 breaths, at 5\n", NOTHING)).isEmpty();
        assertThat(parts(right + "warrior 2, left, 4-5 breaths, at 5\n", NOTHING))
                .isEmpty();
        assertThat(parts(right + "tree, left, 4-5 breaths, at 5\n- locked\n", NOTHING))
                .isEmpty();
        assertThat(parts(right + "- beginner: 3 breaths\ntree, left, 4-5 breaths, at 5\n", NOTHING))
                .isEmpty();
        assertThat(parts(right + "floor:\ntree, left, 4-5 breaths, at 5\n", NOTHING))
                .isEmpty();
    }

    @Test
    void aRestKeepsTheSmallerOfWhatIsWrittenAndEightPerCent() {
        assertThat(parts("rest:\nfinal rest, 5 min\n", NOTHING)).isEmpty();
        // 8 % of 60 minutes are 4:48
        FitRequest hour = new FitRequest(3_600_000, 0, null, REST);
        assertThat(parts(choices("rest:\nfinal rest, 300 s\n", hour), null).get(0))
                .startsWith("300=0 ")
                .doesNotContain(" 285=")
                .contains(" 315=", " 450=")
                .doesNotContain(" 465=");
        assertThat(parts(choices("rest:\nfinal rest, 330 s\n", hour), null).get(0))
                .contains(" 300=", " 315=")
                .doesNotContain(" 285=");
        // shorter than that already: not shorter still
        assertThat(parts(choices("rest:\nfinal rest, 180 s\n", hour), null).get(0))
                .startsWith("180=0 195=")
                .doesNotContain(" 165=");
        // exactly eight per cent may be left
        FitRequest exact = new FitRequest(3_375_000, 0, null, REST);
        assertThat(parts(choices("rest:\nfinal rest, 300 s\n", exact), null).get(0))
                .contains(" 270=")
                .doesNotContain(" 255=");
        assertThat(parts(choices("rest:\nfinal rest, 300 s open\n", exact), null)
                        .get(0))
                .contains(" 270=")
                .doesNotContain(" 255=");
        assertThat(parts(choices("rest:\nfinal rest, 20 breaths\n", exact), null))
                .isEmpty();
    }

    @Test
    void aFlowHasUpToHalfAsManyRoundsAgainAndTwoMoreAtLeast() {
        String flow = "standing:\nflow \"f\", %s\n  warrior 1%s, in\n%s  downward dog, out\nend flow\n";
        assertThat(parts(flow.formatted("3 rounds, both sides", ", lead", ""), ROUNDS))
                .containsExactly("x3=0 x1=100 x2=50 x4=50 x5=100");
        assertThat(parts(flow.formatted("8 rounds, both sides", ", lead", ""), ROUNDS)
                        .get(0))
                .contains("x12=200")
                .doesNotContain("x13");
        assertThat(parts(flow.formatted("4 rounds, one side", ", lead", ""), ROUNDS))
                .containsExactly("x4=0 x2=100 x6=100");
        assertThat(parts(flow.formatted("3 rounds, one side", ", lead", ""), ROUNDS))
                .as("an odd number leaves a side alone")
                .containsExactly("x2=50 x4=50");
        assertThat(parts(flow.formatted("107 rounds, both sides", ", lead", ""), ROUNDS)
                        .get(0))
                .contains("x108=")
                .doesNotContain("x109");
        assertThat(parts(flow.formatted("3 rounds, both sides", ", lead", ""), NOTHING))
                .isEmpty();
        assertThat(parts(flow.formatted("3 rounds, both sides", ", right", ""), ROUNDS))
                .isEmpty();
    }

    @Test
    void notFewerThanTheFirstRoundOfAChangeNorThanHaveBegun() {
        String flow =
                "standing:\nflow \"f\", 3 rounds, both sides\n  warrior 1, lead, in\n  - %s: warrior 2\n  downward dog, out\nend flow\n";
        assertThat(parts(flow.formatted("round 2"), ROUNDS)).containsExactly("x3=0 x2=50 x4=50 x5=100");
        assertThat(parts(flow.formatted("rounds 3+"), ROUNDS)).containsExactly("x3=0 x4=50 x5=100");
        assertThat(parts(flow.formatted("round 5"), ROUNDS)).containsExactly("x3=0 x1=100 x2=50 x4=50 x5=100");
        assertThat(parts(flow.formatted("last round"), ROUNDS)).containsExactly("x3=0 x1=100 x2=50 x4=50 x5=100");
        ClassPlan plan = Notation.plan(flow.formatted("last round"));
        NodeId id = plan.sections().get(0).items().get(0).id();
        FitRequest begun = new FitRequest(600_000, 0, null, ROUNDS, Map.of(id, 2));
        assertThat(parts(new Choices(plan, begun, Plans.CATALOGUE, Set.of()), null))
                .containsExactly("x3=0 x2=50 x4=50 x5=100");
    }

    @Test
    void holdsOfAFlowMoveWithItsRounds() {
        String flow =
                "standing:\nflow \"f\", 2 rounds, both sides\n  warrior 1, lead, in\n  chair, 3-4 breaths, at 3\n%s  downward dog, out\nend flow\n";
        assertThat(parts(flow.formatted(""), NOTHING)).containsExactly("x2/3=0 x2/4=20");
        assertThat(parts(flow.formatted(""), ROUNDS))
                .containsExactly("x2/3=0 x2/4=20 x1/3=50 x1/4=70 x3/3=50 x3/4=70 x4/3=100 x4/4=120");
        assertThat(parts(flow.formatted("  - locked\n"), NOTHING)).isEmpty();
    }

    @Test
    void whatIsOptionalMayGoTheCheapestFirst() {
        assertThat(
                        trims(
                                "standing:\nchair, 3 breaths\n- optional\nboat, 3 breaths\n- optional\n- priority 9\nplank, 3 breaths\n"))
                .containsExactly("1=15", "1=75");
        assertThat(choices("standing:\nchair, 3 breaths\n- optional\n", NOTHING).trims())
                .isEmpty();
        assertThat(trims("standing:\n- locked\nchair, 3 breaths\n- optional\n")).isEmpty();
        assertThat(trims("standing:\nchair, 3 breaths\n- optional\n- locked\n")).isEmpty();
        assertThat(trims("rest:\nfinal rest, 3 min\n- optional\n")).isEmpty();
    }

    @Test
    void ofStepsForOneSideBothGoOrNone() {
        String right = "standing:\ntree, right, 3 breaths\n- optional\n";
        assertThat(trims(right)).isEmpty();
        assertThat(trims(right + "tree, left, 3 breaths\n")).isEmpty();
        assertThat(trims(right + "tree, left, 3 breaths\n- optional\n")).containsExactly("2=75");
    }

    @Test
    void ofAFlowItselfOrWhatIsOptionalInIt() {
        String flow =
                "standing:\nflow \"f\", 3 rounds, both sides\n%s  warrior 1, lead, in\n%s  downward dog, out\n%s%send flow\n";
        String link = "  link\n%s    plank, in\n    downward dog, out\n  end link\n";
        assertThat(trims(flow.formatted("- optional\n", "", "", ""))).containsExactly("1=75");
        assertThat(trims(flow.formatted("- locked\n- optional\n", "", "", ""))).isEmpty();
        assertThat(trims(flow.formatted("", "  - optional\n", "", ""))).containsExactly("1=75");
        assertThat(trims(flow.formatted("", "  - optional\n", "  - optional\n", "")))
                .as("something has to be left")
                .isEmpty();
        assertThat(trims(flow.formatted("", "  - optional\n", "  - optional\n", link.formatted("  - optional\n"))))
                .as("but a link goes by itself")
                .containsExactly("1=75");
        assertThat(trims(flow.formatted("", "", "", link.formatted("")))).isEmpty();
        assertThat(
                        trims(
                                "standing:\nflow \"f\", 3 rounds, no sides\n- optional\n  warrior 1, right, in\n  downward dog, out\nend flow\n"))
                .as("a side would be missing")
                .isEmpty();
        assertThat(
                        trims(
                                "standing:\nflow \"f\", 3 rounds, no sides\n  warrior 1, right, in\n  - optional\n  downward dog, out\nend flow\n"))
                .isEmpty();
    }

    @Test
    void aLineOfALevelHasItsOwnDoses() {
        FitRequest beginners = new FitRequest(600_000, 0, Level.BEGINNER, NOTHING);
        String text = "standing:\nchair, 5 breaths\n- beginner: 2-3 breaths, at 3\n";
        assertThat(parts(choices(text, beginners), Level.BEGINNER)).containsExactly("3=0 2=20");
        assertThat(parts(text, NOTHING)).isEmpty();
        assertThat(parts(
                        choices("standing:\nchair, 4-5 breaths, at 5\n- beginner: leave out\n", beginners),
                        Level.BEGINNER))
                .isEmpty();
    }
}
