package gurukram.web.plans;

import static gurukram.web.plans.Panel.captioned;

import gurukram.core.notation.SchoolWords;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Theme;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.Panel.Captioned;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** The settings of a class as a whole. */
final class ClassPanel {
    /** Not a part of the plan: it is kept with the class. */
    static final String GROUP = "group";

    private static final int WIDE = 34;
    private static final String NODE = NodeId.CLASS.value();

    private final Refusal refusal;

    private ClassPanel(Refusal refusal) {
        this.refusal = refusal;
    }

    /** @param group the group the class is for; null for none */
    static Panel of(
            ClassSettings s,
            PoseCatalogue catalogue,
            List<gurukram.web.groups.Group> groups,
            UUID group,
            Refusal refusal) {
        ClassPanel panel = new ClassPanel(refusal);
        return new Panel(
                "class",
                NODE,
                s.title(),
                "",
                List.of(
                        new Panel.Group("When and for whom", true, panel.basics(s, catalogue, groups, group)),
                        new Panel.Group("Theme", true, panel.theme(s.theme())),
                        new Panel.Group("School and notes", false, panel.school(s))),
                null);
    }

    private Captioned text(String caption, String field, String value) {
        return captioned(caption, Field.text(NODE, field, value, caption, WIDE), refusal);
    }

    private List<Captioned> basics(
            ClassSettings s, PoseCatalogue catalogue, List<gurukram.web.groups.Group> groups, UUID group) {
        String peak = s.peak() == null ? "" : catalogue.pose(s.peak()).name().toLowerCase();
        List<Field.Option> choices = new ArrayList<>(List.of(new Field.Option("", "no group")));
        groups.forEach(g -> choices.add(new Field.Option(g.id().toString(), g.name())));
        String chosen = group == null ? "" : group.toString();
        return List.of(
                captioned("Group", Field.choice(NODE, GROUP, chosen, "Group", choices), refusal),
                captioned("Slot", Field.number(NODE, "slot", s.slotMinutes(), "Slot in minutes", "", "min"), refusal),
                captioned("Starts at", Field.text(NODE, "starts", s.starts(), "Starts at, such as 18:30", 8), refusal),
                captioned("Style", Field.choice(NODE, "style", s.style().name(), "Style", Words.styles()), refusal),
                captioned("Level", Field.choice(NODE, "level", s.level().name(), "Level", Words.levels()), refusal),
                captioned("Room", Field.tick(NODE, "mixed", s.mixed(), "mixed: all levels on one clock"), refusal),
                text("Peak pose", "peak", peak),
                captioned(
                        "Flows that alternate by class begin",
                        Field.choice(NODE, "begins", s.begins().name(), "This class begins", Lists.FIRST),
                        refusal));
    }

    private List<Captioned> theme(Theme theme) {
        return List.of(
                text("Title", "theme", theme.title()),
                text("In one sentence", "sentence", theme.sentence()),
                text("Affirmation", "affirmation", theme.affirmation()),
                text("Image", "image", theme.image()),
                text("Quotation", "quotation", theme.quotation()),
                text("Focus in the body", "focus", theme.focus()),
                text("Mantra", "mantra", theme.mantra()),
                text("Opening words", "open", theme.open()),
                text("Closing words", "close", theme.close()));
    }

    private List<Captioned> school(ClassSettings s) {
        return List.of(
                text("Where this class differs from your school", "school", SchoolWords.write(s.school())),
                captioned("Note", Field.lines(NODE, "note", s.note(), "Note on the class", ""), refusal));
    }
}
