package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.notation.LineReader;
import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.web.plans.edit.LineEdit;
import gurukram.web.plans.edit.TreeEdit;
import gurukram.web.plans.field.FieldEdit;
import gurukram.web.plans.spine.Row;
import gurukram.web.plans.spine.StepRows;
import gurukram.web.shared.WrongRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the page's fields, keys and typed lines do to a plan. */
class EditsTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private final Random random = new Random(3);
    private final Supplier<NodeId> ids = () -> NodeId.random(random);
    private final ClassPlan plan = typed(
            "section arrive",
            "easy seat, 3 min open",
            "section standing",
            "tree, both, 5 breaths",
            "flow tide, 3 rounds",
            "high lunge",
            "warrior 2",
            "end flow",
            "bridge, 10 reps x 2, rest 40 s");

    private ClassPlan typed(String... lines) {
        String text = "class: Test\n- 60 min, hatha, beginner\n" + String.join("\n", lines);
        return new NotationReader(CATALOGUE, ids).read(text).planOrRefused();
    }

    /** The plan as one line a node: what a teacher sees. */
    private static List<String> seen(ClassPlan plan) {
        List<String> seen = new ArrayList<>();
        plan.walk(node -> seen.add(words(node)));
        return seen;
    }

    private static String words(Node node) {
        if (node instanceof Step s) return s.pose() + " " + s.sides().words() + " " + s.dose();
        if (node instanceof Flow f)
            return "flow " + f.settings().name() + " " + f.settings().rounds();
        return ((Section) node).title();
    }

    private NodeId node(ClassPlan in, String words) {
        List<NodeId> found = new ArrayList<>();
        in.walk(n -> {
            if (words(n).startsWith(words)) found.add(n.id());
        });
        return found.get(0);
    }

    private ClassPlan field(String words, String field, String value) {
        return new FieldEdit(node(plan, words), field, value, Level.BEGINNER, false, CATALOGUE, NodeNames.numbers())
                .on(plan)
                .edit()
                .applyTo(plan);
    }

    private ClassPlan tree(ClassPlan in, TreeEdit.What what, String words) {
        var edit = new TreeEdit(what, List.of(node(in, words)), CATALOGUE, ids)
                .on(in)
                .edit();
        return edit == null ? in : edit.applyTo(in);
    }

    @ParameterizedTest
    @CsvSource({
        "tree, dose, 8, tree both 8 breaths",
        "tree, unit, seconds, tree both 30 s",
        "tree, unit, in, tree both in",
        "tree, say, '{lead} foot roots', tree both 5 breaths",
        "tree, dose, 1:30, tree both 90 s",
        "tree, sides, 'both, left first', 'tree both, left first 5 breaths'",
        "easy-seat, dose, 90, easy-seat none 90 s open",
        "easy-seat, dose, 4 min open, easy-seat none 4 min open",
        "bridge, dose, 12, 'bridge none 12 reps x 2, rest 40 s'",
        "bridge, dose, '10 reps x 3, rest 40 s', 'bridge none 10 reps x 3, rest 40 s'",
        "bridge, dose, '10 reps x 2, 2.5 s each', 'bridge none 10 reps x 2, 2.5 s each'",
        "flow tide, rounds, 108, flow tide 108",
        "flow tide, name, Wave, flow Wave 3",
        "Standing, name, Wide, Wide",
        "Standing, role, PEAK, Peak"
    })
    void aFieldChangesItsNode(String node, String field, String value, String after) {
        assertThat(seen(field(node, field, value)))
                .contains(after)
                .hasSize(seen(plan).size());
    }

    @ParameterizedTest
    @CsvSource({
        "tree, dose, 0",
        "tree, dose, ''",
        "tree, dose, lots",
        "easy-seat, dose, 7201",
        "easy-seat, dose, soon",
        "bridge, dose, 201",
        "bridge, dose, 10 reps x 0",
        "bridge, dose, 'lots, rest 601 s'",
        "tree, sides, sideways",
        "flow tide, rounds, 109",
        "flow tide, position, 0.5",
        "flow tide, position, fast",
        "flow tide, position, 61",
        "bridge, say, '{lead} foot up'",
        "tree, say, '{leed} foot up'"
    })
    void aValueThatCannotBeIsRefused(String node, String field, String value) {
        assertThatThrownBy(() -> field(node, field, value)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"title, ''", "slot, 4", "slot, 241", "slot, an hour"})
    void aSettingThatCannotBeIsRefused(String field, String value) {
        FieldEdit edit =
                new FieldEdit(NodeId.CLASS, field, value, Level.BEGINNER, false, CATALOGUE, NodeNames.numbers());
        assertThatThrownBy(() -> edit.on(plan)).isInstanceOf(Refused.class);
    }

    @Test
    void aFieldNoPageHasIsAWrongRequest() {
        for (String node : List.of("tree", "flow tide", "Standing")) {
            assertThatThrownBy(() -> field(node, "colour", "red")).isInstanceOf(WrongRequest.class);
        }
    }

    @Test
    void aDoseAtAnotherLevelLeavesTheBaseLine() {
        NodeId tree = node(plan, "tree");
        ClassPlan after = new FieldEdit(
                        tree, "dose", "9 breaths", Level.ADVANCED, false, CATALOGUE, NodeNames.numbers())
                .on(plan)
                .edit()
                .applyTo(plan);
        Step step = (Step) after.find(tree).orElseThrow();
        assertThat(step.dose()).hasToString("5 breaths");
        assertThat(step.doseFor(Level.ADVANCED)).hasToString("9 breaths");
        ClassPlan back = new FieldEdit(tree, "same", "", Level.ADVANCED, false, CATALOGUE, NodeNames.numbers())
                .on(after)
                .edit()
                .applyTo(after);
        assertThat(back).isEqualTo(plan);
    }

    @Test
    void aStepMovesThroughItsSectionAndIntoTheNext() {
        ClassPlan up = tree(plan, TreeEdit.What.UP, "tree");
        assertThat(seen(up).subList(0, 4))
                .containsExactly("Arrive", "easy-seat none 3 min open", "tree both 5 breaths", "Standing");
        assertThat(tree(up, TreeEdit.What.DOWN, "tree")).isEqualTo(plan);
        assertThat(tree(plan, TreeEdit.What.UP, "easy-seat")).isEqualTo(plan);
        assertThat(tree(plan, TreeEdit.What.DOWN, "bridge")).isEqualTo(plan);
        assertThat(tree(plan, TreeEdit.What.UP, "Arrive")).isEqualTo(plan);
        assertThat(seen(tree(plan, TreeEdit.What.DOWN, "Arrive")).get(0)).isEqualTo("Standing");
    }

    @Test
    void aStepThatLeavesItsFlowGetsSidesOfItsOwn() {
        assertThat(seen(tree(plan, TreeEdit.What.UP, "high-lunge")).subList(3, 6))
                .containsExactly("tree both 5 breaths", "high-lunge both in", "flow tide 3");
        assertThat(seen(tree(plan, TreeEdit.What.DOWN, "warrior-2")).subList(4, 7))
                .containsExactly("flow tide 3", "high-lunge lead in", "warrior-2 both out");
    }

    @Test
    void doublingCopiesAllThatIsInsideUnderNewNames() {
        ClassPlan twice = tree(plan, TreeEdit.What.DUPLICATE, "Standing");
        assertThat(seen(twice)).hasSize(seen(plan).size() + 6);
        List<NodeId> all = new ArrayList<>();
        twice.walk(n -> all.add(n.id()));
        assertThat(all).doesNotHaveDuplicates();
        assertThat(seen(tree(plan, TreeEdit.What.REMOVE, "flow")))
                .hasSize(seen(plan).size() - 3);
    }

    @Test
    void aLineGoesAfterTheMarkedRow() {
        assertThat(seen(line("mountain", node(plan, "tree").value())).get(4)).startsWith("mountain");
        assertThat(seen(line("chair", node(plan, "Arrive").value())).get(2)).startsWith("chair");
        assertThat(seen(line("tree", node(plan, "high-lunge").value())).get(6)).isEqualTo("tree lead in");
        assertThat(seen(line("chair", node(plan, "flow").value())).get(7)).isEqualTo("chair none in");
        assertThat(seen(line("chair, 3 breaths", "after-" + node(plan, "flow"))).get(7))
                .isEqualTo("chair none 3 breaths");
        assertThat(seen(line("section peak", node(plan, "high-lunge").value())))
                .last()
                .isEqualTo("Peak");
        assertThat(seen(line("flow, 2 rounds", node(plan, "high-lunge").value()))
                        .get(7))
                .isEqualTo("flow  2");
        assertThat(seen(line("chair", "gone"))).last().asString().startsWith("chair");
    }

    @Test
    void aFirstLineMakesItsSection() {
        ClassPlan empty = new ClassPlan(plan.settings(), List.of());
        LineEdit edit = new LineEdit(
                "tree",
                "",
                Level.BEGINNER,
                School.UNSET,
                new LineReader(CATALOGUE, NodeNames.numbers()),
                CATALOGUE,
                ids);
        assertThat(seen(edit.on(empty).edit().applyTo(empty))).containsExactly("Standing", "tree both 3 breaths");
        LineEdit end = new LineEdit(
                "end flow",
                "",
                Level.BEGINNER,
                School.UNSET,
                new LineReader(CATALOGUE, NodeNames.numbers()),
                CATALOGUE,
                ids);
        assertThatThrownBy(() -> end.on(empty)).isInstanceOf(Refused.class);
    }

    private ClassPlan line(String text, String at) {
        return new LineEdit(
                        text,
                        at,
                        Level.BEGINNER,
                        School.UNSET,
                        new LineReader(CATALOGUE, NodeNames.numbers()),
                        CATALOGUE,
                        ids)
                .on(plan)
                .edit()
                .applyTo(plan);
    }

    @Test
    void aRowShowsWhatItsLevelDoes() {
        ClassPlan plan = typed("tree, both, 5 breaths", "- advanced: half moon, 3 breaths", "- beginner: leave out");
        assertThat(row(plan, Level.INTERMEDIATE).name()).isEqualTo("Tree");
        assertThat(row(plan, Level.INTERMEDIATE).differs()).isFalse();
        assertThat(row(plan, Level.ADVANCED).name()).isEqualTo("Half moon");
        assertThat(row(plan, Level.ADVANCED).under()).startsWith("● instead of tree");
        assertThat(row(plan, Level.BEGINNER).under()).startsWith("● left out at this level");
        assertThat(row(plan, Level.BEGINNER).length()).isEqualTo("0:00");
    }

    private static Row.StepRow row(ClassPlan plan, Level level) {
        Score score = new Unfolder(CATALOGUE, Pace.defaults()).unfold(plan, level);
        StepRows rows = new StepRows(CATALOGUE, new View(level), score.totals(), List.of(), null);
        return rows.row((Step) plan.sections().get(0).items().get(0), null, "section", false);
    }
}
