package gurukram.core.phrase;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.body.Base;
import gurukram.core.body.SideBehaviour;
import gurukram.core.check.Checks;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.Risk;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PhraseBookTest {
    private static final PhraseBook BOOK = new PhraseBook(CATALOGUE);

    private static final Set<String> BREATH = Set.of("against-breath", "breath-clash", "step-between", "shape");
    private static final Checks CHECKS =
            new Checks(CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults()), School.USUAL, null);

    static Stream<PhraseLine> lines() {
        return Stream.of(Level.values()).flatMap(level -> BOOK.at(level).stream());
    }

    @Test
    void everyPhraseHasANameOfItsOwnAndLeadsToPosesThereAre() {
        assertThat(BOOK.all()).hasSizeGreaterThan(100);
        assertThat(BOOK.all()).extracting(Phrase::name).doesNotHaveDuplicates();
        assertThat(BOOK.at(Level.ADVANCED))
                .as("what people would ask for")
                .extracting(line -> line.flow().settings().name())
                .doesNotHaveDuplicates();
        for (Phrase phrase : BOOK.all()) {
            assertThat(phrase.peaks()).as(phrase.id()).allMatch(CATALOGUE::has);
            assertThat(phrase.grows()).as(phrase.id()).isNotBlank();
            assertThat(phrase.themes()).as(phrase.id()).isNotEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("lines")
    void isEvenAndOnTheBreathAndSuitsItsLevel(PhraseLine line) {
        Level level = line.phrase().to();
        ClassPlan plan = Plans.of(line.flow());
        assertThat(Plans.scoreWithoutCueing(plan).isEven()).isTrue();
        assertThat(CHECKS.report(plan).findings())
                .filteredOn(finding -> BREATH.contains(finding.rule()))
                .isEmpty();
        assertThat(line.poses()).allMatch(id -> CATALOGUE.pose(id).level().compareTo(level) <= 0);
        if (!Set.of(SectionRole.PEAK, SectionRole.INVERSIONS)
                .contains(line.phrase().part()))
            assertThat(line.poses()).noneMatch(id -> CATALOGUE.pose(id).risk() == Risk.HIGH);
    }

    @ParameterizedTest
    @MethodSource("lines")
    void noRoundIsLikeTheOneBeforeUnlessThereIsOnlyOne(PhraseLine line) {
        if (line.flow().settings().rounds() == 1) {
            assertThat(line.phrase().kind()).isEqualTo(Phrase.Kind.CHAIN);
            return;
        }
        List<List<String>> rounds = rounds(line);
        for (int i = 1; i < rounds.size(); i++)
            assertThat(rounds.get(i)).as("round " + (i + 1)).isNotEqualTo(rounds.get(i - 1));
    }

    /** A phrase for both sides in which a level never turns to one would be done twice for nothing. */
    @ParameterizedTest
    @MethodSource("lines")
    void whatIsForBothSidesHasSomethingOnEach(PhraseLine line) {
        if (!line.flow().settings().hasSides()) return;
        assertThat(line.poses()).anyMatch(id -> CATALOGUE.pose(id).sides() != SideBehaviour.SYMMETRIC);
    }

    /** Craft, rule 14; the lists of twelve positions are done the same way each time. */
    @ParameterizedTest
    @MethodSource("lines")
    void aThirdRoundIsLongerThanTheFirst(PhraseLine line) {
        if (line.flow().settings().rounds() != 3
                || line.flow().settings().name().startsWith("Twelve")) return;
        Map<Integer, Long> rounds = new TreeMap<>();
        Score score = Plans.scoreWithoutCueing(Plans.of(line.flow()));
        for (Moment moment : score.moments())
            if (moment.round() != null) rounds.merge(moment.round(), moment.lengthMs(), Long::sum);
        assertThat(rounds.get(3) / (double) rounds.get(1)).isGreaterThan(1.2);
    }

    private static List<List<String>> rounds(PhraseLine line) {
        Score score = Plans.scoreWithoutCueing(Plans.of(line.flow()));
        List<List<String>> rounds = new ArrayList<>();
        score.moments().forEach(moment -> {
            while (rounds.size() < moment.round()) rounds.add(new ArrayList<>());
            rounds.get(moment.round() - 1).add(moment.pose() + " " + moment.side() + " " + moment.workMs() / 4000);
        });
        return rounds;
    }

    @Test
    void whatIsComputedIsWhatItsLinesSay() {
        PhraseLine wall = BOOK.at(Level.INTERMEDIATE, "side-wall-to-half-moon").orElseThrow();
        assertThat(wall.startsBase()).isEqualTo(Base.LUNGE);
        assertThat(wall.endsBase()).isEqualTo(Base.DOG);
        assertThat(wall.startsOn()).isEqualTo(Breath.INHALE);
        assertThat(wall.endsOn()).isEqualTo(Breath.EXHALE);
        assertThat(wall.poses()).contains("half-moon", "triangle").doesNotContain("corpse");
        PhraseLine plain = BOOK.at(Level.BEGINNER, "side-wall-to-half-moon").orElseThrow();
        assertThat(plain.poses()).contains("triangle").doesNotContain("half-moon");
    }

    private static int shared(List<String> a, List<String> b) {
        int same = 0;
        while (same < Math.min(a.size(), b.size()) && a.get(same).equals(b.get(same))) same++;
        return same;
    }

    @Test
    void someBeginAlikeSoThatOneCanQuoteTheOther() {
        Set<String> quoting = new HashSet<>();
        for (PhraseLine a : BOOK.at(Level.INTERMEDIATE))
            for (PhraseLine b : BOOK.at(Level.INTERMEDIATE))
                if (a != b && a.phrase().kind() == Phrase.Kind.FLOW && shared(a.steps(), b.steps()) >= 2)
                    quoting.add(a.phrase().id());
        assertThat(quoting).hasSizeGreaterThan(12);
    }
}
