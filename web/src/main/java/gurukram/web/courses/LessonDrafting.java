package gurukram.web.courses;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Taught;
import gurukram.core.course.Aim;
import gurukram.core.course.Cell;
import gurukram.core.course.Lessons;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.text.Refused;
import gurukram.web.courses.Courses.Look;
import gurukram.web.drafts.Drafts;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Drafts the classes of lessons. */
@Service
class LessonDrafting {
    private final CourseStore store;
    private final Courses courses;
    private final Drafts drafts;
    private final Poses poses;
    private final ClassStore classes;
    private final ClassEditor editor;
    private final RandomGenerator random;

    LessonDrafting(
            CourseStore store,
            Courses courses,
            Drafts drafts,
            Poses poses,
            ClassStore classes,
            ClassEditor editor,
            RandomGenerator random) {
        this.store = store;
        this.courses = courses;
        this.drafts = drafts;
        this.poses = poses;
        this.classes = classes;
        this.editor = editor;
        this.random = random;
    }

    /** Drafts a lesson; one that was drafted before is drafted again, and a class that was changed by hand since stays beside it. */
    @Transactional
    public void draft(Teacher teacher, UUID id, int n) {
        store.hold(teacher, id);
        Look look = courses.look(teacher, id);
        Courses.open(look, n);
        if (look.group() == null) throw new Refused("The group of this course is gone. Choose another one first.");
        Aim aim = look.kept().course().aim();
        if (aim.kind() == Aim.Kind.PEAK && !poses.of(teacher).has(aim.value()))
            throw new Refused("The pose this course leads to is gone. Choose another one first.");
        Cell cell = look.cells().get(n - 1);
        Optional<KeptLesson> before = before(look, n);
        Lessons.Last last = null;
        List<Taught> taught = new ArrayList<>();
        for (int m = n - 1; m >= 1; m--) {
            KeptLesson lesson = look.drafted().get(m);
            if (lesson == null) continue;
            ClassPlan plan =
                    classes.find(teacher, lesson.classId()).orElseThrow().plan();
            if (before.isPresent() && before.get().n() == m) last = last(look, plan, lesson);
            long days =
                    ChronoUnit.DAYS.between(look.days().get(m - 1), look.days().get(n - 1));
            taught.add(Taught.of(plan, (int) Math.max(0, days)));
        }
        Brief group = drafts.forGroup(teacher, look.group().id());
        Lessons.Drafted drafted = drafts.lessons(teacher)
                .draft(
                        look.kept().course(),
                        cell,
                        group.withTaught(taught.isEmpty() ? group.taught() : taught, false),
                        look.ladder(),
                        look.stands(),
                        last);
        keep(teacher, look, cell, drafted);
    }

    private static Lessons.Last last(Look look, ClassPlan plan, KeptLesson lesson) {
        Lessons.Last last = Lessons.last(look.kept().course(), plan, lesson.flow());
        boolean same = last != null && last.flow().id().value().equals(lesson.flow());
        return same ? last.with(lesson.whole()) : last;
    }

    private static Optional<KeptLesson> before(Look look, int n) {
        for (int m = n - 1; m >= 1; m--)
            if (look.drafted().containsKey(m)) return Optional.of(look.drafted().get(m));
        return Optional.empty();
    }

    private void keep(Teacher teacher, Look look, Cell cell, Lessons.Drafted drafted) {
        KeptLesson old = look.drafted().get(cell.n());
        Map<NodeId, NodeId> names = new HashMap<>();
        ClassPlan named =
                NodeNames.renamed(drafted.plan(), name -> names.computeIfAbsent(name, given -> NodeId.random(random)));
        ClassPlan timed =
                named.with(named.settings().withStarts(look.group().startsAt().toString()));
        ClassId made =
                editor.create(teacher, timed, look.group().id(), look.kept().id() + " " + cell.n());
        Flow whole = drafted.whole() == null
                ? null
                : (Flow) NodeNames.renamed(
                        drafted.whole(), name -> names.computeIfAbsent(name, given -> NodeId.random(random)));
        store.put(teacher, look.kept().id(), cell, made, whole, drafted.words());
        boolean same = old != null && old.classId().equals(made);
        if (old != null && !old.edited() && !same) classes.delete(teacher, old.classId());
    }
}
