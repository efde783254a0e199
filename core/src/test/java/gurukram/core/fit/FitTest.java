package gurukram.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.fit.FitAnswer.CannotFit;
import gurukram.core.fit.FitAnswer.Change;
import gurukram.core.fit.FitAnswer.Fits;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Millis;
import java.util.List;
import org.junit.jupiter.api.Test;

class FitTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final Fit FIT = new Fit(Plans.CATALOGUE, UNFOLDER);

    private static FitAnswer by(String text, long ms, Freedom freedom) {
        ClassPlan plan = Notation.plan(text);
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        return FIT.fit(plan, new FitRequest(now + ms, 0, plan.settings().level(), freedom));
    }

    private static List<String> changes(FitAnswer answer) {
        return ((Fits) answer).changes().stream().map(FitTest::words).toList();
    }

    private static String words(Change change) {
        return change.what() + ": " + change.before() + " > " + change.after();
    }

    @Test
    void aClassThatFitsAlreadyStaysAsItIs() {
        Fits fits = (Fits) by("standing:\nchair, 5 breaths\n", 0, Freedom.ALL_BUT_REST);
        assertTrue(fits.changes().isEmpty());
        assertEquals(0, fits.cost());
        assertEquals(fits.beforeMs(), fits.afterMs());
    }

    @Test
    void anOptionalStepGoesButNotWithALockedOneInIt() {
        String lines = "standing:\nmountain, 5 breaths\nchair, 5 breaths\n- optional\n- beginner: then plank, 20 s\n";
        assertEquals(1, items(lines));
        assertEquals(2, items(lines + "-- locked\n"));
    }

    /** How many steps are left when about a minute must go; all of them when it cannot. */
    private static int items(String lines) {
        ClassPlan plan = Notation.plan(lines);
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        FitAnswer answer = FIT.fit(
                plan, new FitRequest(now - 60_000, 30_000, plan.settings().level(), Freedom.WRITTEN));
        ClassPlan left = answer instanceof Fits fits ? fits.plan() : plan;
        return left.sections().get(0).items().size();
    }

    @Test
    void aLongerClassEndsOnTheMinuteAndNotAsFarOffItAsIsAllowed() {
        ClassPlan plan = Notation.plan("standing:\nmountain, 3-20 breaths, at 5\nchair, 3-20 breaths, at 5\n");
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        FitRequest request =
                new FitRequest(now + 60_000, 30_000, plan.settings().level(), Freedom.WRITTEN);
        assertEquals(30_000, ((Fits) FIT.least(plan, request)).afterMs() - now);
        assertEquals(60_000, ((Fits) FIT.fit(plan, request)).afterMs() - now);
    }

    @Test
    void whatIsWithinTheToleranceAlreadyIsNotTouched() {
        ClassPlan plan = Notation.plan("standing:\nmountain, 3-20 breaths, at 5\n");
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        FitRequest request =
                new FitRequest(now + 30_000, 30_000, plan.settings().level(), Freedom.WRITTEN);
        assertTrue(((Fits) FIT.fit(plan, request)).changes().isEmpty());
    }

    @Test
    void comingNearerIsNotBoughtWithMoreThanBreaths() {
        // 24 s more are two breaths of the chair; the minute itself would take ten of the peak
        ClassPlan plan = Notation.plan("class: T\n- 60 min, hatha, beginner\n- peak pose: tree\nstanding:\n"
                + "chair, 3-10 breaths, at 5\nbalance:\ntree, both, 3-20 breaths, at 5\n");
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        FitRequest request =
                new FitRequest(now + 60_000, 30_000, plan.settings().level(), Freedom.WRITTEN);
        assertEquals(List.of("Chair: 5 breaths > 10 breaths"), changes(FIT.fit(plan, request)));
    }

    @Test
    void bothSidesHaveOneDoseAndItMovesInWholeBreathsWithinItsRange() {
        FitAnswer answer = by("standing:\ntree, both, 4-8 breaths, at 6\n", -24_000, Freedom.WRITTEN);
        assertEquals(List.of("Tree: 6 breaths > 4 breaths"), changes(answer));
        assertEquals(2 * 4 * 5, ((Fits) answer).cost());
    }

    @Test
    void openTimeGoesBeforeBreathsAndBreathsBeforeRounds() {
        String text = "arrive:\neasy seat, 60-120 s open, at 90\nstanding:\nchair, 3-8 breaths, at 5\n";
        assertEquals(List.of("Easy seat: 90 s open > 2 min open"), changes(by(text, 30_000, Freedom.WRITTEN)));
        assertEquals(List.of("Chair: 5 breaths > 7 breaths"), changes(by(text, 12_000, Freedom.WRITTEN)));
    }

    @Test
    void whatHasAHighPriorityIsKeptAndThePeakIsHeldOnToLongest() {
        String text =
                "class: T\n- 60 min, hatha, beginner\n- peak pose: tree\nstanding:\nchair, 3-8 breaths, at 5\n- priority 9\n"
                        + "mountain, 3-8 breaths, at 5\n- priority 1\nbalance:\ntree, both, 3-8 breaths, at 5\n";
        assertEquals(List.of("Chair: 5 breaths > 3 breaths"), changes(by(text, -12_000, Freedom.WRITTEN)));
        assertEquals(
                List.of("Chair: 5 breaths > 3 breaths", "Mountain: 5 breaths > 3 breaths"),
                changes(by(text, -24_000, Freedom.WRITTEN)));
    }

    @Test
    void whatIsLockedStaysAndIsNamedWhenItStandsInTheWay() {
        String text = "standing:\nchair, 3-8 breaths, at 5\n- locked\nmountain, 5-6 breaths\n";
        assertEquals(List.of("Mountain: 5 breaths > 6 breaths"), changes(by(text, 6_000, Freedom.WRITTEN)));
        CannotFit cannot = (CannotFit) by(text, 18_000, Freedom.WRITTEN);
        assertEquals(12_000, cannot.missesByMs());
        assertEquals(cannot.beforeMs() + 6_000, cannot.longestMs());
        assertEquals(cannot.beforeMs(), cannot.shortestMs());
        assertTrue(
                cannot.helps().stream().anyMatch(help -> help.what().equals("Unlock chair")),
                cannot.helps().toString());
    }

    @Test
    void theUsualRangeOfAPoseHoldsOnlyWhereItIsAllowed() {
        String text = "class: T\n- 60 min, hatha, beginner\nbalance:\ntree, both, 4 breaths\n";
        assertTrue(by(text, 12_000, Freedom.WRITTEN) instanceof CannotFit);
        CannotFit cannot = (CannotFit) by(text, 12_000, Freedom.WRITTEN);
        assertEquals(
                List.of("Let holds move within their usual range"),
                cannot.helps().stream().map(FitAnswer.Help::what).toList());
        assertEquals(List.of("Tree: 4 breaths > 5 breaths"), changes(by(text, 12_000, Freedom.ALL_BUT_REST)));
    }

    @Test
    void roundsThatTakeTurnsComeInEvenNumbers() {
        ClassPlan plan = Notation.plan(
                "salutations:\nflow \"salute\", 6 rounds, one side, pace 5 s\n  raised arms, in\n  low lunge, other, out\nend flow\n");
        for (int rounds : new int[] {5, 6, 7, 8, 9}) {
            FitRequest request =
                    new FitRequest(rounds * 10_000L, 10_000, plan.settings().level(), Freedom.WRITTEN);
            FitAnswer answer = FIT.fit(plan, request);
            Flow flow = (Flow) ((Fits) answer).plan().sections().get(0).items().get(0);
            assertEquals(0, flow.settings().rounds() % 2, rounds + " rounds asked for");
        }
    }

    @Test
    void optionalPartsGoOnlyWhenNothingCheaperDoesAndTheirNeighboursAreReckonedAnew() {
        String text = "standing:\nchair, 5 breaths\ntree, both, 5 breaths\n- optional\nchair, 5 breaths\n";
        ClassPlan plan = Notation.plan(text);
        long without = UNFOLDER.unfold(
                        Notation.plan("standing:\nchair, 5 breaths\nchair, 5 breaths\n"),
                        plan.settings().level())
                .totalMs();
        FitAnswer answer =
                FIT.fit(plan, new FitRequest(without, 0, plan.settings().level(), Freedom.WRITTEN));
        assertEquals(List.of("Tree: done > left out"), changes(answer));
        assertEquals(without, ((Fits) answer).afterMs());
    }

    @Test
    void theFinalRestIsTouchedOnlyWhenAllowedAndNeverBelowEightPercent() {
        String text = "class: T\n- 10 min, hatha, beginner\nstanding:\nchair, 5 breaths\nrest:\nfinal rest, 90 s\n";
        ClassPlan plan = Notation.plan(text);
        long now = UNFOLDER.unfold(plan, plan.settings().level()).totalMs();
        Freedom withRest = new Freedom(false, false, false, false, true);
        assertTrue(by(text, -30_000, Freedom.ALL_BUT_REST) instanceof CannotFit);
        Fits fits = (Fits) by(text, -30_000, withRest);
        assertEquals(List.of("Final rest: 90 s > 60 s"), changes(fits));
    }

    @Test
    void theFinalRestKeepsEightPercentOfTheClassItEnds() {
        String text = "class: T\n- 20 min, hatha, beginner\nstanding:\n" + "chair, 10 breaths\n".repeat(15)
                + "rest:\nfinal rest, 150 s\n";
        Freedom withRest = new Freedom(false, false, false, false, true);
        Fits fits = (Fits) by(text, -60_000, withRest);
        assertEquals(List.of("Final rest: 150 s > 90 s"), changes(fits));
        long shorter = fits.beforeMs() - 75_000;
        assertTrue(shorter * 8 / 100 > 75_000, "75 s would be less than 8 % of " + shorter);
        assertTrue(by(text, -75_000, withRest) instanceof CannotFit);
    }

    @Test
    void aRangeThatWouldDoIfItWentOnIsNamedAndOneThatWouldNotIsNot() {
        String further = "standing:\nchair, 3-10 breaths, at 5\n";
        assertEquals(List.of("Let it go further: chair"), helps(by(further, 50_000, Freedom.WRITTEN)));
        assertEquals(List.of(), helps(by(further, 70_000, Freedom.WRITTEN)), "more than half as much again");
        String lower = "standing:\nchair, 2-20 breaths, at 10\n";
        assertEquals(List.of("Let it go lower: chair"), helps(by(lower, -53_000, Freedom.WRITTEN)));
        assertEquals(List.of(), helps(by(lower, -55_000, Freedom.WRITTEN)), "less than half of the two breaths");
    }

    private static List<String> helps(FitAnswer answer) {
        return ((CannotFit) answer)
                .helps().stream()
                        .map(FitAnswer.Help::what)
                        .filter(what -> what.startsWith("Let it go"))
                        .toList();
    }

    @Test
    void roundsOfAFlowThatWouldMakeTheSidesUnevenStay() {
        String flow =
                "salutations:\nflow \"salute\", 4 rounds, no sides, pace 5 s\n  raised arms, in\n  %s\nend flow\n";
        assertTrue(by(flow.formatted("standing fold, out"), 10_000, Freedom.ALL_BUT_REST) instanceof Fits);
        assertTrue(by(flow.formatted("low lunge, left, out"), 10_000, Freedom.ALL_BUT_REST) instanceof CannotFit);
    }

    @Test
    void stepsWrittenForEachSideChangeTogether() {
        String text =
                "standing:\ntree, right, 4-8 breaths, at 6\ntriangle, right, 5 breaths\ntree, left, 4-8 breaths, at 6\ntriangle, left, 5 breaths\n";
        Fits fits = (Fits) by(text, 12_000, Freedom.WRITTEN);
        assertTrue(UNFOLDER.unfold(fits.plan(), null).isEven());
        assertEquals(12_000, fits.afterMs() - fits.beforeMs());
    }

    /** Worked example 7. */
    @Test
    void fifteenMinutesOfOneSidedRoundsOfFortyEightSecondsAreEighteenOrTwenty() {
        ClassPlan plan = Notation.plan("salutations:\nflow \"salute\", 6 rounds, one side, pace 4 s\n"
                + "  raised arms, in\n  low lunge, other, out\n".repeat(6) + "end flow\n");
        NodeId flow = plan.sections().get(0).items().get(0).id();
        RoundsForTime rounds = RoundsForTime.of(plan, flow, 15L * Millis.MINUTE, null, UNFOLDER);
        assertEquals(18.75, rounds.exactly(), 1e-9);
        assertEquals(
                new RoundsForTime.Offer(18, (14 * 60 + 24) * 1_000L),
                rounds.below().orElseThrow());
        assertEquals(
                new RoundsForTime.Offer(20, 16L * Millis.MINUTE), rounds.above().orElseThrow());
        assertEquals(List.of(), rounds.within(15L * Millis.MINUTE, 30_000));
        assertEquals(
                List.of(18),
                rounds.within(15L * Millis.MINUTE, 40_000).stream()
                        .map(RoundsForTime.Offer::rounds)
                        .toList());
    }

    @Test
    void roundsForLessThanOneAndForMoreThanThereCanBe() {
        ClassPlan plan = Notation.plan(
                "salutations:\nflow \"salute\", 6 rounds, no sides, pace 5 s\n  raised arms, in\n  standing fold, out\nend flow\n");
        NodeId flow = plan.sections().get(0).items().get(0).id();
        assertTrue(RoundsForTime.of(plan, flow, 9_999, null, UNFOLDER).below().isEmpty());
        assertEquals(
                1,
                RoundsForTime.of(plan, flow, 10_000, null, UNFOLDER)
                        .below()
                        .orElseThrow()
                        .rounds());
        RoundsForTime most = RoundsForTime.of(plan, flow, 2_000_000, null, UNFOLDER);
        assertEquals(108, most.below().orElseThrow().rounds());
        assertTrue(most.above().isEmpty());
    }

    /** Worked example 12. */
    @Test
    void ninetySecondsLateLeaveSixAndAHalfOfEightMinutes() {
        LateStart late = LateStart.of(8L * Millis.MINUTE, 90_000);
        assertEquals("6:30", Millis.show(late.remainingMs()));
        assertEquals(0.8125, late.factor(), 1e-9);
    }

    @Test
    void ninetySecondsLateInWholeBreathsLeaveTheRestAlone() {
        ClassPlan plan = Notation.plan(
                "class: T\n- 20 min, hatha, beginner\nstanding:\n" + "chair, 4-12 breaths, at 10\n".repeat(8)
                        + "rest:\nfinal rest, 3 min\nclose:\neasy seat, 1 min open\n");
        var score = UNFOLDER.unfold(plan, plan.settings().level());
        LateStart late = LateStart.of(score, 0, 90_000);
        assertEquals("8:00", Millis.show(late.shrinkableMs()));
        FitRequest request =
                new FitRequest(score.totalMs() - 90_000, 0, plan.settings().level(), Freedom.WRITTEN);
        Fits fits = (Fits) FIT.fit(plan, request);
        var after = UNFOLDER.unfold(fits.plan(), plan.settings().level());
        assertEquals(late.remainingMs(), LateStart.of(after, 0, 0).shrinkableMs());
        assertEquals(plan.sections().get(1), fits.plan().sections().get(1));
    }

    @Test
    void whatIsDroppedSavesItsLengthAndWhatItsNeighboursTakeOver() {
        ClassPlan plan = Notation.plan("standing:\nchair, 5 breaths\nchild's pose, 5 breaths\nchair, 5 breaths\n");
        NodeId child = plan.sections().get(0).items().get(1).id();
        WithoutIt without = WithoutIt.of(plan, child, plan.settings().level(), UNFOLDER);
        long own = UNFOLDER.unfold(plan, plan.settings().level())
                .totals()
                .get(child)
                .lengthMs();
        assertTrue(without.savedMs() > own, "going down and coming up is saved as well");
    }
}
