package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.notation.LineReader;
import gurukram.core.notation.NamedFlows;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.edit.LineEdit;
import gurukram.web.plans.edit.MoveEdit;
import gurukram.web.plans.edit.MoveEdit.Where;
import gurukram.web.plans.edit.PasteEdit;
import gurukram.web.plans.edit.PastedText;
import gurukram.web.plans.edit.TreeEdit;
import gurukram.web.plans.edit.TreeEdit.What;
import gurukram.web.plans.field.FieldEdit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Moving, gathering, copying and pasting parts of a class. */
class PartsTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private final Random random = new Random(5);
    private final Supplier<NodeId> ids = () -> NodeId.random(random);
    private final ClassPlan plan = plan(
            "arrive:",
            "easy seat, 3 min open",
            "standing:",
            "tree, both, 5 breaths",
            "chair, 3 breaths",
            "flow \"tide\", 3 rounds, both sides, lead is the foot back first",
            "  high lunge, in",
            "  warrior 2, out",
            "  - round 2: reverse warrior",
            "triangle, both, 4 breaths",
            "rest:",
            "final rest, 5 min");

    private ClassPlan plan(String... lines) {
        String text = "class: Test\n- 60 min, vinyasa, beginner\n" + String.join("\n", lines);
        return new NotationReader(CATALOGUE, ids).read(text).planOrRefused();
    }

    private static String written(ClassPlan plan) {
        String text = new NotationWriter(CATALOGUE).write(plan);
        return text.substring(text.indexOf("arrive:"));
    }

    private List<NodeId> nodes(ClassPlan in, String... names) {
        List<NodeId> found = new ArrayList<>();
        for (String name : names)
            in.walk(node -> {
                if (name.equals(name(node))) found.add(node.id());
            });
        assertThat(found).as(Arrays.toString(names)).hasSameSizeAs(names);
        return found;
    }

    private static String name(Node node) {
        if (node instanceof Step step) return step.pose();
        if (node instanceof Flow flow) return flow.settings().name();
        return node instanceof Section section ? section.title() : "";
    }

    private ClassPlan done(EditRequest request) {
        var edit = request.on(plan).edit();
        ClassPlan after = PlanRules.check(edit.applyTo(plan), CATALOGUE);
        assertThat(edit.inverse(plan).applyTo(after)).as("undone").isEqualTo(plan);
        return after;
    }

    private ClassPlan tree(What what, String... names) {
        return done(new TreeEdit(what, nodes(plan, names), CATALOGUE, ids));
    }

    private ClassPlan move(String target, Where where, String... names) {
        return done(new MoveEdit(nodes(plan, names), nodes(plan, target).get(0), where, CATALOGUE));
    }

    private ClassPlan paste(String at, String... lines) {
        String place = at.isEmpty() ? "" : nodes(plan, at).get(0).value();
        return done(new PasteEdit(String.join("\n", lines), place, CATALOGUE, ids));
    }

    private static List<String> order(ClassPlan plan) {
        List<String> order = new ArrayList<>();
        plan.walk(node -> {
            if (!name(node).isEmpty()) order.add(name(node));
        });
        order.remove("reverse-warrior");
        return order;
    }

    @Test
    void stepsBecomeAFlowWithTheUsualSidesAndBecomeStepsAgain() {
        ClassPlan gathered = tree(What.GATHER, "tree", "chair");
        assertThat(written(gathered))
                .contains("flow, 1 round, both sides, right first\n  tree, lead, 5 breaths\n  chair, 3 breaths\n");
        NodeId flow = gathered.sections().get(1).items().get(0).id();
        var out = new TreeEdit(What.LET_OUT, List.of(flow), CATALOGUE, ids)
                .on(gathered)
                .edit();
        assertThat(out.applyTo(gathered)).isEqualTo(plan);
        assertThat(out.inverse(gathered).applyTo(plan)).isEqualTo(gathered);
    }

    @Test
    void onlyWhatCanBeIsGatheredOrLetOut() {
        assertThatThrownBy(() -> tree(What.GATHER, "tree", "tide")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> tree(What.GATHER, "tree", "corpse")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> tree(What.GATHER, "high-lunge")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> tree(What.LET_OUT, "tree")).isInstanceOf(Refused.class);
        // what only a flow can have is not thrown away
        assertThatThrownBy(() -> tree(What.LET_OUT, "tide"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("changes for rounds");
    }

    @Test
    void severalPartsMoveAndGoTogether() {
        assertThat(order(tree(What.DOWN, "tree", "chair")))
                .containsSubsequence("tide", "high-lunge", "warrior-2", "tree", "chair", "triangle");
        assertThat(order(tree(What.UP, "tree", "chair")))
                .containsSubsequence("easy-seat", "tree", "chair", "Standing", "tide");
        assertThat(order(tree(What.REMOVE, "tree", "tide", "high-lunge")))
                .containsExactly("Arrive", "easy-seat", "Standing", "chair", "triangle", "Rest", "corpse");
    }

    @Test
    void aMirroredCopyBeginsOnTheOtherSide() {
        assertThat(written(tree(What.MIRROR, "tree")))
                .contains("tree, both, 5 breaths\ntree, both, left first, 5 breaths\n");
        assertThat(order(tree(What.DUPLICATE, "tree", "chair")))
                .containsSubsequence("tree", "chair", "tree", "chair", "tide");
        assertThat(written(tree(What.MIRROR, "tide"))).contains("flow \"tide\", 3 rounds, both sides, left first");
    }

    @Test
    void draggedPartsComeToStandWhereTheyAreDropped() {
        assertThat(order(move("tree", Where.BEFORE, "triangle"))).containsSubsequence("Standing", "triangle", "tree");
        assertThat(order(move("Arrive", Where.AFTER, "triangle")))
                .containsSubsequence("Arrive", "triangle", "easy-seat");
        assertThat(order(move("Rest", Where.BEFORE, "tree"))).containsSubsequence("triangle", "tree", "Rest");
        assertThat(order(move("tide", Where.BEHIND, "tree"))).containsSubsequence("warrior-2", "tree", "triangle");
        assertThat(order(move("Rest", Where.AFTER, "Arrive"))).containsSubsequence("corpse", "Arrive", "easy-seat");
        assertThat(order(move("high-lunge", Where.AFTER, "chair", "triangle")))
                .containsSubsequence("high-lunge", "chair", "triangle", "warrior-2");
        assertThat(order(move("warrior-2", Where.BEFORE, "tree", "chair")))
                .containsSubsequence("high-lunge", "tree", "chair", "warrior-2");
    }

    @Test
    void aStepFollowsTheLeadInAFlowAndHasBothSidesOutsideIt() {
        assertThat(written(move("high-lunge", Where.AFTER, "triangle"))).contains("  triangle, other, 4 breaths\n");
        assertThat(written(move("tree", Where.BEFORE, "high-lunge"))).contains("high lunge, both, left first, in\n");
    }

    @Test
    void whatCannotStandThereIsRefused() {
        assertThatThrownBy(() -> move("Arrive", Where.BEFORE, "tree")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> move("high-lunge", Where.AFTER, "tree", "Arrive"))
                .isInstanceOf(Refused.class);
        NodeId tide = nodes(plan, "tide").get(0);
        NodeId inside = nodes(plan, "high-lunge").get(0);
        assertThat(new MoveEdit(List.of(tide), inside, Where.AFTER, CATALOGUE)
                        .on(plan)
                        .edit())
                .as("a part does not move into itself")
                .isNull();
        List<NodeId> gone = List.of(new NodeId("gone"));
        assertThatThrownBy(() -> new MoveEdit(gone, inside, Where.AFTER, CATALOGUE).on(plan))
                .isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"tree", "tide", "Standing", "high-lunge", "warrior-2", "chair"})
    void whatIsCopiedAsTextIsPastedAsItWas(String name) {
        Node node = plan.find(nodes(plan, name).get(0)).orElseThrow();
        String text = PastedText.write(List.of(node), CATALOGUE);
        ClassPlan after = paste(name, text);
        List<String> twice = new ArrayList<>(written(after).lines().toList());
        assertThat(twice).hasSize((int)
                (written(plan).lines().count() + text.lines().count() + (name.equals("Standing") ? 1 : 0)));
        text.lines()
                .forEach(line -> assertThat(twice.stream().map(String::strip).filter(line.strip()::equals))
                        .as(line)
                        .hasSizeGreaterThanOrEqualTo(2));
    }

    @Test
    void pastedLinesGoWhereTheyFit() {
        assertThat(order(paste("tree", "half moon, both, 3 breaths", "mountain")))
                .containsSubsequence("tree", "half-moon", "mountain", "chair");
        assertThat(order(paste("high-lunge", "plank, out"))).containsSubsequence("high-lunge", "plank", "warrior-2");
        assertThat(order(paste("high-lunge", "flow, 2 rounds", "  plank, out")))
                .containsSubsequence("warrior-2", "plank", "triangle");
        assertThat(order(paste("tree", "mountain", "peak:", "half moon, both, 3 breaths")))
                .containsSubsequence("tree", "mountain", "chair", "triangle", "Peak", "half-moon", "Rest");
        assertThat(written(paste("tree", "high lunge, lead, in", "- round 2: plank")))
                .contains("flow, 1 round, both sides, right first\n  high lunge, lead, in\n");
        ClassPlan empty = new ClassPlan(plan.settings(), List.of());
        PasteEdit first = new PasteEdit("tree\nchair", "", CATALOGUE, ids);
        assertThat(order(first.on(empty).edit().applyTo(empty))).containsExactly("Standing", "tree", "chair");
    }

    @Test
    void whatIsNotClearIsNotPasted() {
        for (String text : List.of("", "warior", "tree\nhaf moon", "flow, 0 rounds")) {
            PasteEdit edit = new PasteEdit(text, "", CATALOGUE, ids);
            assertThatThrownBy(() -> edit.on(plan)).as(text).isInstanceOf(Refused.class);
        }
    }

    @Test
    void notesAreReadLineByLineWithTheNumbersOfTheirLines() {
        PastedText read =
                PastedText.read("tree, 5b each side\n\nwarrior\nchair", null, CATALOGUE, NamedFlows.ours(), ids);
        assertThat(read.isClear()).isFalse();
        assertThat(read.reading().lines()).extracting(line -> line.number()).containsExactly(1, 3, 4);
        assertThat(read.reading().problems()).singleElement().satisfies(problem -> {
            assertThat(problem.line()).isEqualTo(3);
            assertThat(problem.problem().offers()).contains("warrior 1", "warrior 2");
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tree | - locked | - locked",
                "tree | - advanced: 8 breaths | - advanced: 8 breaths",
                "high-lunge | - round 2: plank | - round 2: plank",
                "tide | - optional | - optional",
                "warrior-2 | link, round 3 | link, round 3",
            })
    void aTypedLineMaySayMoreOfWhatIsMarked(String at, String line, String written) {
        LineEdit edit = new LineEdit(
                line,
                nodes(plan, at).get(0).value(),
                Level.BEGINNER,
                School.UNSET,
                new LineReader(CATALOGUE, ids),
                CATALOGUE,
                ids);
        assertThat(written(edit.on(plan).edit().applyTo(plan)).lines().map(String::strip))
                .anySatisfy(found -> assertThat(found).startsWith(written));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"Arrive | - locked", "tree | - round 2: plank", "tree | link, round 2"})
    void aMarkThatSaysNothingThereIsRefused(String at, String line) {
        LineEdit edit = new LineEdit(
                line,
                nodes(plan, at).get(0).value(),
                Level.BEGINNER,
                School.UNSET,
                new LineReader(CATALOGUE, ids),
                CATALOGUE,
                ids);
        assertThatThrownBy(() -> PlanRules.check(edit.on(plan).edit().applyTo(plan), CATALOGUE))
                .isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tree | pose | half moon | half moon, both, 5 breaths",
                "tree | pose | chair | chair, 5 breaths",
                "chair | pose | tree | tree, both, 3 breaths",
                "high-lunge | pose | prayer stand | prayer stand, in",
                "tree | say | root down | - say: root down",
                "tree | thread | steady | - thread: steady",
                "tree | locked | yes | - locked",
                "tree | priority | 3 | - priority 3",
                "tide | mode-1 | LEARN | flow \"tide\", 3 rounds, 1 learn, 2 breath, both sides",
                "tide | pace-2 | 3.5 | paces 3.5/3.5 s",
                "tide | round-join | rest 1 breath | between rounds rest 1 breath",
                "tide | optional | yes | - optional",
                "Standing | note | warm the room | - note: warm the room"
            })
    void theRarerFieldsChangeWhatTheySay(String at, String field, String value, String line) {
        FieldEdit edit = new FieldEdit(nodes(plan, at).get(0), field, value, Level.BEGINNER, false, CATALOGUE, ids);
        assertThat(written(done(edit))).contains(line);
    }

    @ParameterizedTest
    @CsvSource({
        "tree, pose, haf moon",
        "tree, pose, ''",
        "tree, priority, 12",
        "tide, pace-1, soon",
        "tide, round-join, loosely"
    })
    void aRarerFieldIsRefusedWithWords(String at, String field, String value) {
        FieldEdit edit = new FieldEdit(nodes(plan, at).get(0), field, value, Level.BEGINNER, false, CATALOGUE, ids);
        assertThatThrownBy(() -> edit.on(plan)).isInstanceOf(Refused.class);
    }

    @Test
    void theSettingsOfTheClassAreFieldsToo() {
        for (String[] set : new String[][] {
            {"peak", "half moon"},
            {"starts", "18:30"},
            {"mixed", "yes"},
            {"begins", "LEFT"},
            {"school", "no holds"},
            {"sentence", "Feet first."},
            {"affirmation", "I stand."},
            {"image", "a mast"},
            {"mantra", "so ham"},
            {"focus", "ankles"},
            {"open", "Welcome."},
            {"close", "Thank you."},
            {"quotation", "…"},
            {"note", "two lines\nof it"}
        }) {
            ClassPlan after = done(new FieldEdit(NodeId.CLASS, set[0], set[1], Level.BEGINNER, false, CATALOGUE, ids));
            ClassPlan back = done(new FieldEdit(NodeId.CLASS, set[0], set[1], Level.BEGINNER, false, CATALOGUE, ids));
            assertThat(after).as(set[0]).isEqualTo(back).isNotEqualTo(plan);
        }
        assertThatThrownBy(() ->
                        new FieldEdit(NodeId.CLASS, "peak", "haf moon", Level.BEGINNER, false, CATALOGUE, ids).on(plan))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("half moon");
    }
}
