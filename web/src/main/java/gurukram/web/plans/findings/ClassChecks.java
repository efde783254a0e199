package gurukram.web.plans.findings;

import gurukram.core.check.Checks;
import gurukram.core.check.Report;
import gurukram.core.check.Subject;
import gurukram.core.plan.settings.School;
import gurukram.web.account.Zones;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The checks with what a teacher has: own poses, own school, and the group a class is for. */
@Component
public class ClassChecks {
    private final ClassEditor editor;
    private final Poses poses;
    private final ClassStore classes;
    private final GroupStore groups;
    private final Zones zones;

    ClassChecks(ClassEditor editor, Poses poses, ClassStore classes, GroupStore groups, Zones zones) {
        this.zones = zones;
        this.editor = editor;
        this.poses = poses;
        this.classes = classes;
        this.groups = groups;
    }

    /** What is found in one class. */
    public record Found(Checks checks, Subject subject, Report report) {}

    public Checks of(Teacher teacher, ClassId id) {
        return new Checks(
                poses.of(teacher),
                editor.unfolderOf(teacher),
                editor.schoolOf(teacher),
                groups.people(teacher, classes.group(teacher, id), zones.today(teacher)));
    }

    /** How many are booked for tonight: a sentence; empty where nothing is known. */
    public String booked(Teacher teacher, ClassId id) {
        UUID group = classes.group(teacher, id);
        if (group == null) return "";
        return groups.booked(teacher, group, zones.today(teacher))
                .map(booked -> "Booked tonight: %d%s."
                        .formatted(
                                booked.mats(),
                                booked.firstTimers() == 0
                                        ? ""
                                        : ", %d of them for the first time".formatted(booked.firstTimers())))
                .orElse("");
    }

    public School schoolOf(Teacher teacher) {
        return editor.schoolOf(teacher);
    }

    public Found found(Teacher teacher, StoredClass stored, View view) {
        Checks checks = of(teacher, stored.id());
        Subject subject = checks.subject(stored.plan(), view.level());
        return new Found(checks, subject, checks.report(subject));
    }
}
