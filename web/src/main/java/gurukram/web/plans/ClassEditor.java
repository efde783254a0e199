package gurukram.web.plans;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSides.Turn;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.account.OwnPaceStore;
import gurukram.web.engine.GiveWay;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Once;
import gurukram.web.shared.RequestKey;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Applies edits to stored classes.
 *
 * <p>An edit carries the version it was made on. When the class has moved on since, an edit of other nodes, or of other things
 * about the same node, is replayed on what is there now; an edit of the same thing is not done, and the answer says so with both
 * values. An edit that was done already, and whose answer was lost, is answered again.
 */
@Service
public class ClassEditor {
    private final ClassStore store;
    private final Poses poses;
    private final AccountStore accounts;
    private final OwnPaceStore ownPaces;

    public ClassEditor(ClassStore store, Poses poses, AccountStore accounts, OwnPaceStore ownPaces) {
        this.ownPaces = ownPaces;
        this.accounts = accounts;
        this.store = store;
        this.poses = poses;
    }

    public enum Outcome {
        SAVED,
        /** saved, on top of changes made elsewhere that this page has not seen */
        REPLAYED,
        /** not done: the same nodes were changed elsewhere */
        COLLIDED,
        /** there was nothing to do */
        UNCHANGED,
        /** done before, when the same request came the first time */
        DONE_BEFORE
    }

    /**
     * @param before the class just before the edit; null where that is of no use
     * @param at where the next typed line goes; null leaves it as it is
     * @param told what the teacher should know of how it was done; mostly empty
     */
    public record Answer(Outcome outcome, StoredClass before, StoredClass now, NodeId at, String told) {
        Answer(Outcome outcome, StoredClass before, StoredClass now, NodeId at) {
            this(outcome, before, now, at, "");
        }
    }

    public ClassId create(Teacher teacher, ClassPlan plan, UUID group) {
        PlanRules.check(plan, poses.of(teacher));
        return store.create(teacher, plan, lengthOf(teacher, plan), group);
    }

    /** One of several classes that one request makes. @param part which of them */
    public ClassId create(Teacher teacher, ClassPlan plan, UUID group, String part) {
        PlanRules.check(plan, poses.of(teacher));
        return store.create(teacher, plan, lengthOf(teacher, plan), group, RequestKey.now(part));
    }

    /** The engine with the settings of the teacher's school; in a request it unfolds a plan once. */
    public Unfolder unfolderOf(Teacher teacher) {
        return Once.aRequest(
                Unfolder.class,
                teacher.id(),
                () -> new Unfolder(poses.of(teacher), Pace.defaults().with(ownPaces.own(teacher)))
                        .with(schoolOf(teacher))
                        .pausing(GiveWay::now)
                        .remembering());
    }

    public School schoolOf(Teacher teacher) {
        return accounts.school(teacher);
    }

    public Score unfold(Teacher teacher, ClassPlan plan, Level level) {
        return unfolderOf(teacher).unfold(plan, level);
    }

    @Transactional
    public Answer edit(Teacher teacher, ClassId id, int version, EditRequest request) {
        StoredClass now = store.lock(teacher, id).orElseThrow(NotFound::new);
        Optional<Answer> before = doneBefore(teacher, now);
        if (before.isPresent()) return before.get();
        EditRequest.Labelled asked = request.on(now.plan());
        if (asked.edit() == null) return new Answer(Outcome.UNCHANGED, now, now, asked.at());
        PlanEdit edit = asked.edit();
        ClassPlan after = PlanRules.check(edit.applyTo(now.plan()), poses.of(teacher));
        if (version > now.version()) return new Answer(Outcome.COLLIDED, null, now, null);
        boolean behind = version < now.version();
        if (after.equals(now.plan())) return new Answer(Outcome.UNCHANGED, now, now, asked.at());
        if (behind && edit instanceof PlanEdit.Rewrite) return new Answer(Outcome.COLLIDED, null, now, null);
        if (behind && collides(teacher, now, version, request, edit))
            return new Answer(Outcome.COLLIDED, null, now, null);
        StoredClass saved = store.edit(teacher, now, after, lengthOf(teacher, after), edit, asked.label(), asked.at());
        return new Answer(behind ? Outcome.REPLAYED : Outcome.SAVED, now, saved, asked.at(), asked.told());
    }

    private Optional<Answer> doneBefore(Teacher teacher, StoredClass now) {
        return store.done(teacher, now.id()).map(done -> new Answer(Outcome.DONE_BEFORE, null, now, done.at()));
    }

