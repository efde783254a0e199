package gurukram.web.sheets;

import gurukram.core.check.Subject;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.paper.TonightPage;
import gurukram.web.shared.Teacher;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What there is to lay out, to say and to watch tonight. */
@Component
public class Tonights {
    private final ClassStore classes;
    private final GroupStore groups;
    private final ClassChecks checks;
    private final CarriedStore carried;

    Tonights(ClassStore classes, GroupStore groups, ClassChecks checks, CarriedStore carried) {
        this.classes = classes;
        this.groups = groups;
        this.checks = checks;
        this.carried = carried;
    }

    public TonightPage of(Teacher teacher, StoredClass stored, String level) {
        View view = View.of(level, stored.plan().settings());
        Subject subject = checks.found(teacher, stored, view).subject();
        UUID id = classes.group(teacher, stored.id());
        Optional<Group> group = id == null ? Optional.empty() : groups.group(teacher, id);
        return TonightPage.of(
                stored,
                subject,
                view,
                group,
                checks.booked(teacher, stored.id()),
                carried.open(teacher, stored.id()).stream()
                        .map(CarriedStore.Carried::words)
                        .toList());
    }
}
