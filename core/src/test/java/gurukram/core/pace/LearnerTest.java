package gurukram.core.pace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.score.Pace;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What logs say about a teacher's pace. */
class LearnerTest {
    private static final List<ClassPlan> CLASSES = MadeUpTeachers.CLASSES;

    /** A class in which everything goes exactly by a pace. */
    private static List<Observed> exactly(int lesson, OwnPace truth) {
        ClassPlan plan = CLASSES.get(lesson % CLASSES.size());
        Map<Integer, Long> real = new HashMap<>();
        var moments = MadeUpTeachers.score(plan, truth).moments();
        for (int i = 0; i < moments.size(); i++) real.put(i, moments.get(i).lengthMs());
        return MadeUpTeachers.observed("lesson " + lesson, plan, real);
    }

    private static Learnt from(int lessons, OwnPace truth) {
        List<Observed> all = new ArrayList<>();
        for (int i = 0; i < lessons; i++) all.addAll(exactly(i, truth));
        return Learner.learn(all);
    }

    @Test
    void twoHundredTeachersAreKnownAfterFiveClasses() {
        Random random = new Random(20);
        double off = 0;
        double offUsual = 0;
        double offRule = 0;
        int worse = 0;
        double worst = 0;
        for (int teacher = 0; teacher < 200; teacher++) {
            OwnPace truth = MadeUpTeachers.anyPace(random);
            List<ClassPlan> classes = new ArrayList<>(CLASSES);
            Collections.shuffle(classes, random);
            List<Observed> all = new ArrayList<>();
            for (int i = 0; i < 5; i++)
                all.addAll(MadeUpTeachers.observed(
                        "lesson " + i, classes.get(i), MadeUpTeachers.taught(classes.get(i), truth, random)));
            OwnPace own = MadeUpTeachers.taken(Learner.learn(all));
            ClassPlan next = classes.get(5);
            double real = MadeUpTeachers.taught(next, truth, random).values().stream()
                    .mapToLong(ms -> ms)
                    .sum();
            double now = Math.abs(MadeUpTeachers.score(next, own).totalMs() / real - 1);
            double usual = Math.abs(MadeUpTeachers.score(next, OwnPace.NONE).totalMs() / real - 1);
            off += now / 200;
            offUsual += usual / 200;
            // against what such a class takes her as a rule: the luck of one day is nobody's prediction
            double rule = MadeUpTeachers.asARule(next, truth);
            double nowOff = Math.abs(MadeUpTeachers.score(next, own).totalMs() / rule - 1);
            double usualOff = Math.abs(MadeUpTeachers.score(next, OwnPace.NONE).totalMs() / rule - 1);
            if (nowOff > usualOff + 0.01) worse++;
            worst = Math.max(worst, nowOff - usualOff);
            offRule += nowOff / 200;
        }
        assertThat(off).as("the length of a new class, by the pace learnt").isLessThan(0.04);
        assertThat(offRule).as("off what it takes her as a rule").isLessThan(0.03);
        assertThat(offUsual).as("the same by the defaults").isGreaterThan(0.07);
        assertThat(worse).as("teachers whose defaults happened to be nearer").isLessThanOrEqualTo(20);
        assertThat(worst).isLessThan(0.05);
    }

    @Test
    void lessThanThreeClassesTeachNothing() {
        OwnPace slow = OwnPace.NONE.with(Figure.SETTING_UP_MEDIUM, new BigDecimal("1.5"));
        assertThat(from(2, slow)).isEqualTo(Learnt.NOTHING);
        assertThat(from(3, slow).figures()).containsKey(Figure.SETTING_UP_MEDIUM);
    }

    @Test
    void whatIsAsUsualStaysAsItIs() {
        Learnt learnt = from(6, OwnPace.NONE);
        assertThat(learnt.figures()).isNotEmpty();
        learnt.figures()
                .forEach((figure, estimate) ->
                        assertThat(estimate.factor()).as(figure.words()).isCloseTo(1, within(0.01)));
        assertThat(learnt.likelyPercent()).isLessThan(OwnPace.USUAL_PERCENT);
    }

