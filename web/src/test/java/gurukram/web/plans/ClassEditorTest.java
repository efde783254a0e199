package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor.Answer;
import gurukram.web.plans.ClassEditor.Outcome;
import gurukram.web.plans.edit.LineEdit;
import gurukram.web.plans.field.FieldEdit;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Editing stored classes, on a real database. */
@ExtendWith(TestApp.Extension.class)
class ClassEditorTest {
    private final TestApp app;
    private final ClassEditor editor;
    private final ClassStore store;
    private Teacher teacher;
    private ClassId id;

    ClassEditorTest(TestApp app) {
        this.app = app;
        this.editor = app.bean(ClassEditor.class);
        this.store = app.bean(ClassStore.class);
    }

    @BeforeEach
    void write() {
        teacher = app.newTeacher();
        id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
    }

    private StoredClass now() {
        return store.find(teacher, id).orElseThrow();
    }

    private NodeId node(String pose) {
        List<NodeId> found = new ArrayList<>();
        now().plan().walk(n -> {
            if (n instanceof Step step && pose.equals(step.pose())) found.add(n.id());
        });
        return found.get(0);
    }

    private FieldEdit breaths(String pose, String value) {
        return field(node(pose), "dose", value);
    }

    private FieldEdit field(NodeId node, String name, String value) {
        return new FieldEdit(
                node, name, value, Level.INTERMEDIATE, false, app.bean(PoseCatalogue.class), NodeNames.numbers());
    }

    @Test
    void anEditIsStoredWithItsVersionLengthAndHistory() {
        Answer answer = editor.edit(teacher, id, 1, breaths("tree", "8"));
        assertThat(answer.outcome()).isEqualTo(Outcome.SAVED);
        assertThat(answer.now().version()).isEqualTo(2);
        assertThat(answer.now().undoLabel()).isEqualTo("Tree: dose 8");
        long length = editor.unfold(teacher, now().plan(), Level.INTERMEDIATE).totalMs();
        assertThat(store.summaries(teacher)).singleElement().satisfies(line -> {
            assertThat(line.lengthMs()).isEqualTo(length);
            assertThat(line.lastTaught()).isNull();
        });
    }

    @Test
    void undoAndRedoGoThroughTheWholeHistory() {
        List<ClassPlan> states = new ArrayList<>();
        states.add(now().plan());
        for (int i = 1; i <= 60; i++) { // past a snapshot
            editor.edit(teacher, id, now().version(), breaths("tree", String.valueOf(i + 5)));
            states.add(now().plan());
        }
        for (int i = 59; i >= 0; i--) {
            editor.undo(teacher, id, now().version());
            assertThat(now().plan()).isEqualTo(states.get(i));
        }
        assertThat(editor.undo(teacher, id, now().version()).outcome()).isEqualTo(Outcome.UNCHANGED);
        for (int i = 1; i <= 60; i++) {
            editor.redo(teacher, id, now().version());
            assertThat(now().plan()).isEqualTo(states.get(i));
        }
        assertThat(editor.redo(teacher, id, now().version()).outcome()).isEqualTo(Outcome.UNCHANGED);
        assertThat(now().version()).isEqualTo(181);
    }

    @Test
    void anEditAfterUndoEndsTheRedoButLosesNothingOfTheHistory() {
        editor.edit(teacher, id, 1, breaths("tree", "8"));
        editor.undo(teacher, id, 2);
        editor.edit(teacher, id, 3, breaths("chair", "6"));
        assertThat(now().redoLabel()).isNull();
        assertThat(store.revision(teacher, id, 1).edit()).isNotNull();
        editor.undo(teacher, id, 4);
        assertThat(now().undoLabel()).isNull();
        assertThat(now().redoLabel()).isEqualTo("Chair: dose 6");
    }