    /** Whether the same thing was changed since the version an edit was made on. */
    private boolean collides(Teacher teacher, StoredClass now, int version, EditRequest request, PlanEdit edit) {
        Set<NodeId> both = new HashSet<>(store.movedSince(teacher, now.id(), version));
        both.retainAll(edit.touches(now.plan()));
        if (both.isEmpty()) return false;
        boolean changes = edit instanceof PlanEdit.Change || edit instanceof PlanEdit.Settings;
        ClassPlan then =
                changes ? store.planAtVersion(teacher, now.id(), version).orElse(null) : null;
        if (then == null) return true;
        try {
            PlanEdit mine = request.on(then).edit();
            return mine == null || !Apart.areApart(then, now.plan(), mine.applyTo(then), both);
        } catch (Refused e) {
            return true;
        }
    }

    /**
     * Writes the class anew from a plan made on a version of it; empty when the class has moved on since.
     *
     * @param named whether the plan brings the names of its parts; otherwise what stayed the same keeps the name it had
     */
    @Transactional
    public Optional<StoredClass> rewrite(Teacher teacher, ClassId id, int version, ClassPlan plan, boolean named) {
        Answer answer = edit(teacher, id, version, new Rewriting(plan, named));
        return answer.outcome() == Outcome.COLLIDED ? Optional.empty() : Optional.of(answer.now());
    }

    /**
     * Once a class was taught, flows that alternate from class to class begin on the other side the next time. Nothing
     * happens when it has none, or is no longer there.
     */
    @Transactional
    public void taught(Teacher teacher, ClassId id) {
        StoredClass now = store.lock(teacher, id).orElse(null);
        if (now == null || !alternatesByClass(now.plan())) return;
        ClassSettings settings = now.plan().settings();
        Side next = settings.begins().opposite();
        PlanEdit edit = new PlanEdit.Settings(settings.withBegins(next));
        ClassPlan after = edit.applyTo(now.plan());
        store.edit(teacher, now, after, lengthOf(teacher, after), edit, "taught: begins " + next.word() + " next time");
    }

    private static boolean alternatesByClass(ClassPlan plan) {
        return plan.sections().stream()
                .flatMap(section -> section.items().stream())
                .anyMatch(item ->
                        item instanceof Flow flow && flow.settings().sides().turn() == Turn.BY_CLASS);
    }

    @Transactional
    public Answer undo(Teacher teacher, ClassId id, int version) {
        StoredClass now = store.lock(teacher, id).orElseThrow(NotFound::new);
        Optional<Answer> before = doneBefore(teacher, now);
        if (before.isPresent()) return before.get();
        if (version != now.version()) return new Answer(Outcome.COLLIDED, null, now, null);
        if (now.undoLabel() == null) return new Answer(Outcome.UNCHANGED, now, now, null);
        ClassStore.Revision undone = store.revision(teacher, id, now.head());
        List<Integer> redo = new ArrayList<>(now.redo());
        redo.add(now.head());
        ClassPlan after = undone.inverse().applyTo(now.plan());
        ClassStore.Move move =
                new ClassStore.Move("undo", now.head(), undone.inverse().touches(now.plan()));
        store.moveHead(teacher, now, after, lengthOf(teacher, after), undone.parent(), redo, move);
        return saved(teacher, now);
    }

    @Transactional
    public Answer redo(Teacher teacher, ClassId id, int version) {
        StoredClass now = store.lock(teacher, id).orElseThrow(NotFound::new);
        Optional<Answer> before = doneBefore(teacher, now);
        if (before.isPresent()) return before.get();
        if (version != now.version()) return new Answer(Outcome.COLLIDED, null, now, null);
        if (now.redo().isEmpty()) return new Answer(Outcome.UNCHANGED, now, now, null);
        List<Integer> redo = new ArrayList<>(now.redo());
        int seq = redo.remove(redo.size() - 1);
        PlanEdit edit = store.revision(teacher, id, seq).edit();
        ClassPlan after = edit.applyTo(now.plan());
        ClassStore.Move move = new ClassStore.Move("redo", seq, edit.touches(now.plan()));
        store.moveHead(teacher, now, after, lengthOf(teacher, after), seq, redo, move);
        return saved(teacher, now);
    }

    private Answer saved(Teacher teacher, StoredClass before) {
        return new Answer(
                Outcome.SAVED, before, store.find(teacher, before.id()).orElseThrow(NotFound::new), null);
    }

    private long lengthOf(Teacher teacher, ClassPlan plan) {
        return unfold(teacher, plan, plan.settings().level()).totalMs();
    }
}