    @Test
    void oneSlowThingIsFoundAndNothingElseIsTakenForIt() {
        for (Figure figure : Figure.values()) {
            Learnt learnt = from(8, OwnPace.NONE.with(figure, new BigDecimal("1.4")));
            Learnt.Estimate own = learnt.figures().get(figure);
            if (own == null) continue;
            assertThat(own.factor()).as(figure.words()).isGreaterThan(own.times() > 30 ? 1.2 : 1.1);
            learnt.figures().forEach((other, estimate) -> {
                if (other != figure)
                    assertThat(estimate.factor())
                            .as(figure + " and not " + other)
                            .isBetween(0.85, 1.15);
            });
        }
    }

    @Test
    void theMoreIsSeenTheNearerItComes() {
        OwnPace slow = OwnPace.NONE.with(Figure.ACTIVE_BREATH, new BigDecimal("1.3"));
        double before = 1;
        for (int lessons = 3; lessons <= 9; lessons += 2) {
            List<Observed> all = new ArrayList<>();
            for (int i = 0; i < lessons; i++) for (Observed o : exactly(0, slow)) all.add(o.in("lesson " + i));
            double now = Learner.learn(all).figures().get(Figure.ACTIVE_BREATH).factor();
            assertThat(now).as(lessons + " classes").isGreaterThan(before).isLessThanOrEqualTo(1.3001);
            before = now;
        }
    }

    @Test
    void theOrderOfLogsDoesNotMatter() {
        Random random = new Random(7);
        List<Observed> all = new ArrayList<>();
        OwnPace truth = MadeUpTeachers.anyPace(random);
        for (int i = 0; i < 4; i++) {
            ClassPlan plan = CLASSES.get(i);
            all.addAll(MadeUpTeachers.observed("lesson " + i, plan, MadeUpTeachers.taught(plan, truth, random)));
        }
        Learnt learnt = Learner.learn(all);
        for (int i = 0; i < 5; i++) {
            Collections.shuffle(all, random);
            assertThat(Learner.learn(all)).isEqualTo(learnt);
        }
    }

    @Test
    void aPauseForAQuestionIsNoPace() {
        List<Observed> all = new ArrayList<>();
        for (int i = 0; i < 5; i++) all.addAll(exactly(i, OwnPace.NONE));
        Learnt calm = Learner.learn(all);
        List<Observed> disturbed = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Observed o = all.get(i);
            long real = i % 25 == 0 ? o.realMs() + 180_000 : o.realMs();
            disturbed.add(o.lasting(real));
        }
        Learner.learn(disturbed)
                .figures()
                .forEach((figure, estimate) -> assertThat(estimate.factor())
                        .as(figure.words())
                        .isCloseTo(calm.figures().get(figure).factor(), within(0.08)));
    }

    @Test
    void talkIsToldAndIsNoPace() {
        List<Observed> all = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            all.addAll(exactly(i, OwnPace.NONE));
            for (int talk = 0; talk < 5; talk++)
                all.add(new Observed(
                        "lesson " + i,
                        Observed.Work.TALK,
                        null,
                        Observed.Entering.USUAL,
                        false,
                        1,
                        120_000,
                        0,
                        0,
                        0,
                        180_000));
        }
        Learnt learnt = Learner.learn(all);
        assertThat(learnt.talk()).isNotNull();
        assertThat(learnt.talk().factor()).isBetween(1.3, 1.5);
        assertThat(learnt.talk().times()).isEqualTo(25);
        assertThat(from(3, OwnPace.NONE).talk()).isNull();
    }

    @Test
    void noPaceIsQuickerThanTheQuickestHalfBreath() {
        OwnPace quick = OwnPace.NONE
                .with(Figure.FIRST_SIDE, new BigDecimal("0.5"))
                .with(Figure.SECOND_SIDE, new BigDecimal("0.5"))
                .with(Figure.LATER_TIMES, new BigDecimal("0.5"));
        for (ClassPlan plan : CLASSES) {
            MadeUpTeachers.score(plan, quick).moments().stream()
                    .filter(m -> m.kind() == gurukram.core.score.Moment.Kind.MOVEMENT && !m.typed() && m.workMs() > 0)
                    .forEach(m -> assertThat(m.workMs())
                            .isGreaterThanOrEqualTo(Pace.defaults().floorHalfBreath() * 9 / 10));
        }
    }

    @Test
    void aPaceOfTheUsualIsTheUsual() {
        assertThat(Pace.defaults().with(OwnPace.NONE)).isEqualTo(Pace.defaults());
        assertThat(OwnPace.NONE.with(Figure.REPETITION, BigDecimal.ONE)).isEqualTo(OwnPace.NONE);
    }
}
