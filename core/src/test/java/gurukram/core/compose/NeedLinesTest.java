package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Base;
import gurukram.core.compose.brief.Brief;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.LevelLine;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** What one of twelve people does in drafts whose line is made for the other eleven (craft.md, G). */
class NeedLinesTest {
    /** Lying on the back is a minute at the most. */
    private static final long MOST_SUPINE_MS = 60_000;

    private static List<String> wrong(Need need, Function<List<Moment>, List<String>> look) {
        List<String> wrong = new ArrayList<>();
        int drafts = 0;
        for (Brief any : Compositions.some(Compositions.matrix(), 37)) {
            Brief brief = any.with(new People(12, Map.of(need, 1), null));
            ClassPlan plan = COMPOSER.compose(brief, 1).plan();
            ClassPlan own = LevelLine.beside(plan, when -> when.needs().contains(need), CATALOGUE);
            for (String one : look.apply(UNFOLDER.unfold(own, null).moments()))
                wrong.add(brief.minutes() + " " + brief.level() + ", "
                        + plan.settings().title() + ": " + one);
            drafts++;
        }
        assertThat(drafts).isGreaterThan(20);
        return wrong;
    }

    /** Nothing on bent-back wrists: another pose, or the forearms down. */
    @Test
    void whoHasSoreWristsLeansOnNeitherInAnyDraft() {
        assertThat(wrong(
                        Need.WRIST,
                        moments -> moments.stream()
                                .filter(moment -> moment.pose() != null
                                        && CATALOGUE.pose(moment.pose()).wristLoad()
                                        && !moment.how().with().contains("forearms down"))
                                .map(Moment::pose)
                                .toList()))
                .isEmpty();
    }

    @Test
    void lateInAPregnancyNobodyLiesOnTheBellyOrLongOnTheBackOrTwistsClosed() {
        assertThat(wrong(Need.PREGNANCY_LATER, NeedLinesTest::late)).isEmpty();
    }

    private static List<String> late(List<Moment> moments) {
        List<String> wrong = new ArrayList<>();
        long supine = 0;
        for (Moment moment : moments) {
            if (moment.pose() == null) continue;
            Pose pose = CATALOGUE.pose(moment.pose());
            supine = pose.base() == Base.SUPINE ? supine + moment.lengthMs() : 0;
            if (supine > MOST_SUPINE_MS) wrong.add(pose.id() + ", on the back for " + supine / 1000 + " s");
            if (pose.base() == Base.PRONE) wrong.add(pose.id() + ", on the belly");
            boolean blocked = pose.cautions().stream()
                    .anyMatch(one -> one.need() == Need.PREGNANCY_LATER && one.severity() == Caution.Severity.BLOCKED);
            if (blocked) wrong.add(pose.id() + ", to be left out");
        }
        return wrong;
    }
}
