package gurukram.web.plans.panel;

import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.groups.Group;
import gurukram.web.plans.field.Captioned;
import gurukram.web.plans.field.ClassFields;
import gurukram.web.plans.field.Field;
import gurukram.web.plans.field.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** The settings of a class as a whole. */
final class ClassPanel {
    /** Not a part of the plan: it is kept with the class. */
    private static final String GROUP = "group";

    private static final String NODE = NodeId.CLASS.value();

    private ClassPanel() {}

    /** @param group the group the class is for; null for none */
    static Panel of(ClassSettings s, PoseCatalogue catalogue, List<Group> groups, UUID group, Refusal refusal) {
        ClassFields.At at = new ClassFields.At(s, catalogue);
        List<Captioned> basics = new ArrayList<>(List.of(new Captioned("Group", List.of(choice(groups, group)))));
        basics.addAll(ClassFields.basics(at, refusal));
        return new Panel(
                "class",
                NODE,
                s.title(),
                "",
                List.of(
                        new Panel.Part("When and for whom", true, basics),
                        new Panel.Part("Theme", true, ClassFields.theme(at, refusal)),
                        new Panel.Part("School and notes", false, ClassFields.school(at, refusal))),
                null);
    }

    private static Field choice(List<Group> groups, UUID group) {
        List<Field.Option> choices = new ArrayList<>(List.of(new Field.Option("", "no group")));
        groups.forEach(g -> choices.add(new Field.Option(g.id().toString(), g.name())));
        return new Field.Blank(NODE, GROUP)
                .choice(group == null ? "" : group.toString(), "Group", choices)
                .inPanel();
    }
}