    @Test
    void anEditOnAnOldVersionIsReplayedOnOtherNodesAndRefusedOnTheSame() {
        editor.edit(teacher, id, 1, breaths("tree", "8"));
        assertThat(editor.edit(teacher, id, 1, breaths("chair", "4")).outcome()).isEqualTo(Outcome.REPLAYED);
        Answer lost = editor.edit(teacher, id, 1, breaths("tree", "9"));
        assertThat(lost.outcome()).isEqualTo(Outcome.COLLIDED);
        assertThat(lost.now().version()).isEqualTo(3);
        // the same value typed in both windows is no collision
        assertThat(editor.edit(teacher, id, 1, breaths("tree", "8")).outcome()).isEqualTo(Outcome.UNCHANGED);
        // undoing what was not seen yet is refused
        assertThat(editor.undo(teacher, id, 1).outcome()).isEqualTo(Outcome.COLLIDED);
        assertThat(editor.redo(teacher, id, 1).outcome()).isEqualTo(Outcome.COLLIDED);
        // an undo counts as a change of its nodes
        editor.undo(teacher, id, 3);
        assertThat(editor.edit(teacher, id, 3, breaths("chair", "7")).outcome()).isEqualTo(Outcome.COLLIDED);
    }

    @Test
    void twoWindowsOnDifferentThingsAboutOneStepAreBothKept() {
        NodeId tree = node("tree");
        editor.edit(teacher, id, 1, field(tree, "dose", "8"));
        assertThat(editor.edit(teacher, id, 1, field(tree, "pose", "dancer")).outcome())
                .isEqualTo(Outcome.REPLAYED);
        Step step = (Step) now().plan().find(tree).orElseThrow();
        assertThat(step.pose()).isEqualTo("dancer");
        assertThat(step.dose())
                .isEqualTo(((Step) store.planAtVersion(teacher, id, 2)
                                .orElseThrow()
                                .find(tree)
                                .orElseThrow())
                        .dose());
        // a third window that saw neither: what it changes was changed
        assertThat(editor.edit(teacher, id, 1, field(tree, "dose", "6")).outcome())
                .isEqualTo(Outcome.COLLIDED);
        // undone again, it is as this window knows it
        editor.undo(teacher, id, 3);
        editor.undo(teacher, id, 4);
        assertThat(editor.edit(teacher, id, 1, field(tree, "dose", "6")).outcome())
                .isEqualTo(Outcome.REPLAYED);
    }

    @Test
    void twoWindowsOnDifferentSettingsOfTheClassAreBothKept() {
        editor.edit(teacher, id, 1, field(NodeId.CLASS, "title", "Low tide"));
        assertThat(editor.edit(teacher, id, 1, field(NodeId.CLASS, "slot", "75"))
                        .outcome())
                .isEqualTo(Outcome.REPLAYED);
        assertThat(now().plan().settings().title()).isEqualTo("Low tide");
        assertThat(now().plan().settings().slotMinutes()).isEqualTo(75);
        assertThat(editor.edit(teacher, id, 1, field(NodeId.CLASS, "title", "High tide"))
                        .outcome())
                .isEqualTo(Outcome.COLLIDED);
    }

    @Test
    void anEditOfAVersionThatIsNotThereYetIsNotDone() {
        assertThat(editor.edit(teacher, id, 7, breaths("tree", "8")).outcome()).isEqualTo(Outcome.COLLIDED);
        assertThat(editor.undo(teacher, id, 7).outcome()).isEqualTo(Outcome.COLLIDED);
        assertThat(now().version()).isEqualTo(1);
    }

