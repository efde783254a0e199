package gurukram.web.plans.page;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.check.Checks;
import gurukram.core.check.Subject;
import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.web.drawing.Overview;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.field.FieldEdit;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.RowMark;
import gurukram.web.plans.spine.RoundStrip;
import gurukram.web.plans.spine.Row;
import gurukram.web.plans.spine.Rows;
import gurukram.web.shared.LineDifference;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What an edit sends, and how rows look. */
class PageChangeTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private static final Unfolder UNFOLDER = new Unfolder(CATALOGUE, Pace.defaults());
    private static final Checks CHECKS = new Checks(CATALOGUE, UNFOLDER, School.UNSET, null);
    private static final View BEGINNER = new View(Level.BEGINNER);
    private final ClassPlan plan = plan(
            "class: Test",
            "- 60 min, vinyasa, beginner",
            "- starts 18:30",
            "standing:",
            "tree, both, 5 breaths",
            "chair, 3 breaths",
            "flow \"tide\", 4 rounds, both sides, 1 learn, 2 breath, 1 silent",
            "  high lunge, in",
            "  - round 3: reverse warrior",
            "  warrior 2, out",
            "rest:",
            "final rest, 5 min");

    private static ClassPlan plan(String... lines) {
        return new NotationReader(CATALOGUE, NodeNames.numbers())
                .read(String.join("\n", lines))
                .planOrRefused();
    }

    private static ClassPage page(ClassPlan plan, View view) {
        Score score = UNFOLDER.unfold(plan, view.level());
        List<MixedRoom.Line> mixed = view.isMixed() ? MixedRoom.lines(plan, UNFOLDER) : List.of();
        StoredClass stored =
                new StoredClass(new ClassId(new UUID(0, 1)), plan, 0, List.of(), 1, null, null, Instant.EPOCH);
        Subject subject = CHECKS.subject(plan, view.level());
        var found = new ClassChecks.Found(CHECKS, subject, CHECKS.report(subject));
        Rows rows = Rows.of(plan, score, mixed, view, CATALOGUE, RowMark.of(plan, found.report()), null);
        return new ClassPageBuilder(stored, found, view, CATALOGUE, null).build(rows, Notice.NONE);
    }

    private ClassPlan edited(String pose, String field, String value) {
        NodeId[] node = new NodeId[1];
        plan.walk(n -> {
            if (n instanceof Step step && pose.equals(step.pose()) && node[0] == null) node[0] = step.id();
            if (n instanceof Flow flow && pose.equals(flow.settings().name())) node[0] = flow.id();
        });
        return new FieldEdit(node[0], field, value, Level.BEGINNER, false, CATALOGUE, NodeNames.numbers())
                .on(plan)
                .edit()
                .applyTo(plan);
    }

    private List<String> changed(ClassPlan after) {
        PageChange change = PageChange.between(page(plan, BEGINNER).rows(), page(after, BEGINNER), Set.of(), null);
        return Pattern.compile("data-name=\"([^\"]*)\"")
                .matcher(change.changed())
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    @Test
    void onlyRowsThatLookDifferentAreSent() {
        // the sections change with their shares of the class; what comes later only begins later
        assertThat(changed(edited("tree", "dose", "8 breaths"))).containsExactly("Standing", "Tree", "Rest");
        assertThat(changed(edited("tree", "note", "at the wall"))).containsExactly("Tree");
        assertThat(changed(edited("tide", "rounds", "5")))
                .containsExactly("Standing", "tide", "High lunge", "Warrior 2", "Rest");
        assertThat(changed(plan)).isEmpty();
    }

    @Test
    void aRowIsSentWhenItIsAskedForInAnyCase() {
        Rows before = page(plan, BEGINNER).rows();
        String chair = before.slots().keySet().stream().toList().get(2);
        PageChange change = PageChange.between(before, page(plan, BEGINNER), Set.of(chair), null);
        assertThat(change.changed()).contains("data-name=\"Chair\"").doesNotContain("data-name=\"Tree\"");
    }

    @Test
    void allBeginningsTravelAsOneList() {
        ClassPage page = page(edited("tree", "dose", "8 breaths"), BEGINNER);
        assertThat(page.order().split(" ")).hasSameSizeAs(page.starts().split(" "));
        assertThat(page.starts().split(" ")[0]).isEqualTo("0");
        assertThat(page.spine()).contains("<span class=\"clock\">18:30</span>");
    }

    @Test
    void theStripOfRoundsSaysWhatEachRoundIs() {
        Flow tide = (Flow) plan.sections().get(0).items().get(2);
        List<Row.RoundCell> cells = RoundStrip.of(tide, Level.BEGINNER, CATALOGUE);
        assertThat(cells).extracting(Row.RoundCell::rounds).containsExactly("1", "2", "3", "4");
        assertThat(cells).extracting(Row.RoundCell::mode).containsExactly("learn", "breath", "breath", "silent");
        assertThat(cells.get(2).changes()).containsExactly("reverse warrior for high lunge");
        Flow plain = (Flow) plan("standing:", "flow, 3 rounds", "  cow, in", "  cat, out")
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(RoundStrip.of(plain, Level.BEGINNER, CATALOGUE)).isEmpty();
    }

    @Test
    void figuresHangOnTheSidesThatAreWorked() {
        ClassPlan sides =
                plan("standing:", "tree, right, 5 breaths", "tree, left, 5 breaths", "tree, both, 5 breaths", "chair");
        List<Row> rows = page(sides, BEGINNER).rows().all();
        assertThat(rows.subList(1, 5))
                .extracting(row -> ((Row.StepRow) row).figures())
                .extracting(f -> (f.left().isEmpty() ? "" : "L")
                        + (f.centre().isEmpty() ? "" : "C")
                        + (f.right().isEmpty() ? "" : "R"))
                .containsExactly("R", "L", "LR", "C");
    }

    @Test
    void aMixedRoomSaysWhichLineNeedsLongerThanTheClock() {
        ClassPlan mixed = plan(
                "standing:",
                "tree, both, 5 breaths",
                "- advanced: 8 breaths",
                "- beginner: 2 breaths",
                "chair, 3 breaths");
        Row.StepRow tree = (Row.StepRow) page(mixed, View.MIXED).rows().all().get(1);
        assertThat(tree.lines()).extracting(Row.LevelLine::over).containsExactly(false, false, true);
        assertThat(tree.lines())
                .extracting(Row.LevelLine::fits)
                .containsExactly("stay or rest 0:36", "", "0:36 too long");
        assertThat(page(mixed, View.MIXED).spine()).contains("0:36 too long").contains("data-of=\"ADVANCED\"");
    }

    @Test
    void theMarginIsTrueToTime() {
        Overview overview = Overview.of(plan, UNFOLDER.unfold(plan, Level.BEGINNER), CATALOGUE);
        assertThat(overview.peakAt()).isEqualTo(-1);
        assertThat(overview.shapes()).contains("overview-effort", "right-bar", "left-bar", "centre-bar");
        ClassPlan peak = plan("standing:", "10 min open", "peak:", "10 min open");
        assertThat(Overview.of(peak, UNFOLDER.unfold(peak, Level.BEGINNER), CATALOGUE)
                        .peakAt())
                .isEqualTo(500);
        ClassPlan empty = new ClassPlan(plan.settings(), List.of());
        assertThat(Overview.of(empty, UNFOLDER.unfold(empty, Level.BEGINNER), CATALOGUE)
                        .words())
                .isEqualTo("nothing yet");
    }

    @Test
    void whatIsTypedIsEscaped() {
        String row = page(edited("tree", "note", "<b>\"wall\" & 'door'</b>"), BEGINNER)
                .spine();
        assertThat(row)
                .contains("&lt;b&gt;&quot;wall&quot; &amp; &#39;door&#39;&lt;/b&gt;")
                .doesNotContain("<b>\"wall");
    }

    @Test
    void historyShowsTheLinesThatDiffer() {
        assertThat(LineDifference.between("tree, 5 breaths\nchair\n", "tree, 8 breaths\nchair\nmountain\n"))
                .containsExactly(
                        new LineDifference("tree, 5 breaths", "tree, 8 breaths"), new LineDifference("", "mountain"));
        assertThat(LineDifference.between("a <b>\n", "a <b>\n")).isEmpty();
    }
}
