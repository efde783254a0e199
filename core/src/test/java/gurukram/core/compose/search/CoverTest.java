package gurukram.core.compose.search;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.ActionUse;
import gurukram.core.check.Preparation;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CoverTest {
    private static final List<Pose> POSES = CATALOGUE.poses().stream()
            .filter(pose -> pose.risk() != Risk.HIGH && pose.level() != Level.ADVANCED)
            .toList();

    private static double seconds(Pose pose) {
        return Cover.sideSeconds(pose, pose.doseFor(Level.INTERMEDIATE));
    }

    private static List<Pose> cover(Pose peak, List<Pose> there) {
        Set<String> almost = Preparation.lastButOne(CATALOGUE, peak);
        Map<Pose, Double> held = new LinkedHashMap<>();
        there.forEach(pose -> held.put(pose, seconds(pose)));
        return new Cover(peak, almost, POSES, pose -> 10 + seconds(pose), CoverTest::seconds).find(held);
    }

    @Test
    void everyDemandHasTwoPosesOneOfThemStrongEnoughAndLongEnough() {
        for (String id : List.of("half-moon", "warrior-3", "boat", "camel", "eagle", "crow")) {
            Pose peak = CATALOGUE.pose(id);
            Set<String> almost = Preparation.lastButOne(CATALOGUE, peak);
            List<Pose> rungs = almost.stream().map(CATALOGUE::pose).toList();
            List<Pose> all = new ArrayList<>(rungs);
            all.addAll(cover(peak, rungs));
            for (ActionUse use : peak.actions()) {
                if (use.demands() < 2) continue;
                List<Pose> counted = all.stream()
                        .filter(pose -> pose.prepares(use.action()) >= use.demands() - 1)
                        .toList();
                String name = id + " " + use.action();
                assertThat(counted).as(name).hasSizeGreaterThanOrEqualTo(2).doesNotHaveDuplicates();
                assertThat(counted)
                        .as(name)
                        .anyMatch(pose -> pose.prepares(use.action()) >= use.demands() || almost.contains(pose.id()));
                assertThat(counted.stream().mapToDouble(CoverTest::seconds).sum())
                        .as(name)
                        .isGreaterThanOrEqualTo(Preparation.usualSeconds(use.demands()));
            }
        }
    }

    @Test
    void whatIsThereIsNotPutInAgain() {
        Pose peak = CATALOGUE.pose("warrior-3");
        List<Pose> first = cover(peak, List.of());
        assertThat(first).isNotEmpty();
        assertThat(cover(peak, first)).isEmpty();
    }

    @Test
    void whatCannotBeCoveredGivesWhatLeavesLeastToBeDesired() {
        List<Pose> some = cover(CATALOGUE.pose("handstand"), List.of());
        assertThat(some).isNotEmpty();
        // and no more of it comes when that is there already
        assertThat(cover(CATALOGUE.pose("handstand"), some)).isEmpty();
    }

    @Test
    void theCheaperPosesAreTaken() {
        Pose peak = CATALOGUE.pose("triangle");
        Set<String> almost = Preparation.lastButOne(CATALOGUE, peak);
        List<Pose> cheap = new Cover(
                        peak, almost, POSES, pose -> pose.id().equals("half-split") ? 1 : 100, CoverTest::seconds)
                .find(Map.of());
        assertThat(cheap).extracting(Pose::id).contains("half-split");
    }
}
