package gurukram.core.practice;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.practice.Question.Kind;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is asked, and that it is true under every rule, list and side. */
class TrainerTest {
    private static final Unfolder UNFOLDER = new Unfolder(CATALOGUE, Pace.defaults());
    private static final Trainer TRAINER = new Trainer(CATALOGUE, UNFOLDER, LegRule.RETURNING);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 1);

    private static String answer(String key) {
        Question question = TRAINER.find(key).orElseThrow();
        return question.choices().get(question.right()).words();
    }

    @Test
    void positionNineOfTheSecondHalfLedByTheLeft() {
        assertThat(answer("front/b/same-front/right/2/9")).isEqualTo("the right");
        assertThat(answer("front/b/returning/right/2/9")).isEqualTo("the left");
        assertThat(answer("front/b/returning/right/2/4"))
                .as("the left foot went back")
                .isEqualTo("the right");
    }

    @Test
    void inEveryListUnderEveryRuleTheFeetAreWhereTheRuleSays() {
        for (String list : List.of("a", "b", "c", "d"))
            for (LegRule legs : LegRule.values())
                for (Side lead : Side.values()) {
                    Twelve twelve = Twelve.of(list, legs, lead, CATALOGUE, UNFOLDER);
                    for (int half = 1; half <= 2; half++) {
                        Side back = twelve.leads(half);
                        assertThat(twelve.at(half, 4).front()).isEqualTo(back.opposite());
                        assertThat(twelve.at(half, 9).front())
                                .isEqualTo(legs == LegRule.SAME_FRONT ? back.opposite() : back);
                    }
                    assertThat(twelve.first()).hasSize(12);
                    assertThat(twelve.second()).hasSize(12);
                    assertThat(twelve.second().stream().map(Twelve.Place::pose).toList())
                            .isEqualTo(twelve.first().stream()
                                    .map(Twelve.Place::pose)
                                    .toList());
                    Twelve mirrored = Twelve.of(list, legs, lead.opposite(), CATALOGUE, UNFOLDER);
                    for (int n = 1; n <= 12; n++) {
                        assertThat(mirrored.at(1, n).front())
                                .as("mirrored it is the other half")
                                .isEqualTo(twelve.at(2, n).front());
                        assertThat(mirrored.at(1, n).breath())
                                .isEqualTo(twelve.at(2, n).breath());
                    }
                }
    }

    @Test
    void noQuestionContradictsAnother() {
        Map<String, String> answers = new HashMap<>();
        for (Question question : TRAINER.all()) {
            String asked = question.ask()
                    + (question.figure() == null ? "" : question.figure().pose());
            String right = question.choices().get(question.right()).words();
            assertThat(answers.merge(asked, right, (a, b) -> a.equals(b) ? a : a + " and " + b))
                    .as(asked)
                    .isEqualTo(right);
            assertThat(question.why()).as(question.key()).isNotBlank();
        }
        assertThat(TRAINER.all().stream().map(Question::key).distinct())
                .hasSize(TRAINER.all().size());
        assertThat(TRAINER.all().stream().map(Question::kind).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(Kind.values());
        assertThat(TRAINER.all().size()).isGreaterThan(400);
    }

    @Test
    void breathsAreThoseOfTheList() {
        assertThat(answer("breath/b/5")).isEqualTo("held in");
        assertThat(answer("breath/b/6")).isEqualTo("out");
        assertThat(answer("breath/a/6")).isEqualTo("held out");
        assertThat(answer("breath/c/5")).isEqualTo("out then in");
        assertThat(answer("next/b/7")).isEqualTo("Downward dog");
        assertThat(answer("next/c/5")).isEqualTo("Low push-up");
    }

    @Test
    void lengthsAreThoseOfTheEngine() {
        List<Question> all =
                TRAINER.all().stream().filter(one -> one.kind() == Kind.LENGTH).toList();
        assertThat(all.size()).isGreaterThan(40);
        for (Question one : all)
            assertThat(one.why()).endsWith(": " + one.choices().get(one.right()).words() + ".");
        assertThat(all.stream().map(Question::right).distinct().count())
                .as("the right one is not always at the same place")
                .isEqualTo(4);
    }

    @Test
    void anOddNumberLeavesTheOtherSideShort() {
        assertThat(answer("short/7/right")).isEqualTo("the left");
        assertThat(answer("short/7/left")).isEqualTo("the right");
        assertThat(answer("short/8/right")).isEqualTo("neither");
        assertThat(TRAINER.find("short/7/right").orElseThrow().why()).contains("Right 4, left 3.");
    }

    @Test
    void aMonthOfFiveMinutesADayAsksNothingBeforeItsTimeAndNothingTwiceADay() {
        List<Card> cards = new ArrayList<>();
        Map<LocalDate, Integer> asked = new HashMap<>();
        for (int d = 0; d < 30; d++) {
            LocalDate today = DAY.plusDays(d);
            int fresh = 0;
            Set<String> seen = new java.util.HashSet<>();
            while (true) {
                var next = TRAINER.next(cards, today, fresh, seen.size());
                if (next.isEmpty()) break;
                Question question = next.get();
                assertThat(seen.add(question.key()))
                        .as("%s twice on day %d", question.key(), d)
                        .isTrue();
                Card before = cards.stream()
                        .filter(card -> card.key().equals(question.key()))
                        .findFirst()
                        .orElse(null);
                if (before == null) fresh++;
                else assertThat(before.isDue(today)).isTrue();
                Card card = before == null ? Card.fresh(question.key(), today) : before;
                cards.remove(before);
                // every fifth is wrong
                cards.add(card.answered((seen.size() + d) % 5 != 0, today));
                asked.merge(today, 1, Integer::sum);
            }
            assertThat(fresh).isLessThanOrEqualTo(Trainer.NEW_A_DAY);
        }
        assertThat(asked.values()).as("five minutes, not an hour").allMatch(n -> n >= 6 && n <= Trainer.MOST_A_DAY);
        assertThat(cards.size())
                .as("new ones come as long as not too many wait")
                .isGreaterThan(60);
        assertThat(cards.stream().filter(Card::isKnown)).isNotEmpty();
    }

    @Test
    void theFirstDayHasEveryKind() {
        List<Card> cards = new ArrayList<>();
        Set<Kind> kinds = new java.util.HashSet<>();
        for (int i = 0; i < Trainer.NEW_A_DAY; i++) {
            Question question = TRAINER.next(cards, DAY, i, i).orElseThrow();
            kinds.add(question.kind());
            cards.add(Card.fresh(question.key(), DAY).answered(true, DAY));
        }
        assertThat(kinds).hasSize(6);
        assertThat(TRAINER.next(cards, DAY, Trainer.NEW_A_DAY, Trainer.NEW_A_DAY))
                .as("enough for today")
                .isEmpty();
    }
}
