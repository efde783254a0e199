package gurukram.web.teach;

import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the room sends, and what follows when a class ends: all of it or nothing, and the end only once. */
@Service
class RoomLog {
    private final TaughtStore taught;
    private final ClassEditor editor;

    RoomLog(TaughtStore taught, ClassEditor editor) {
        this.taught = taught;
        this.editor = editor;
    }

    /** The entries that need not be sent again; {@link gurukram.core.text.Refused} when it is no log of this class. */
    @Transactional
    List<Entry> store(Teacher teacher, TaughtId id, LogPost post) {
        Taught before = taught.lock(teacher, id).orElseThrow(NotFound::new);
        List<Entry> entries = post.entries(before.script());
        taught.log(teacher, id, LogPost.time(post.startedAt()), LogPost.time(post.endedAt()), entries);
        Taught after = taught.find(teacher, id).orElseThrow(NotFound::new);
        boolean endsNow = before.endedAt() == null && after.endedAt() != null;
        if (endsNow && after.counts()) editor.taught(teacher, new ClassId(after.classId()));
        return entries;
    }
}
