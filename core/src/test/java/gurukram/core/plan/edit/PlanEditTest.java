package gurukram.core.plan.edit;

import static gurukram.core.Plans.breaths;
import static gurukram.core.Plans.id;
import static gurukram.core.Plans.section;
import static gurukram.core.Plans.step;
import static gurukram.core.Plans.vinyasa;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class PlanEditTest {
    private final Step tree = step("tree", "both", "5 breaths");
    private final Step warrior = step("warrior-2", "lead", "in");
    private final Flow flow = Flow.of(id(), FlowSettings.of(3), warrior);
    private final Section standing = section(tree, flow);
    private final Section rest = section(step("corpse", "none", "5 min"));
    private final ClassPlan plan = vinyasa(standing, rest);

    @Test
    void changingAFlowKeepsItsSteps() {
        ClassPlan changed = new PlanEdit.Change(flow.with(flow.settings().withRounds(5))).applyTo(plan);
        Flow after = (Flow) changed.find(flow.id()).orElseThrow();
        assertThat(after.settings().rounds()).isEqualTo(5);
        assertThat(after.steps()).containsExactly(warrior);
    }

    @Test
    void aStepMovesBetweenParents() {
        ClassPlan moved = new PlanEdit.Move(tree.id(), flow.id(), warrior.id()).applyTo(plan);
        assertThat(moved.placeOf(tree.id())).contains(new Place(flow.id(), warrior.id()));
        assertThat(moved.sections().get(0).items()).hasSize(1);
    }

    @Test
    void whatIsGoneIsSaidAndNothingStandsWhereItCannot() {
        NodeId gone = new NodeId("gone");
        assertThatThrownBy(() -> new PlanEdit.Remove(gone).applyTo(plan)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PlanEdit.Insert(gone, null, tree).applyTo(plan))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PlanEdit.Insert(standing.id(), gone, tree).applyTo(plan))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PlanEdit.Move(flow.id(), flow.id(), null).applyTo(plan))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PlanEdit.Insert(flow.id(), null, rest).applyTo(plan))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new PlanEdit.Insert(NodeId.CLASS, null, tree).applyTo(plan))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void removingTouchesAllThatIsInside() {
        assertThat(new PlanEdit.Remove(standing.id()).touches(plan))
                .containsExactlyInAnyOrder(standing.id(), tree.id(), flow.id(), warrior.id());
    }

    /** Random edits, one after the other, taken back in turn give the plan they began with; each survives being stored. */
    @Property(tries = 200)
    void everyEditHasAnExactInverse(@ForAll long seed) {
        Random random = new Random(seed);
        ClassPlan now = plan;
        List<PlanEdit> inverses = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            PlanEdit edit = randomEdit(now, random);
            inverses.add(0, PlanJson.readEdit(PlanJson.write(edit.inverse(now))));
            now = PlanJson.readEdit(PlanJson.write(edit)).applyTo(now);
            assertThat(PlanJson.read(PlanJson.write(now))).isEqualTo(now);
        }
        for (PlanEdit inverse : inverses) now = inverse.applyTo(now);
        assertThat(now).isEqualTo(plan);
    }

    private static PlanEdit randomEdit(ClassPlan plan, Random random) {
        List<Node> nodes = new ArrayList<>();
        plan.walk(nodes::add);
        if (nodes.isEmpty()) return new PlanEdit.Insert(NodeId.CLASS, null, section());
        Node node = nodes.get(random.nextInt(nodes.size()));
        Node other = nodes.get(random.nextInt(nodes.size()));
        return switch (random.nextInt(6)) {
            case 0 -> new PlanEdit.Remove(node.id());
            case 1 ->
                node instanceof Step || other instanceof Step
                        ? new PlanEdit.Insert(
                                NodeId.CLASS, plan.sections().get(0).id(), section())
                        : new PlanEdit.Insert(node.id(), null, step("chair", "none", "3 breaths"));
            case 2 ->
                node instanceof Step && !(other instanceof Step)
                        ? new PlanEdit.Move(node.id(), other.id(), null)
                        : new PlanEdit.Settings(plan.settings().withSlotMinutes(20 + random.nextInt(70)));
            case 4 ->
                new PlanEdit.Together(List.of(
                        new PlanEdit.Change(changed(node, random)),
                        new PlanEdit.Settings(plan.settings().with(Theme.titled("Theme " + random.nextInt(9))))));
            case 3 -> new PlanEdit.Change(changed(node, random));
            default -> new PlanEdit.Settings(plan.settings().withTitle("Title " + random.nextInt(9)));
        };
    }

    private static Node changed(Node node, Random random) {
        if (node instanceof Step step)
            return step.withDose(breaths(1 + random.nextInt(9))).withDoseFor(Level.BEGINNER, breaths(2));
        if (node instanceof Flow flow) return flow.with(flow.settings().withRounds(1 + random.nextInt(9)));
        Section section = (Section) node;
        return section.with(SectionRole.PEAK)
                .withName("Named " + random.nextInt(9))
                .with(Cueing.EXPLAINED);
    }

    @Test
    void aLevelsDoseThatEqualsTheBaseLineIsNoDifference() {
        assertThat(tree.withDoseFor(Level.ADVANCED, breaths(5)).layers()).isEmpty();
        assertThat(tree.withDoseFor(Level.ADVANCED, breaths(8)).doseFor(Level.ADVANCED))
                .isEqualTo(breaths(8));
    }

    @Test
    void aDocumentOfALaterSchemaIsRefused() {
        String later = PlanJson.write(plan).replace("\"schema\":" + PlanJson.SCHEMA, "\"schema\":99");
        assertThatThrownBy(() -> PlanJson.read(later)).hasMessageContaining("schema 99");
        assertThatThrownBy(() -> PlanJson.read("{\"schema\":1,\"settings\":7}"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void rulesRefuseWhatCannotBeUnfolded() {
        refused(vinyasa(section(warrior)), "outside a flow");
        refused(vinyasa(section(flow.with(flow.settings().with(FlowSides.Counting.NO_SIDES)))), "needs sides");
        refused(vinyasa(section(step("mountain", "both", "3 breaths"))), "same on both sides");
        refused(vinyasa(section(step("tree", "none", "3 breaths"))), "a right and a left");
        Flow long_ = new Flow(
                id(),
                FlowSettings.of(108),
                IntStream.range(0, 100).mapToObj(i -> warrior.named(id())).toList());
        refused(vinyasa(section(long_)), "moments");
        assertThat(PlanRules.check(plan, Plans.CATALOGUE)).isSameAs(plan);
    }

    private static void refused(ClassPlan plan, String words) {
        assertThatThrownBy(() -> PlanRules.check(plan, Plans.CATALOGUE))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(words);
    }

    @Test
    void openTimeAloneNeedsNoPose() {
        assertThatThrownBy(() -> Step.of(id(), null, new SideRule.None(), breaths(3)))
                .isInstanceOf(Refused.class);
        Step open = Step.of(id(), null, new SideRule.None(), new Dose.Open(60));
        assertThat(open.pose()).isNull();
        assertThat(open.withDoseFor(Level.ADVANCED, new Dose.Open(90)).layers()).hasSize(1);
        assertThatThrownBy(() -> open.withDoseFor(Level.ADVANCED, breaths(3))).isInstanceOf(Refused.class);
    }

    @Test
    void joinsAreReadAsTheyAreWritten() {
        for (Join join : List.of(
                new Join.Separate(),
                new Join.Shared(0, 1),
                new Join.Shared(2, 3),
                new Join.Rested(10, Join.Rested.Unit.SECONDS),
                new Join.Rested(1, Join.Rested.Unit.BREATHS),
                new Join.Rested(2, Join.Rested.Unit.HALF_BREATHS))) {
            assertThat(Join.parse(join.words())).isEqualTo(join);
        }
        assertThat(Join.parse("Linked")).isEqualTo(new Join.Shared(1, 1));
        for (String wrong : List.of("", "glued", "shared 0 0", "shared 99 1", "rest 0 s", "rest 601 breaths")) {
            assertThatThrownBy(() -> Join.parse(wrong)).isInstanceOf(Refused.class);
        }
    }

    @Test
    void aFlowKeepsItsJoinsLinksAndPacesWhenStored() {
        Link link = Link.of(id(), new When(Set.of(), Rounds.of(2, 3), 1), true, step("plank", "none", "out"));
        Flow whole = new Flow(
                id(),
                FlowSettings.of(4)
                        .withJoins(new Join.Shared(0, 1), new Join.Rested(5, Join.Rested.Unit.SECONDS))
                        .withPaceByRound(List.of(TypedPace.position(4_000), TypedPace.position(3_000))),
                List.of(warrior, step("chair", "none", "out")),
                List.of(link),
                Texts.NONE,
                Marks.NONE,
                Tags.NONE);
        ClassPlan kept = vinyasa(section(
                whole,
                step("knees-side-to-side", "alternating, left first", "12 reps").withPace(TypedPace.position(5_000))));
        assertThat(PlanRules.check(PlanJson.read(PlanJson.write(kept)), Plans.CATALOGUE))
                .isEqualTo(kept);
        // a step taken out of its link and put back stands where it stood
        PlanEdit out = new PlanEdit.Remove(link.steps().get(0).id());
        assertThat(out.inverse(kept).applyTo(out.applyTo(kept))).isEqualTo(kept);
    }

    @Test
    void sideToSideAndRoundsThatCannotBeAreRefused() {
        refused(vinyasa(section(step("knees-side-to-side", "alternating", "5 breaths"))), "goes with repetitions");
        assertThatThrownBy(() -> Rounds.of(3, 2)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new When(Set.of(), null, 3)).isInstanceOf(Refused.class);
    }
}
