package gurukram.web.teach;

import gurukram.core.check.Checks;
import gurukram.core.fit.FitAnswer;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.room.Departure;
import gurukram.core.room.Underway;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How a class that is being taught can go on. */
@Component
class RoomChanges {
    /** The answers that come with the page: so many minutes late at the beginning of each section. */
    private static final int[] LATE = {2, 5, 8, 12};

    private static final int MOST_KEPT = 32;

    private final ClassEditor editor;
    private final ClassChecks checks;
    private final Poses poses;

    private final Map<TaughtId, Run> runs = new LinkedHashMap<>(MOST_KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<TaughtId, Run> eldest) {
            return size() > MOST_KEPT;
        }
    };

    RoomChanges(ClassEditor editor, ClassChecks checks, Poses poses) {
        this.editor = editor;
        this.checks = checks;
        this.poses = poses;
    }

    /** One part that changes: {@code Pigeon: 10 breaths → 6 breaths}. */
    record Changed(String what, String before, String after, long byMs) {
        static Changed of(FitAnswer.Change change) {
            return new Changed(change.what(), change.before(), change.after(), change.afterMs() - change.beforeMs());
        }
    }

    /**
     * A way to go on.
     *
     * @param savedMs how much shorter it is
     * @param missesMs by how much that is too little, within half a minute
     * @param course the moments that follow
     */
    record Answer(List<Changed> changes, long savedMs, long missesMs, List<Course.Step> course) {}

    /** @param at the moment after which it changes, {@code lateMs} how late the class is there */
    record Prepared(int at, long lateMs, Answer answer) {}

    /** {@link Refused} when the change makes no sense, or the class was opened before this was possible. */
    Answer answer(Teacher teacher, TaughtStore.Taught taught, ChangeAsk ask) {
        int moments = taught.script().moments().size();
        int at = ask.place(moments);
        Run run = run(teacher, taught);
        return run.inTurn(() -> answer(run, ask, at, moments));
    }

    private static Answer answer(Run run, ChangeAsk ask, int at, int moments) {
        Underway before = run.begun;
        for (Departure departure : ask.departures(moments)) before = before.after(departure);
        if (ask.ask() == null) return run.answer(before, before, List.of(), 0, at);
        Departure asked = ask.ask().departure(moments);
        if (asked instanceof Departure.OnTime onTime) {
            Underway.Shortened shortened = before.onTime(onTime.at(), onTime.byMs());
            return run.answer(before, shortened.after(), shortened.changes(), shortened.missesMs(), at);
        }
        return run.answer(before, before.after(asked), List.of(), 0, at);
    }

    /** What is worked out beforehand, for a time without the server. */
    List<Prepared> prepared(Teacher teacher, TaughtStore.Taught taught) {
        if (taught.plan() == null) return List.of();
        Run run = run(teacher, taught);
        Script script = taught.script();
        List<Prepared> all = new ArrayList<>();
        int last = script.restAt() == null ? script.moments().size() : script.restAt();
        for (int i = 0; i < last; i++) {
            boolean begins = i == 0
                    || script.moments().get(i).section()
                            != script.moments().get(i - 1).section();
            if (!begins) continue;
            for (int minutes : LATE) {
                long late = minutes * (long) Millis.MINUTE;
                int at = i - 1;
                // whoever asks in between waits for one of them, not for all
                all.add(new Prepared(at, late, run.inTurn(() -> {
                    Underway.Shortened shortened = run.begun.onTime(at, late);
                    return run.answer(run.begun, shortened.after(), shortened.changes(), shortened.missesMs(), at);
                })));
            }
        }
        return all;
    }

    /** One class; for one thread at a time, and the one that has waited longest goes first. */
    private record Run(Script script, Underway begun, Checks checks, School school, ReentrantLock turn) {
        Answer inTurn(Supplier<Answer> work) {
            turn.lock();
            try {
                return work.get();
            } finally {
                turn.unlock();
            }
        }

        Answer answer(Underway before, Underway after, List<FitAnswer.Change> changes, long misses, int at) {
            return new Answer(
                    changes.stream().map(Changed::of).toList(),
                    before.score().totalMs() - after.score().totalMs(),
                    misses,
                    Course.of(
                            script,
                            checks.subject(after.plan(), after.level()),
                            after.level(),
                            school,
                            after.tail(at)));
        }
    }

    /** What was worked out for a class that is being taught helps with what is asked next. */
    private Run run(Teacher teacher, TaughtStore.Taught taught) {
        synchronized (runs) {
            return runs.computeIfAbsent(taught.id(), id -> newRun(teacher, taught));
        }
    }

    private Run newRun(Teacher teacher, TaughtStore.Taught taught) {
        if (taught.plan() == null) throw new Refused("This class was opened before its length could be changed here.");
        Level level = Arrays.stream(Level.values())
                .filter(one -> one.word().equals(taught.level()))
                .findFirst()
                .orElse(taught.plan().settings().level());
        Underway begun = Underway.begun(taught.plan(), level, poses.of(teacher), editor.unfolderOf(teacher));
        return new Run(
                taught.script(),
                begun,
                checks.of(teacher, new ClassId(taught.classId())),
                checks.schoolOf(teacher),
                new ReentrantLock(true));
    }
}
