package gurukram.web.teach;

import gurukram.core.text.Refused;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the room sends, and what follows when a class ends: all of it or nothing, and the end only once. */
@Service
class RoomLog {
    /** Far more than anybody can press in a class. */
    private static final int MOST_ENTRIES = 20_000;

    private final TaughtStore taught;
    private final Ending ending;
    private final ClassStore classes;
    private final FeltStore felt;
    private final Clock clock;

    RoomLog(TaughtStore taught, Ending ending, ClassStore classes, FeltStore felt, Clock clock) {
        this.felt = felt;
        this.clock = clock;
        this.taught = taught;
        this.ending = ending;
        this.classes = classes;
    }

    /**
     * What came of it.
     *
     * @param entries those that need not be sent again
     * @param changed whether the class was changed since it was opened here: what is taught is as it was
     */
    record Stored(List<Entry> entries, boolean changed) {}

    /** The entries that need not be sent again; {@link Refused} when it is no log of this class. */
    @Transactional
    Stored store(Teacher teacher, TaughtId id, LogPost post) {
        Taught before = taught.lock(teacher, id).orElseThrow(NotFound::new);
        LogPost.Read read = post.read(before.script(), clock.instant(), before.shiftMs());
        if (taught.entryCount(teacher, id) + read.entries().size() > MOST_ENTRIES)
            throw new Refused("The log of this class is full.");
        taught.log(teacher, id, read.startedAt(), read.endedAt(), read.entries());
        List<String> said = post.said(before.script());
        if (!said.isEmpty()) taught.said(teacher, id, said);
        List<FeltStore.Noted> noted = post.felt(before.script());
        if (!noted.isEmpty()) felt.add(teacher, id, noted, LogPost.MOST_FELT);
        List<TaughtStore.Change> changes = post.changes();
        if (changes != null) taught.keepChanges(teacher, id, changes);
        taught.keepClock(teacher, id, read.shiftMs(), read.odd());
        boolean changed = isChanged(teacher, before);
        ending.settle(teacher, id);
        return new Stored(read.entries(), changed);
    }

    private boolean isChanged(Teacher teacher, Taught opened) {
        if (opened.version() == null || opened.classId() == null) return false;
        return classes.version(teacher, new ClassId(opened.classId()))
                .filter(version -> version > opened.version())
                .isPresent();
    }
}
