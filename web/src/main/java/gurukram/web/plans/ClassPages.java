package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Makes class pages, and what changes on them. */
@Component
class ClassPages {
    private final ClassEditor editor;
    private final Poses poses;

    ClassPages(ClassEditor editor, Poses poses) {
        this.editor = editor;
        this.poses = poses;
    }

    ClassPage page(Teacher teacher, StoredClass stored, View view, Notice notice, Refusal refusal) {
        Unfolder unfolder = editor.unfolderOf(teacher);
        Score score = unfolder.unfold(stored.plan(), view.level());
        Rows rows = rows(teacher, stored.plan(), score, view, refusal);
        return new ClassPageBuilder(stored, score, view, poses.of(teacher), refusal).build(rows, notice);
    }

    /** What a page that shows {@code before} needs to become {@code after}. */
    PageChange change(Teacher teacher, ClassPlan before, ClassPage after, View view, Set<String> touched, Panel panel) {
        Score score = editor.unfolderOf(teacher).unfold(before, view.level());
        return PageChange.between(rows(teacher, before, score, view, null), after, touched, panel);
    }

    private Rows rows(Teacher teacher, ClassPlan plan, Score score, View view, Refusal refusal) {
        List<MixedRoom.Line> mixed = view.isMixed() ? MixedRoom.lines(plan, editor.unfolderOf(teacher)) : List.of();
        return Rows.of(plan, score, mixed, view, poses.of(teacher), refusal);
    }
}
