package gurukram.web.plans.page;

import gurukram.core.plan.ClassPlan;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Score;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.RowMark;
import gurukram.web.plans.panel.Panel;
import gurukram.web.plans.spine.Rows;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Makes class pages, and what changes on them. */
@Component
class ClassPages {
    private final ClassEditor editor;
    private final Poses poses;
    private final ClassChecks checks;

    ClassPages(ClassEditor editor, Poses poses, ClassChecks checks) {
        this.editor = editor;
        this.poses = poses;
        this.checks = checks;
    }

    ClassPage page(Teacher teacher, StoredClass stored, View view, Notice notice, Refusal refusal) {
        ClassChecks.Found found = checks.found(teacher, stored, view);
        ClassPlan plan = stored.plan();
        Score score = found.subject().score();
        Rows rows = rows(teacher, plan, score, RowMark.of(plan, found.report()), view, refusal);
        return new ClassPageBuilder(stored, found, view, poses.of(teacher), refusal).build(rows, notice);
    }

    /** What a page that shows {@code before} needs to become {@code after}. */
    PageChange change(
            Teacher teacher, StoredClass before, ClassPage after, View view, Set<String> touched, Panel panel) {
        ClassPlan plan = before.plan();
        Score score = editor.unfolderOf(teacher).unfold(plan, view.level());
        return PageChange.between(rows(teacher, plan, score, Map.of(), view, null), after, touched, panel);
    }

    private Rows rows(
            Teacher teacher, ClassPlan plan, Score score, Map<String, RowMark> marks, View view, Refusal refusal) {
        List<MixedRoom.Line> mixed = view.isMixed() ? MixedRoom.lines(plan, editor.unfolderOf(teacher)) : List.of();
        return Rows.of(plan, score, mixed, view, poses.of(teacher), marks, refusal);
    }
}
