package gurukram.core.practice;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.practice.Question.Kind;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Table;
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
    private static final Trainer TRAINER = new Trainer(CATALOGUE, UNFOLDER, School.USUAL);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 1);

    private static String answer(String key) {
        Question question = TRAINER.find(key).orElseThrow();
        return question.answer().right();
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
            String right = question.answer().right();
            assertThat(answers.merge(asked, right, (a, b) -> a.equals(b) ? a : a + " and " + b))
                    .as(asked)
                    .isEqualTo(right);
            assertThat(question.why()).as(question.key()).isNotBlank();
            // of what is felt the page shows the map of the pose
            if (question.kind() != Kind.FELT)
                assertThat(question.shown()).as(question.key()).isNotEmpty();
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
            assertThat(one.why()).endsWith(": " + one.answer().right() + ".");
        assertThat(all.stream()
                        .map(one -> ((Question.Choices) one.answer()).at())
                        .distinct()
                        .count())
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
            String comes = null;
            Set<String> seen = new java.util.HashSet<>();
            while (true) {
                var next = TRAINER.today(cards, today, fresh, seen.size());
                if (next.isEmpty()) break;
                Question question = next.get(0);
                String said = comes;
                comes = next.size() > 1 ? next.get(1).key() : null;
                if (said != null)
                    assertThat(question.key()).as("what was told to come").isEqualTo(said);
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
    void theFirstTwoDaysHaveEveryKind() {
        List<Card> cards = new ArrayList<>();
        Set<Kind> kinds = new java.util.HashSet<>();
        for (int day = 0; day < 2; day++)
            for (int i = 0; i < Trainer.NEW_A_DAY; i++) {
                Question question = TRAINER.today(cards, DAY, i, i).get(0);
                kinds.add(question.kind());
                cards.add(Card.fresh(question.key(), DAY).answered(true, DAY));
            }
        assertThat(kinds).containsExactlyInAnyOrder(Kind.values());
        assertThat(TRAINER.today(cards, DAY, Trainer.NEW_A_DAY, Trainer.NEW_A_DAY))
                .as("enough for today")
                .isEmpty();
    }

    @Test
    void aCueIsSaidForTheOtherSideInAnyWords() {
        List<String> wrong = new ArrayList<>();
        for (Table.Row row : Table.of("/practice/other-side.txt", "|", 3)) {
            Question question = TRAINER.find("other/" + row.cell(0)).orElseThrow(() -> new AssertionError(row.cell(0)));
            boolean right = question.judge(row.cell(1)).right();
            if (right != row.cell(2).equals("right"))
                wrong.add(row.cells() + " " + question.answer().right() + " " + question.judge(row.cell(1)));
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void everyCueIsRightAsTheEngineSaysItAndWrongAsItWas() {
        List<Question> all = TRAINER.all().stream()
                .filter(one -> one.kind() == Kind.OTHER_SIDE)
                .toList();
        assertThat(all.size()).isGreaterThan(60);
        for (Question one : all) {
            String said = one.ask().replaceFirst("(?s).*?“(.*)\\.”.*", "$1");
            assertThat(one.judge(one.answer().right()).right()).as(one.key()).isTrue();
            assertThat(one.judge(said).right()).as(one.key() + ": " + said).isFalse();
            assertThat(one.judge("the other side").told()).contains("neither left nor right");
        }
    }

    @Test
    void whatTheySayHasEveryAnswerAboutAsOften() {
        Map<String, Long> answers = TRAINER.all().stream()
                .filter(one -> one.kind() == Kind.FELT)
                .collect(Collectors.groupingBy(one -> one.answer().right(), Collectors.counting()));
        assertThat(answers).hasSize(4);
        assertThat(answers.values()).allMatch(n -> n > 40);
    }
}
