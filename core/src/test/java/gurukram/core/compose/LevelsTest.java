package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.Phrase;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.score.LevelLine;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Score;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LevelsTest {
    private static Draft mixed(String peak, Style style) {
        return COMPOSER.compose(Brief.to(peak, 60, style, Level.INTERMEDIATE).withMixed(true), 1);
    }

    @Test
    void aMixedRoomHasALineForEveryLevelWithinOneClock() {
        for (Style style : Style.values()) {
            ClassPlan plan = mixed("half-moon", style).plan();
            List<MixedRoom.Line> lines = MixedRoom.lines(plan, UNFOLDER);
            assertThat(lines).extracting(MixedRoom.Line::level).contains(Level.BEGINNER);
            assertThat(lines).noneMatch(MixedRoom.Line::isOver);
        }
    }

    @Test
    void thePeakIsDoneByTheLadderAtEveryLevel() {
        Step peak = peak(mixed("half-moon", Style.HATHA).plan());
        assertThat(peak.pose()).isEqualTo("half-moon");
        assertThat(peak.poseFor(Level.BEGINNER)).isEqualTo("half-moon-block");
    }

    private static Step peak(ClassPlan plan) {
        List<Step> steps = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Step step && plan.settings().peak().equals(step.pose())) steps.add(step);
        });
        return steps.get(steps.size() - 1);
    }

    @Test
    void nobodyIsPutIntoAPoseAboveTheirLevelOutsideFlows() {
        ClassPlan plan = mixed("dancer", Style.HATHA).plan();
        for (Level level : Level.values()) {
            Score score = UNFOLDER.unfold(plan, level);
            assertThat(score.isEven()).as(level.word()).isTrue();
            List<Pose> above = score.moments().stream()
                    .filter(moment -> moment.flow() == null && moment.pose() != null)
                    .map(moment -> CATALOGUE.pose(moment.pose()))
                    .filter(pose -> pose.level().ordinal() > level.ordinal())
                    .distinct()
                    .toList();
            assertThat(above).allMatch(pose -> pose.risk() != Risk.HIGH);
            if (level != Level.BEGINNER) assertThat(above).isEmpty();
        }
    }

    @Test
    void whatAPhraseHasForBeginnersIsTheirLineInAMixedRoom() {
        int own = 0;
        for (String peak : List.of("crow", "eagle", "dancer")) {
            ClassPlan plan = mixed(peak, Style.VINYASA).plan();
            for (Section section : plan.sections()) {
                for (Item item : section.items()) {
                    if (!(item instanceof Flow flow)) continue;
                    for (Step written : written(flow.settings().name())) {
                        String form = formOf(written, Level.BEGINNER);
                        if (form == null || !isAbove(written.pose(), Level.BEGINNER)) continue;
                        for (Step step : flow.steps()) {
                            if (!written.pose().equals(step.pose())) continue;
                            // where the clock leaves no room the line does as the class does
                            assertThat(step.poseFor(Level.BEGINNER))
                                    .as(peak + ", " + flow.settings().name())
                                    .isIn(formsOf(flow, step.pose()));
                            if (form.equals(step.poseFor(Level.BEGINNER))) own++;
                        }
                    }
                }
            }
        }
        assertThat(own).isPositive();
    }

    private static boolean isAbove(String pose, Level level) {
        return CATALOGUE.pose(pose).level().compareTo(level) > 0;
    }

    private static List<Step> written(String flow) {
        return Compositions.PHRASES.called(flow).map(Phrase::steps).orElse(List.of());
    }

    /** The pose itself and what its phrase has for beginners in its place. */
    private static List<String> formsOf(Flow flow, String pose) {
        List<String> forms = new ArrayList<>(List.of(pose));
        for (Step step : written(flow.settings().name()))
            for (Layer layer : step.layers())
                if (pose.equals(step.pose())
                        && layer.when().levels().contains(Level.BEGINNER)
                        && layer.edit() instanceof Layer.Become become
                        && become.pose() != null) forms.add(become.pose());
        return forms;
    }

    private static String formOf(Step step, Level level) {
        for (Layer layer : step.layers())
            if (layer.when().levels().contains(level)
                    && layer.when().rounds() == null
                    && layer.edit() instanceof Layer.Become become
                    && step.dose() instanceof Dose.Breaths) return become.pose();
        return null;
    }

    @Test
    void aLevelsLineIsAClassOfItsOwn() {
        ClassPlan plan = mixed("half-moon", Style.HATHA).plan();
        ClassPlan beginners = LevelLine.of(plan, Level.BEGINNER, CATALOGUE);
        assertThat(UNFOLDER.unfold(beginners, null).isEven()).isTrue();
        assertThat(beginners.settings().level()).isEqualTo(Level.BEGINNER);
    }
}
