package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.check.Checks;
import gurukram.core.check.Subject;
import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.web.plans.edit.LineEdit;
import gurukram.web.plans.edit.MoveEdit;
import gurukram.web.plans.edit.PasteEdit;
import gurukram.web.plans.edit.TreeEdit;
import gurukram.web.plans.field.FieldEdit;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.RowMark;
import gurukram.web.plans.page.ClassPage;
import gurukram.web.plans.page.ClassPageBuilder;
import gurukram.web.plans.page.Notice;
import gurukram.web.plans.paper.PrintPage;
import gurukram.web.plans.spine.Rows;
import gurukram.web.shared.WrongRequest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is typed, pressed or chosen, in whatever order: it is done or refused with words, and the class can be drawn. */
class RandomEditsTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private static final String[] LINES = {
        "tree, both, 5 breaths",
        "warrior 2",
        "cow, in",
        "cat",
        "flow, 3 rounds, linked",
        "flow x 2, one side, rest 2 breaths",
        "flow, 4 rounds, no sides, shared 2 1, 3 s a position",
        "end flow",
        "section peak",
        "# rest: Long",
        "chair, 20 counts",
        "tree, 5-8 breaths, at 6",
        "bridge, 8-10 reps x 2-3",
        "chair, 9-3 breaths",
        "easy seat, 4-4-4-4 x 3, no holds",
        "knees side to side, 7 reps x 2, rest 5 s, alternating",
        "3 min open",
        "half pigeon, left first",
        "bridge, 10 reps x 3",
        "mountain, both",
        "tree, -5 breaths",
        "flow, 0 rounds",
        "",
        ", ,",
        "5",
        "high lunge, other, 2 breaths",
        "low push-up, out",
        "ṭṛēē",
        "x 2",
        "no holds",
        "in",
        "both",
        "flow flow flow, in",
        "- round 2: plank, out",
        "- locked",
        "- advanced: 9 breaths",
        "link, rounds 2-3, in place of the last",
        "-"
    };
    private static final String[] FIELDS = {
        "unit",
        "dose",
        "sides",
        "note",
        "same",
        "rounds",
        "counting",
        "order",
        "first",
        "position",
        "join",
        "name",
        "role",
        "cueing",
        "title",
        "theme",
        "slot",
        "style",
        "level",
        "line",
        "lines",
        "lines",
        "pose",
        "say",
        "thread",
        "locked",
        "optional",
        "priority",
        "turn",
        "leads",
        "round-join",
        "mode-1",
        "mode-2",
        "pace-2",
        "peak",
        "starts",
        "mixed",
        "begins",
        "school",
        "sentence"
    };
    private static final String[] VALUES = {
        "",
        "0",
        "1",
        "7",
        "-3",
        "108",
        "109",
        "99999999999999",
        "2.5",
        "1:30",
        "in",
        "out",
        "reps",
        "breaths",
        "seconds",
        "open",
        "written",
        "both",
        "lead",
        "other",
        "alternating",
        "none",
        "left",
        "ONE_SIDE",
        "NO_SIDES",
        "BOTH_SIDES",
        "SIDE_FIRST",
        "LEFT",
        "linked",
        "shared 0 1",
        "shared 30 30",
        "rest 3 breaths",
        "PEAK",
        "EXPLAINED",
        "HATHA",
        "ADVANCED",
        "<b>&\"'",
        "10 reps x 2, alternating",
        "beginner: 3 breaths\nround 2: plank, out",
        "round 2: then chair, out\n-- locked\nadvanced, last round: leave out",
        "locked, optional, priority 3\nmuted some-rule: why",
        "pace 5 s, setting up 0 s\nprops: 2 blocks",
        "flow \"tide\", 6 rounds, 2 learn, 2 breath, 2 silent, pose by pose, both sides",
        "flow, 3 rounds, paces 4/3 s, always left, one side",
        "tree, both, 5-8 breaths, at 6",
        "end flow",
        "3 min open",
        "half moon",
        "chair",
        "yes",
        "BY_CLASS",
        "LEARN",
        "18:30",
        "no holds"
    };
    private static final String[] TEXTS = {
        "tree, both, 5 breaths\nchair",
        "peak:\nhalf moon, both, 3 breaths",
        "flow, 2 rounds\n  plank, in\n  cobra, out\nmountain",
        "high lunge, other, in\n- round 2: plank",
        "class: Whole\nrest:\nfinal rest, 5 min",
        "not a pose\n\n"
    };

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void aClassSurvivesHundredsOfRandomEdits(long seed) {
        Random random = new Random(seed);
        LineReader reader = new LineReader(CATALOGUE, NodeNames.numbers());
        ClassPlan plan = new ClassPlan(ClassSettings.of("Random", 60, Style.VINYASA, Level.BEGINNER), List.of());
        int done = 0;
        for (int i = 0; i < 500; i++) {
            Level level = Level.values()[random.nextInt(3)];
            try {
                PlanEdit edit = request(plan, level, reader, random).on(plan).edit();
                if (edit == null) continue;
                ClassPlan next = PlanRules.check(edit.applyTo(plan), CATALOGUE);
                assertThat(edit.inverse(plan).applyTo(next)).isEqualTo(plan);
                plan = PlanJson.read(PlanJson.write(next));
                assertThat(plan).isEqualTo(next);
                done++;
                if (done % 5 == 0) canBeDrawn(plan, level);
            } catch (Refused e) {
                assertThat(e.getMessage()).isNotBlank();
            } catch (WrongRequest e) {
                assertThat(e).as("a field this node does not have").hasMessageMatching("(?s)no .*|No enum constant.*");
            }
        }
        assertThat(done).as("edits done").isGreaterThan(100);
    }

    private static EditRequest request(ClassPlan plan, Level level, LineReader reader, Random random) {
        List<NodeId> nodes = new ArrayList<>(List.of(NodeId.CLASS));
        plan.walk(node -> nodes.add(node.id()));
        NodeId node = nodes.get(random.nextInt(nodes.size()));
        return switch (random.nextInt(7)) {
            case 0 ->
                new FieldEdit(
                        node,
                        pick(FIELDS, random),
                        pick(VALUES, random),
                        level,
                        random.nextBoolean(),
                        CATALOGUE,
                        () -> NodeId.random(random));
            case 1 ->
                new TreeEdit(
                        pick(TreeEdit.What.values(), random),
                        some(nodes, random),
                        CATALOGUE,
                        () -> NodeId.random(random));
            case 2 ->
                new MoveEdit(
                        some(nodes, random),
                        nodes.get(random.nextInt(nodes.size())),
                        pick(MoveEdit.Where.values(), random),
                        CATALOGUE);
            case 3 ->
                new PasteEdit(
                        pick(TEXTS, random),
                        random.nextBoolean() ? node.value() : "",
                        CATALOGUE,
                        () -> NodeId.random(random));
            default ->
                new LineEdit(
                        pick(LINES, random),
                        random.nextBoolean() ? node.value() : "",
                        level,
                        School.UNSET,
                        reader,
                        CATALOGUE,
                        () -> NodeId.random(random));
        };
    }

    /** One to three of them. */
    private static List<NodeId> some(List<NodeId> nodes, Random random) {
        List<NodeId> some = new ArrayList<>();
        for (int i = random.nextInt(3); i >= 0; i--) some.add(nodes.get(random.nextInt(nodes.size())));
        return some;
    }

    private static <T> T pick(T[] from, Random random) {
        return from[random.nextInt(from.length)];
    }

    private static void canBeDrawn(ClassPlan plan, Level level) {
        Score score = new Unfolder(CATALOGUE, Pace.defaults()).unfold(plan, level);
        assertThat(score.totalMs())
                .isEqualTo(score.moments().stream().mapToLong(Moment::lengthMs).sum());
        assertThat(score.moments()).allSatisfy(m -> assertThat(m.workMs()).isPositive());
        StoredClass stored =
                new StoredClass(new ClassId(new UUID(0, 1)), plan, 0, List.of(), 1, null, null, Instant.EPOCH);
        for (View view : List.of(new View(level), View.MIXED)) {
            List<MixedRoom.Line> mixed =
                    view.isMixed() ? MixedRoom.lines(plan, new Unfolder(CATALOGUE, Pace.defaults())) : List.of();
            Checks checks = new Checks(CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults()), School.UNSET, null);
            Subject subject = checks.subject(plan, view.level());
            var found = new ClassChecks.Found(checks, subject, checks.report(subject));
            Rows rows = Rows.of(plan, score, mixed, view, CATALOGUE, RowMark.of(plan, found.report()), null);
            ClassPage page = new ClassPageBuilder(stored, found, view, CATALOGUE, null).build(rows, Notice.NONE);
            assertThat(page.rows().all()).hasSameSizeAs(rowsOf(plan));
            assertThat(page.spine().split("data-row=", -1)).hasSize(rowsOf(plan).size() + 1);
            assertThat(page.starts().split(" ")).hasSameSizeAs(page.order().split(" "));
        }
        assertThat(PrintPage.of(stored, score, new View(level), CATALOGUE).parts())
                .hasSameSizeAs(plan.sections());
    }

    private static List<NodeId> rowsOf(ClassPlan plan) {
        List<NodeId> rows = new ArrayList<>();
        plan.sections().forEach(section -> withRows(section, rows));
        return rows;
    }

    /** Layers, and what they put in, stand on the row of their step. */
    private static void withRows(Node node, List<NodeId> rows) {
        rows.add(node.id());
        if (!(node instanceof Step)) node.children().forEach(child -> withRows(child, rows));
    }
}
