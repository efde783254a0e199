package gurukram.web.teach;

import gurukram.core.check.Subject;
import gurukram.core.felt.Feelings;
import gurukram.core.felt.FeltSheet;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The script of a class as it is now. */
@Component
public class Scripts {
    private final ClassStore classes;
    private final ClassChecks checks;
    private final GroupStore groups;
    private final CarriedStore carried;
    private final Poses poses;

    Scripts(ClassStore classes, ClassChecks checks, GroupStore groups, CarriedStore carried, Poses poses) {
        this.poses = poses;
        this.carried = carried;
        this.classes = classes;
        this.checks = checks;
        this.groups = groups;
    }

    /** @param level as asked for; null for that of the class */
    public Script of(Teacher teacher, StoredClass stored, String level) {
        ClassPlan plan = stored.plan();
        Level asked = View.of(level, plan.settings()).level();
        Level shown = asked == null ? plan.settings().level() : asked;
        Subject subject = checks.of(teacher, stored.id()).subject(plan, shown);
        Script script = ScriptWriter.write(subject, shown, checks.schoolOf(teacher), starts(teacher, stored));
        return script.with(owed(teacher, stored, script));
    }

    /** What is left over from the last time, told where it belongs. */
    private List<Script.Prompted> owed(Teacher teacher, StoredClass stored, Script script) {
        List<Script.Prompted> owed = new ArrayList<>();
        for (CarriedStore.Carried one : carried.open(teacher, stored.id())) {
            for (int at = 0; at < script.moments().size(); at++) {
                if (!script.moments().get(at).node().equals(one.node())) continue;
                owed.add(new Script.Prompted("owed-" + one.id(), "from last time", at, one.words(), false));
                break;
            }
        }
        return owed;
    }

    /** A pose that is gone since, and a group that is gone, are passed over. */
    FeltSheet feelings(Teacher teacher, TaughtStore.Taught taught) {
        PoseCatalogue catalogue = poses.of(teacher);
        List<Pose> poses = taught.script().felt().keySet().stream()
                .sorted()
                .filter(catalogue::has)
                .map(catalogue::pose)
                .toList();
        People people = taught.group() == null ? null : groups.people(teacher, taught.group());
        return new Feelings(catalogue)
                .sheet(poses, people == null ? List.of() : people.needs().keySet());
    }

    /** By the class itself, else by its group; null when neither says. */
    LocalTime starts(Teacher teacher, StoredClass stored) {
        String own = stored.plan().settings().starts();
        if (!own.isEmpty()) return LocalTime.parse(own.length() == 4 ? "0" + own : own);
        UUID group = classes.group(teacher, stored.id());
        return group == null
                ? null
                : groups.group(teacher, group).map(Group::startsAt).orElse(null);
    }
}
