package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.Reading;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.School;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What lasts how long: typed in the account, the class, a section, a flow or a step; the nearest holds. Exact. */
class BreathTimesTest {
    private static Score score(String teachers, String... lines) {
        Reading reading = new NotationReader(Plans.CATALOGUE, NodeNames.numbers()).read(String.join("\n", lines));
        assertThat(reading.problems()).isEmpty();
        School school = SchoolWords.read(teachers);
        return new Unfolder(Plans.CATALOGUE, Pace.defaults(), school).unfold(reading.plan(), null);
    }

    private static List<Long> work(Score score) {
        return score.moments().stream().map(Moment::workMs).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5 s a position              | 5000, 2500, 2500
            3.5 s a half-breath         | 3500, 3500, 3500
            7 s a breath                | 3500, 3500, 3500
            in 3 s out 4 s              | 3000, 4000, 3000
            breathe in 3 s, out 5 s     | 3000, 5000, 3000
            5 s each                    | 5000, 2500, 2500
            4.001 s a breath            | 2001, 2000, 2001
            """)
    void aPaceFixesWhatItSays(String pace, String ms) {
        Score score =
                score("", "standing", "flow, 1 round, no sides, " + pace, "cow, in", "cat, out then in", "end flow");

        assertThat(work(score).stream().map(String::valueOf).collect(Collectors.joining(", ")))
                .isEqualTo(ms);
        assertThat(score.moments())
                .allSatisfy(m -> assertThat(m.settingUpMs() + m.transitionMs()).isZero());
    }

    @ParameterizedTest
    @CsvSource({"5 s a position", "3.5 s a half-breath", "7 s a breath", "in 3 s out 4 s"})
    void aPaceNeverTouchesAHold(String pace) {
        Score score = score(
                "", "standing", "flow, 1 round, one side, " + pace, "warrior 2, lead, out", "tree, lead, 3 breaths");

        assertThat(score.moments().get(1).workMs()).isEqualTo(18_000);
    }

    @Test
    void theNearestBreathHolds() {
        assertThat(work(score("", "standing", "tree, right, 2 breaths"))).containsExactly(12_000L);
        assertThat(work(score("5 s a breath", "standing", "tree, right, 2 breaths")))
                .containsExactly(10_000L);
        assertThat(work(score("5 s a breath", "class: A", "- 4 s a breath", "", "standing", "tree, right, 2 breaths")))
                .containsExactly(8_000L);
        assertThat(work(score(
                        "", "class: A", "- 4 s a breath", "", "standing", "- 7 s a breath", "tree, right, 2 breaths")))
                .containsExactly(14_000L);
        assertThat(work(score("", "standing", "- 7 s a breath", "tree, right, 2 breaths", "- 6.5 s a breath")))
                .containsExactly(13_000L);
        assertThat(work(score(
                        "",
                        "standing",
                        "- 7 s a breath",
                        "flow, 1 round, one side",
                        "- 3 s a breath",
                        "tree, lead, 2 breaths")))
                .containsExactly(6_000L);
    }

    @Test
    void activeAndPassiveBreathsAreTypedApart() {
        String school = "5 s an active breath, 7 s a passive breath";
        assertThat(work(score(school, "standing", "tree, right, 2 breaths", "half pigeon, right, 2 breaths")))
                .containsExactly(10_000L, 14_000L);
    }

    @Test
    void theTeachersHalfBreathsInFlowsBySideAndRound() {
        String[] flow = {
            "standing", "- by the breath", "flow, 2 rounds, both sides", "high lunge, lead, in", "warrior 2, lead, out"
        };
        assertThat(work(score("4.4 s a half-breath, second side 4 s a half-breath, rounds 100/90 %", flow)))
                .containsExactly(4_400L, 4_400L, 4_000L, 4_000L, 3_960L, 3_960L, 3_600L, 3_600L);
        assertThat(work(score("inhale 3 to exhale 4", flow)).subList(0, 2)).containsExactly(3_429L, 4_571L);
    }

    @Test
    void whereABreathComesFromIsTold() {
        Reading reading = new NotationReader(Plans.CATALOGUE, NodeNames.numbers())
                .read("class: A\n- 4 s an active breath\n\nstanding\ntree, right, 2 breaths");
        BreathPlaces places = BreathPlaces.of(
                null, reading.plan().sections().get(0), reading.plan().settings(), SchoolWords.read("5 s a breath"));

        assertThat(places.find(b -> b.activeMillis()).orElseThrow().from().words())
                .isEqualTo("from the class");
        assertThat(places.find(b -> b.passiveMillis()).orElseThrow().from().words())
                .isEqualTo("from your account");
        assertThat(places.find(b -> b.halfMillis())).isEmpty();
    }

    @Test
    void explainedTakesTwiceAndTypedSettingUpIsExact() {
        long usual = score("", "standing", "- explained", "tree, right, 5 breaths")
                .moments()
                .get(0)
                .settingUpMs();
        assertThat(usual).isEqualTo(30_000);
        Score typed = score("", "standing", "- explained", "tree, both, 5 breaths", "- setting up 21 s / 9 s");
        assertThat(typed.moments()).extracting(Moment::settingUpMs).containsExactly(21_000L, 9_000L);
    }

    @Test
    void aNewHoldOfThePosePeopleAreInTakesFiveSeconds() {
        List<Moment> moments = score(
                        "",
                        "standing",
                        "warrior 2, right, 3 breaths",
                        "warrior 2, right, 20 s",
                        "warrior 2, right, 5 reps",
                        "warrior 2, right, 20 s open",
                        "warrior 2, right, 2 breaths",
                        "- setting up 0 s")
                .moments();
        assertThat(moments.subList(1, 5)).extracting(Moment::settingUpMs).containsExactly(5_000L, 0L, 0L, 0L);
    }

    @Test
    void aMovementThatIsExplainedIsGotIntoOnceASide() {
        List<Moment> moments = score(
                        "",
                        "standing",
                        "- by the breath",
                        "flow, 2 rounds, both sides",
                        "high lunge, lead, in",
                        "- explained",
                        "warrior 2, lead, out")
                .moments();
        assertThat(moments)
                .filteredOn(m -> "high-lunge".equals(m.pose()))
                .extracting(Moment::settingUpMs)
                .containsExactly(30_000L, 28_000L, 0L, 0L);
        assertThat(moments)
                .filteredOn(m -> "warrior-2".equals(m.pose()))
                .allSatisfy(m -> assertThat(m.settingUpMs()).isZero());
    }

    @Test
    void theBandIsFifteenPercentOfWhatIsNotTyped() {
        Score score = score("", "standing", "tree, right, 100 s", "- setting up 20 s", "tree, left, 10 breaths");
        assertThat(score.totalMs()).isEqualTo(120_000 + 12_600 + 60_000);
        assertThat(score.likelyHighMs() - score.totalMs()).isEqualTo(10_890);
    }

    @Test
    void aPaceOnAHoldIsRefusedWithABreathOffered() {
        Reading reading = new NotationReader(Plans.CATALOGUE, NodeNames.numbers())
                .read("standing\ntree, right, 3 breaths\n- pace 5 s a breath\n- pace 3 s");
        String told = reading.problems().stream().map(p -> p.problem().what()).collect(Collectors.joining());
        assertThat(told).contains("“6 s a breath”");
    }
}
