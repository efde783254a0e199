package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.search.Sequences;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LeadThereTest {
    private static final ClassPlan EVENING = Notation.plan(String.join(
            "\n",
            "class: An evening",
            "- 45 min, hatha, intermediate",
            "arrive:",
            "easy seat, 60 s open",
            "warm-up:",
            "wrist circles, 8 reps",
            "bird dog, both, 4 breaths",
            "standing:",
            "warrior 2, both, 5 breaths",
            "triangle, both, 5 breaths",
            "cool-down:",
            "lying twist, both, 6 breaths",
            "rest:",
            "final rest, 270 s",
            "close:",
            "closing seat, 4 breaths"));

    private static Draft led(String peak) {
        return COMPOSER.leadThere(EVENING, Brief.to(peak, 45, Style.HATHA, Level.INTERMEDIATE))
                .orElseThrow();
    }

    @Test
    void whatThePeakLacksIsPutInAndEverythingElseStays() {
        Draft draft = led("half-moon");
        List<String> poses = Sequences.poses(draft.plan());
        assertThat(poses)
                .containsSubsequence("bird-dog", "warrior-2", "triangle", "half-moon", "supine-twist")
                .contains("half-moon");
        EVENING.walk(node -> assertThat(draft.plan().has(node.id())).isTrue());
        assertThat(draft.plan().settings().peak()).isEqualTo("half-moon");
        assertThat(draft.report().findings()).extracting(Finding::rule).doesNotContain("preparation");
    }

    @Test
    void aClassThatHasItAllGetsNothingMore() {
        Draft draft = led("half-moon");
        Draft again = COMPOSER.leadThere(draft.plan(), Brief.to("half-moon", 45, Style.HATHA, Level.INTERMEDIATE))
                .orElseThrow();
        assertThat(Sequences.poses(again.plan())).isEqualTo(Sequences.poses(draft.plan()));
    }

    /** Half a class: what a teacher has written by Monday evening for Tuesday. */
    private static final ClassPlan HALF = Notation.plan(String.join(
            "\n",
            "class: Tuesday",
            "- 60 min, vinyasa, intermediate",
            "arrive:",
            "easy seat, 120 s open",
            "warm-up:",
            "flow \"cow and cat\", 5 rounds, no sides",
            "  cow, in",
            "  cat, out",
            "end flow",
            "wrist circles, 30 s",
            "salutations:",
            "mountain, 1 breath",
            "flow \"salute\", 3 rounds, no sides",
            "  raised arms, in",
            "  standing fold, out",
            "  half lift, in",
            "  standing fold, out",
            "  raised arms, in",
            "  prayer stand, out",
            "end flow",
            "standing:",
            "- note: The warriors of Tuesday.",
            "warrior 2, both, 5 breaths",
            "triangle, both, 4-6 breaths, at 5",
            "cool-down:",
            "lying twist, both, 8 breaths",
            "rest:",
            "final rest, 360 s",
            "close:",
            "closing seat, 6 breaths"));

    private static Draft halfLed(String peak) {
        return COMPOSER.leadThere(HALF, Brief.to(peak, 60, Style.VINYASA, Level.INTERMEDIATE))
                .orElseThrow();
    }

    private static List<NodeId> names(ClassPlan plan) {
        List<NodeId> names = new ArrayList<>();
        plan.walk(node -> names.add(node.id()));
        return names;
    }

    @ParameterizedTest
    @ValueSource(strings = {"half-moon", "crow", "bow", "seated-forward-fold", "headstand", "splits"})
    void itIsFilledToItsSlotWithALessonAndAPhraseAroundWhatIsThere(String peak) {
        Draft draft = halfLed(peak);
        assertThat(draft.totalMs()).isBetween(3_595_000L, 3_605_000L);
        List<NodeId> now = names(draft.plan());
        assertThat(now).doesNotHaveDuplicates().containsSubsequence(names(HALF));
        List<Flow> flows = new ArrayList<>();
        draft.plan().walk(node -> {
            if (node instanceof Flow flow && flow.settings().rounds() > 1) flows.add(flow);
        });
        assertThat(flows.size()).as("flows of hers, and more").isGreaterThan(2);
        assertThat(flows)
                .allSatisfy(flow -> assertThat(flow.settings().rounds()).isLessThanOrEqualTo(5));
        Section part = draft.plan().sections().stream()
                .filter(section -> section.role() == SectionRole.PEAK)
                .findFirst()
                .orElseThrow();
        assertThat(new NotationWriter(CATALOGUE)
                        .write(new ClassPlan(draft.plan().settings(), List.of(part))))
                .contains("Way out:");
        assertThat(draft.report().findings())
                .filteredOn(finding -> finding.severity() != Severity.INFO)
                .extracting(Finding::rule)
                .doesNotContain("preparation", "prop-fetch", "counterpose", "step-between");
    }

    /** Without open time the doses are fitted: hers, and not the rounds of a phrase, whose growth is written for them. */
    @Test
    void wherePhrasesArePutInTheFitLeavesTheirRounds() {
        ClassPlan closed = Notation.plan(new NotationWriter(CATALOGUE)
                .write(HALF)
                .replace("easy seat, 2 min open", "easy seat, 5-20 breaths, at 8"));
        Set<NodeId> own = Set.copyOf(names(closed));
        Draft draft = COMPOSER.leadThere(closed, Brief.to("crow", 60, Style.VINYASA, Level.INTERMEDIATE))
                .orElseThrow();
        List<Integer> rounds = new ArrayList<>();
        draft.plan().walk(node -> {
            if (node instanceof Flow flow && !own.contains(flow.id()))
                rounds.add(flow.settings().rounds());
        });
        assertThat(rounds).hasSizeGreaterThan(1).isSubsetOf(1, 3);
        assertThat(draft.totalMs()).isBetween(3_570_000L, 3_630_000L);
    }

    @Test
    void whatIsHersKeepsItsWordsAndItsDose() {
        Draft draft = halfLed("half-moon");
        for (Section section : HALF.sections()) {
            Section now = (Section) draft.plan().find(section.id()).orElseThrow();
            assertThat(now.texts().note()).endsWith(section.texts().note());
            for (Item item : section.items()) {
                if (item instanceof Flow) assertThat(now.items()).contains(item);
                else
                    assertThat(((Step) draft.plan().find(item.id()).orElseThrow()).pose())
                            .isEqualTo(((Step) item).pose());
            }
        }
        // within the range she leaves open the fit may choose
        assertThat(new NotationWriter(CATALOGUE).write(draft.plan())).contains("triangle, both, 4-6 breaths, at ");
    }

    @Test
    void whereMostOfTheSlotIsTakenTheLessonIsAShortOne() {
        Draft whole = halfLed("half-moon");
        ClassPlan nearlyFull =
                Notation.plan(new NotationWriter(CATALOGUE).write(HALF).replace("60 min", "25 min"));
        Draft draft = COMPOSER.leadThere(nearlyFull, Brief.to("half-moon", 25, Style.VINYASA, Level.INTERMEDIATE))
                .orElseThrow();
        List<String> poses = Sequences.poses(draft.plan());
        assertThat(poses)
                .contains("half-moon")
                .hasSizeLessThan(Sequences.poses(whole.plan()).size());
    }

    /** Classes of all kinds, most of them full: hers stays, in its order, and what is put in makes a plan. */
    @Test
    void anyClassCanBeLedToAPeak() throws IOException {
        List<String> peaks = List.of("half-moon", "crow", "bow", "seated-forward-fold");
        List<Path> files;
        try (Stream<Path> all = Files.list(Path.of("src/test/resources/checks/clean"))) {
            files = all.sorted().toList();
        }
        int led = 0;
        for (int i = 0; i < files.size(); i += 2) {
            // some begin with their group
            String text = Files.readString(files.get(i));
            ClassPlan plan = Notation.plan(text.substring(text.indexOf("class:")));
            ClassSettings settings = plan.settings();
            Brief brief = Brief.to(
                    peaks.get(i / 2 % peaks.size()),
                    Math.max(Brief.MINUTES.least(), settings.slotMinutes()),
                    settings.style(),
                    settings.level());
            Optional<Draft> draft = COMPOSER.leadThere(plan, brief);
            if (draft.isEmpty()) continue;
            led++;
            ClassPlan now = draft.get().plan();
            String which = files.get(i).getFileName() + " to " + brief.peak();
            assertThat(names(now)).as(which).doesNotHaveDuplicates().containsSubsequence(names(plan));
            assertThat(PlanRules.brokenIn(now, CATALOGUE)).as(which).isEmpty();
            assertThat(Sequences.poses(now))
                    .as(which)
                    .contains(draft.get().goal().pose().id());
            assertThat(now.sections().stream()
                            .filter(section -> section.role() == SectionRole.PEAK)
                            .flatMap(section -> section.items().stream()))
                    .as(which + ": the peak is in its part")
                    .isNotEmpty();
        }
        assertThat(led).isGreaterThan(10);
    }

    @Test
    void whatIsNewComesToTheStandingPartAndNotBehindThePeakThatWasThere() {
        ClassPlan tree = Notation.plan(new NotationWriter(CATALOGUE)
                .write(HALF)
                .replace("cool-down:", "peak:\ntree, both, 5 breaths\n\ncool-down:"));
        Draft draft = COMPOSER.leadThere(tree, Brief.to("half-moon", 60, Style.VINYASA, Level.INTERMEDIATE))
                .orElseThrow();
        List<Section> peaks = draft.plan().sections().stream()
                .filter(section -> section.role() == SectionRole.PEAK)
                .toList();
        assertThat(peaks).hasSize(1);
        assertThat(((Step) peaks.get(0).items().get(0)).pose()).isEqualTo("tree");
        assertThat(peaks.get(0).items())
                .noneMatch(item -> item instanceof Flow flow && flow.settings().rounds() > 1);
        assertThat(Sequences.poses(new ClassPlan(tree.settings(), peaks))).contains("half-moon");
    }

    @Test
    void aPeakThatIsNotAllowedLeadsToARungOfIt() {
        Draft draft = led("handstand");
        assertThat(draft.goal().isAsAsked()).isFalse();
        assertThat(draft.stops()).isNotEmpty();
        assertThat(Sequences.poses(draft.plan())).contains(draft.goal().pose().id());
    }
}
