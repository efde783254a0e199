package gurukram.core.compose;

import static gurukram.core.compose.Compositions.COMPOSER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.parts.FlowMaker;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class VarietyTest {
    private static final List<Brief> BRIEFS = List.of(
            Brief.to("half-moon", 60, Style.VINYASA, Level.BEGINNER),
            Brief.to("crow", 45, Style.HATHA, Level.INTERMEDIATE),
            Brief.to("camel", 75, Style.VINYASA, Level.ADVANCED),
            Brief.to("revolved-triangle", 60, Style.HATHA, Level.BEGINNER),
            Brief.to("dancer", 30, Style.HATHA, Level.INTERMEDIATE),
            Brief.to("bow", 45, Style.HATHA, Level.BEGINNER));

    private static List<ClassPlan> ideas(Brief brief, int many) {
        List<ClassPlan> ideas = new ArrayList<>();
        long next = 1;
        for (int i = 0; i < many; i++) {
            Draft draft = COMPOSER.another(brief, next, ideas);
            ideas.add(draft.plan());
            next = draft.idea() + 1;
        }
        return ideas;
    }

    private static final Map<Brief, List<ClassPlan>> THREE =
            BRIEFS.stream().collect(Collectors.toMap(brief -> brief, brief -> ideas(brief, 3)));

    @Test
    void theFirstThreeIdeasShareLittleMoreThanHalfOfTheirOrderAtTheMost() {
        for (Brief brief : BRIEFS) {
            List<ClassPlan> ideas = THREE.get(brief);
            for (ClassPlan a : ideas)
                for (ClassPlan b : ideas)
                    if (a != b) assertThat(likeness(a, b)).as(brief.peak()).isLessThanOrEqualTo(0.6);
        }
    }

    @Test
    void ofNineIdeasFewShareMoreThanHalfOfTheirOrderAndNoneAlmostAll() {
        int pairs = 0;
        int alike = 0;
        for (Brief brief : List.of(BRIEFS.get(1), BRIEFS.get(3))) {
            List<ClassPlan> ideas = ideas(brief, 9);
            for (int i = 0; i < ideas.size(); i++) {
                for (int j = 0; j < i; j++) {
                    double likeness = likeness(ideas.get(i), ideas.get(j));
                    assertThat(likeness).as(brief.peak()).isLessThanOrEqualTo(0.85);
                    pairs++;
                    if (likeness > 0.5) alike++;
                }
            }
        }
        assertThat(alike * 100 / pairs).as("per cent that share more than half").isLessThanOrEqualTo(25);
    }

    @Test
    void noFlowIsInMoreThanAThirdOfTheIdeas() {
        Map<String, Integer> times = new HashMap<>();
        int drafts = 0;
        for (Brief brief : BRIEFS) {
            for (ClassPlan plan : THREE.get(brief)) {
                drafts++;
                Set<String> names = new HashSet<>();
                plan.walk(node -> {
                    if (node instanceof Flow flow && flow.steps().size() > 2)
                        names.add(flow.settings().name());
                });
                names.forEach(name -> times.merge(name, 1, Integer::sum));
            }
        }
        int third = drafts / 3;
        assertThat(times).allSatisfy((name, n) -> assertThat(n).as(name).isLessThanOrEqualTo(third));
    }

    @Test
    void theSameBriefAndIdeaAlwaysGiveTheSameClass() {
        Brief brief = Brief.to("crow", 45, Style.VINYASA, Level.INTERMEDIATE);
        assertThat(COMPOSER.compose(brief, 7).plan())
                .isEqualTo(COMPOSER.compose(brief, 7).plan());
    }

    @Test
    void inSixWeeksNoMainFlowComesAgainWithinThree() {
        List<List<String>> flows = new ArrayList<>();
        List<Taught> taught = new ArrayList<>();
        for (int week = 0; week < 6; week++) {
            Brief brief =
                    Brief.to("half-moon", 60, Style.VINYASA, Level.BEGINNER).withTaught(lately(taught), false);
            ClassPlan plan = COMPOSER.compose(brief, 1).plan();
            List<String> flow = mainFlow(plan);
            for (List<String> before : flows.subList(Math.max(0, week - 3), week))
                assertThat(FlowMaker.isLike(flow, before)).as("week " + week).isFalse();
            flows.add(flow);
            taught.add(0, new Taught(0, flow, Set.copyOf(flow)));
        }
        assertThat(flows).doesNotHaveDuplicates();
    }

    /** The classes so far as they look a week later, the last first. */
    private static List<Taught> lately(List<Taught> taught) {
        List<Taught> lately = new ArrayList<>();
        for (int i = 0; i < taught.size(); i++)
            lately.add(new Taught(
                    7 * (i + 1), taught.get(i).mainFlow(), taught.get(i).poses()));
        return lately;
    }

    @Test
    void aClassThatBuildsGoesOnWithTheFlowBefore() {
        Brief brief = Brief.to("half-moon", 60, Style.VINYASA, Level.INTERMEDIATE);
        List<String> flow = mainFlow(COMPOSER.compose(brief, 3).plan());
        Brief next = brief.withTaught(List.of(new Taught(7, flow, Set.copyOf(flow))), true);
        assertThat(mainFlow(COMPOSER.compose(next, 4).plan())).isEqualTo(flow);
        assertThat(mainFlow(COMPOSER.compose(next.withTaught(next.taught(), false), 4)
                        .plan()))
                .isNotEqualTo(flow);
    }

    @Test
    void keptPartsStayAndTheRestIsDrawnAgain() {
        Brief brief = Brief.to("half-moon", 60, Style.VINYASA, Level.INTERMEDIATE);
        Draft first = COMPOSER.compose(brief, 1);
        Flow flow = (Flow) section(first.plan(), SectionRole.STANDING).items().stream()
                .filter(Flow.class::isInstance)
                .findFirst()
                .orElseThrow();
        Flow locked = flow.with(flow.marks().lock(true));
        Brief kept = brief.withKept(List.of(new Brief.Kept(SectionRole.STANDING, locked)))
                .with(Set.of(Wish.GENTLER));
        Draft gentler = COMPOSER.compose(kept, 1);
        assertThat(section(gentler.plan(), SectionRole.STANDING).items()).contains(locked);
        assertThat(gentler.goal().rung()).isLessThan(first.goal().rung());
        assertThat(DraftVerifier.faults(gentler)).isEmpty();
    }

    private static Section section(ClassPlan plan, SectionRole role) {
        return plan.sections().stream()
                .filter(section -> section.role() == role)
                .findFirst()
                .orElseThrow();
    }

    /** What the next drafts are told a class was known by. */
    static List<String> mainFlow(ClassPlan plan) {
        return Taught.of(plan, 0).mainFlow();
    }

    /** The longest common subsequence over the shorter, by itself: from the warm-up to the cool-down without salutations. */
    private static double likeness(ClassPlan a, ClassPlan b) {
        List<String> one = poses(a);
        List<String> other = poses(b);
        int[][] common = new int[one.size() + 1][other.size() + 1];
        for (int i = 0; i < one.size(); i++) {
            for (int j = 0; j < other.size(); j++) {
                common[i + 1][j + 1] = one.get(i).equals(other.get(j))
                        ? common[i][j] + 1
                        : Math.max(common[i][j + 1], common[i + 1][j]);
            }
        }
        return common[one.size()][other.size()] / (double) Math.min(one.size(), other.size());
    }

    private static List<String> poses(ClassPlan plan) {
        List<String> poses = new ArrayList<>();
        boolean on = false;
        for (Section section : plan.sections()) {
            on |= section.role() == SectionRole.WARM_UP;
            if (section.role() == SectionRole.REST) break;
            if (!on || section.role() == SectionRole.SALUTATIONS) continue;
            for (Item item : section.items()) {
                if (item instanceof Step step && step.pose() != null) poses.add(step.pose());
                if (item instanceof Flow) ((Flow) item).steps().forEach(step -> poses.add(step.pose()));
            }
        }
        return poses;
    }
}
