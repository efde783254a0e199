package gurukram.web.teach;

import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
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
    private final ClassEditor editor;
    private final Clock clock;

    RoomLog(TaughtStore taught, ClassEditor editor, Clock clock) {
        this.clock = clock;
        this.taught = taught;
        this.editor = editor;
    }

    /** The entries that need not be sent again; {@link Refused} when it is no log of this class. */
    @Transactional
    List<Entry> store(Teacher teacher, TaughtId id, LogPost post) {
        Taught before = taught.lock(teacher, id).orElseThrow(NotFound::new);
        LogPost.Read read = post.read(before.script(), clock.instant(), before.shiftMs());
        if (taught.entryCount(teacher, id) + read.entries().size() > MOST_ENTRIES)
            throw new Refused("The log of this class is full.");
        taught.log(teacher, id, read.startedAt(), read.endedAt(), read.entries());
        List<String> said = post.said(before.script());
        if (!said.isEmpty()) taught.said(teacher, id, said);
        taught.keepClock(teacher, id, read.shiftMs(), read.odd());
        Taught after = taught.find(teacher, id).orElseThrow(NotFound::new);
        boolean endsNow = before.endedAt() == null && after.endedAt() != null;
        if (endsNow && after.counts()) editor.taught(teacher, new ClassId(after.classId()));
        return read.entries();
    }
}
