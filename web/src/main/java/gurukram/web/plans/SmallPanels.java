package gurukram.web.plans;

import static gurukram.web.plans.Panel.captioned;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Link;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.plans.Panel.Captioned;
import gurukram.web.plans.Panel.Group;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The panels of sections and links. */
final class SmallPanels {
    private static final int WIDE = 34;

    private SmallPanels() {}

    static Panel of(Section section, ClassPlan plan, Score score, Refusal refusal) {
        String id = section.id().value();
        List<Field.Option> roles = Arrays.stream(SectionRole.values())
                .map(role -> new Field.Option(role.name(), role.title()))
                .toList();
        String cueing = section.cueing() == null ? "" : section.cueing().name();
        List<Captioned> fields = new ArrayList<>();
        fields.add(captioned("Role", Field.choice(id, "role", section.role().name(), "Role", roles), refusal));
        fields.add(captioned("Name", Field.text(id, "name", section.name(), "Name of the section", WIDE), refusal));
        fields.add(captioned(
                "Way of cueing",
                Field.choice(
                        id,
                        "cueing",
                        cueing,
                        "Way of cueing",
                        Words.cueing(plan.settings().style())),
                refusal));
        fields.addAll(MarkFields.words(section.texts(), id, refusal));
        fields.addAll(MarkFields.marks(section.marks(), id, refusal));
        NodeTotal total = score.totals().get(section.id());
        String sum = total == null ? "0:00" : Millis.show(total.lengthMs()) + " = " + StepRows.sum(total);
        return new Panel("section", id, section.title(), sum, List.of(new Group("", true, fields)), null);
    }

    static Panel of(Link link, PoseCatalogue catalogue, Refusal refusal) {
        String words =
                new NotationWriter(catalogue).write(link).lines().findFirst().orElse("link");
        String id = link.id().value();
        Captioned line = captioned(
                "When, such as “link, rounds 3-4:”",
                Field.text(id, FieldEdit.LINE, words, "The link’s line", WIDE),
                refusal);
        return new Panel("link", id, words, "", List.of(new Group("", true, List.of(line))), null);
    }
}