    @Test
    void theSameRequestAgainIsDoneOnce() {
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String key = UUID.randomUUID().toString();
        String path = "/classes/" + id + "/line";
        for (int i = 0; i < 3; i++)
            assertThat(http.once(key, path, "line", "mountain, 2 breaths", "version", "1")
                            .body())
                    .contains("Mountain");
        assertThat(now().version()).isEqualTo(2);
        assertThat(http.once(key, "/classes/" + id + "/undo", "version", "2").statusCode())
                .isEqualTo(200);
        assertThat(now().version())
                .as("another request under a key that is taken")
                .isEqualTo(2);
        String undo = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) http.once(undo, "/classes/" + id + "/undo", "version", "2");
        assertThat(now().version()).isEqualTo(3);
        // somebody else's class under the same key is not found by it
        Teacher other = app.newTeacher();
        ClassId others = app.newClass(other, "tree");
        Http theirs = Http.on(app).signedIn(other.email(), TestApp.PASSWORD);
        theirs.once(key, "/classes/" + others + "/line", "line", "mountain, 2 breaths", "version", "1");
        assertThat(store.find(other, others).orElseThrow().version()).isEqualTo(2);
    }

    @Test
    void aClassIsMadeOnceForOneRequest() throws Exception {
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String key = UUID.randomUUID().toString();
        List<Callable<String>> asks = new ArrayList<>();
        for (int i = 0; i < 6; i++)
            asks.add(() -> Http.location(
                    http.once(key, "/classes", "title", "Once", "slot", "60", "style", "HATHA", "level", "BEGINNER")));
        var pool = Executors.newFixedThreadPool(6);
        List<String> made = new ArrayList<>();
        for (Future<String> answer : pool.invokeAll(asks)) made.add(answer.get());
        pool.shutdown();
        assertThat(made).hasSize(6).containsOnly(made.get(0));
        assertThat(store.summaries(teacher)).hasSize(2);
    }

    @Test
    void manyWindowsAtOnceLoseNoEdit() throws Exception {
        List<Callable<Answer>> edits = new ArrayList<>();
        var catalogue = app.bean(PoseCatalogue.class);
        var random = new SecureRandom();
        var reader = new LineReader(catalogue, () -> NodeId.random(random));
        for (int i = 0; i < 40; i++) {
            edits.add(() -> editor.edit(
                    teacher,
                    id,
                    1,
                    new LineEdit(
                            "mountain, 2 breaths",
                            "",
                            Level.BEGINNER,
                            School.UNSET,
                            reader,
                            catalogue,
                            () -> NodeId.random(random))));
        }
        var pool = Executors.newFixedThreadPool(8);
        try {
            for (Future<Answer> done : pool.invokeAll(edits)) {
                assertThat(done.get().outcome()).isIn(Outcome.SAVED, Outcome.REPLAYED);
            }
        } finally {
            pool.shutdown();
        }
        assertThat(now().plan().sections().get(0).items()).hasSize(42);
        assertThat(now().version()).isEqualTo(41);
    }

    @Test
    void whatCannotBeUnfoldedIsNotStored() {
        FieldEdit lead = new FieldEdit(
                node("tree"),
                "sides",
                "lead",
                Level.BEGINNER,
                false,
                app.bean(PoseCatalogue.class),
                NodeNames.numbers());
        assertThatThrownBy(() -> editor.edit(teacher, id, 1, lead)).isInstanceOf(Refused.class);
        assertThat(now().version()).isEqualTo(1);
    }

    @Test
    void somebodyElsesClassIsNotThere() {
        Teacher stranger = app.newTeacher();
        FieldEdit edit = breaths("tree", "8");
        assertThat(store.find(stranger, id)).isEmpty();
        assertThat(store.summaries(stranger)).isEmpty();
        assertThat(store.delete(stranger, id)).isFalse();
        assertThatThrownBy(() -> editor.edit(stranger, id, 1, edit)).isInstanceOf(NotFound.class);
        assertThatThrownBy(() -> editor.undo(stranger, id, 1)).isInstanceOf(NotFound.class);
        // nor for a colleague in the same studio
        Teacher colleague = new Teacher(stranger.id(), teacher.studio(), stranger.email(), stranger.name(), false);
        assertThat(store.find(colleague, id)).isEmpty();
    }
}
