package gurukram.core.practice;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.body.Side;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.practice.Knowing.Stage;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Reciting in order, and when it is known. */
class RecitalTest {
    private static final Sequence TWELVE = new Sequences(CATALOGUE)
            .of(Twelve.of("b", LegRule.RETURNING, Side.RIGHT, CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults())));

    private static List<Set<String>> all() {
        return TWELVE.places().stream()
                .map(place -> Set.of(place.id()))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    @Test
    void elevenOfTwelveAreNinetyOnePointSeven() {
        List<Set<String>> said = all();
        said.set(5, Set.of());
        Recital recital = Recital.of(TWELVE, said);
        assertThat(recital.count()).isEqualTo(11);
        assertThat(recital.percent()).isEqualTo("91.7 %");
        assertThat(recital.isWhole()).isFalse();
        assertThat(recital.right().get(5)).isFalse();
    }

    @Test
    void oneLeftOutMakesOneWrongAndNotAllBehindIt() {
        List<Set<String>> said = all();
        said.remove(4);
        assertThat(Recital.of(TWELVE, said).percent()).isEqualTo("91.7 %");
        List<Set<String>> more = all();
        more.add(3, Set.of("tree"));
        Recital recital = Recital.of(TWELVE, more);
        assertThat(recital.count()).isEqualTo(12);
        assertThat(recital.isWhole()).as("one too many").isFalse();
        assertThat(recital.percent()).isEqualTo("92.3 %");
        assertThat(Recital.of(TWELVE, List.of()).percent()).isEqualTo("0 %");
        List<Set<String>> turned = all();
        turned.set(6, all().get(7));
        turned.set(7, all().get(6));
        assertThat(Recital.of(TWELVE, turned).count()).isEqualTo(11);
    }

    @Test
    void aWordThatMayMeanSeveralPosesIsRightWhereOneOfThemStands() {
        List<Set<String>> said = all();
        said.set(3, Set.of("high-lunge", TWELVE.places().get(3).id()));
        assertThat(Recital.of(TWELVE, said).isWhole()).isTrue();
    }

    @Test
    void twelveOfTwelveTwiceIsKnown() {
        Recital whole = Recital.of(TWELVE, all());
        List<Set<String>> less = all();
        less.set(0, Set.of());
        Recital slip = Recital.of(TWELVE, less);
        Knowing knowing = Knowing.fresh(TWELVE);
        assertThat(knowing.missing(TWELVE)).containsExactly(1, 4, 7, 10);
        knowing = knowing.after(slip);
        assertThat(knowing.stage()).as("the same once more").isEqualTo(Stage.SOME);
        knowing = knowing.after(whole);
        assertThat(knowing.missing(TWELVE)).hasSize(8);
        knowing = knowing.after(whole);
        assertThat(knowing.stage()).isEqualTo(Stage.ALONE);
        assertThat(knowing.missing(TWELVE)).hasSize(12);
        assertThat(knowing.isKnown())
                .as("what was filled in before counts nothing")
                .isFalse();
        knowing = knowing.after(whole);
        assertThat(knowing.isKnown()).isFalse();
        assertThat(knowing.after(slip).after(whole).isKnown())
                .as("twice running")
                .isFalse();
        knowing = knowing.after(whole);
        assertThat(knowing.isKnown()).isTrue();
        assertThat(knowing.tries()).isEqualTo(5);
        Sequence other = new Sequence(TWELVE.key(), "", TWELVE.places().subList(0, 8));
        assertThat(knowing.of(other).isKnown()).as("it is another now").isFalse();
        assertThat(knowing.of(TWELVE).isKnown()).isTrue();
    }

    @Test
    void aClassIsItsPartsEachPartAndItsFlows() {
        var plan = Notation.plan("""
                class: One
                - 30 min, vinyasa, intermediate
                warm-up:
                cat, 3 breaths
                salutations:
                flow "tide", 2 rounds, both sides
                  raised arms, in
                  standing fold, out
                  low lunge, lead, in
                end flow
                mountain, 2 breaths
                standing:
                tree, both, 5 breaths
                triangle, right, 5 breaths
                """);
        List<Sequence> all = new Sequences(CATALOGUE).of(plan, "k");
        assertThat(all.stream().map(Sequence::title))
                .containsExactly("The parts in their order", "Salutations", "tide, in Salutations", "Standing");
        assertThat(all.get(1).places().stream().map(Sequence.Place::words)).containsExactly("tide", "Mountain");
        assertThat(all.get(1).places().get(0).more()).isEqualTo("2 rounds");
        assertThat(all.get(3).places().get(1).side()).isEqualTo(Side.RIGHT);
        assertThat(all.get(3).places().get(0).more()).contains("5 breaths", "both");
        String many = "class: Long\nstanding:\n" + "tree, both, 5 breaths\ntriangle, both, 5 breaths\n".repeat(8);
        assertThat(new Sequences(CATALOGUE)
                        .of(Notation.plan(many), "k").stream()
                                .map(one -> one.title() + " " + one.places().size()))
                .containsExactly("Standing, 1 of 2 8", "Standing, 2 of 2 8");
    }
}
