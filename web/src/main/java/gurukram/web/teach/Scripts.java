package gurukram.web.teach;

import gurukram.core.check.Subject;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.shared.Teacher;
import java.time.LocalTime;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The script of a class as it is now. */
@Component
public class Scripts {
    private final ClassStore classes;
    private final ClassChecks checks;
    private final GroupStore groups;

    Scripts(ClassStore classes, ClassChecks checks, GroupStore groups) {
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
        return ScriptWriter.write(subject, shown, checks.schoolOf(teacher), starts(teacher, stored));
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
