package gurukram.web.teach;

import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.List;
import org.springframework.stereotype.Service;

/** What follows from a class that is over: it is told to the class once, what it owes is carried over, what it had in it is kept. */
@Service
public class Ending {
    private final TaughtStore taught;
    private final ClassEditor editor;
    private final CarriedStore carried;

    Ending(TaughtStore taught, ClassEditor editor, CarriedStore carried) {
        this.taught = taught;
        this.editor = editor;
        this.carried = carried;
    }

    /** The same again changes nothing. */
    public void settle(Teacher teacher, TaughtId id) {
        Taught over = taught.find(teacher, id).orElseThrow();
        if (over.endedAt() == null) return;
        List<Entry> entries = taught.entries(teacher, id);
        taught.keepCovered(teacher, id, CoveredLog.of(over, entries));
        if (over.classId() == null) return;
        if (over.counts() && taught.tellEnd(teacher, id)) editor.taught(teacher, new ClassId(over.classId()));
        carried.keep(teacher, over.classId(), id.value(), over.counts() ? LeftOver.of(over, entries) : List.of());
    }

    /** It is deleted: it owes nothing any more. */
    public void forget(Teacher teacher, Taught gone) {
        if (gone.classId() != null)
            carried.keep(teacher, gone.classId(), gone.id().value(), List.of());
    }
}
