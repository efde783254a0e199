package gurukram.web.plans.panel;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.web.plans.field.Captioned;
import gurukram.web.plans.field.LinkFields;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.field.SectionFields;
import gurukram.web.plans.panel.Panel.Part;
import gurukram.web.plans.spine.StepRows;
import java.util.List;

/** The panels of sections and links. */
final class SmallPanels {
    private SmallPanels() {}

    static Panel of(Section section, ClassPlan plan, Score score, Refusal refusal) {
        List<Captioned> fields = SectionFields.panel(section, plan.settings().style(), refusal);
        String sum = StepRows.lengthAndSum(score.totals().get(section.id()));
        return new Panel(
                "section", section.id().value(), section.title(), sum, List.of(new Part("", true, fields)), null);
    }

    static Panel of(Link link, PoseCatalogue catalogue, Refusal refusal) {
        NodeText text = new NodeText(catalogue, NodeNames.numbers());
        List<Captioned> fields = LinkFields.panel(link, text, refusal);
        return new Panel("link", link.id().value(), text.line(link), "", List.of(new Part("", true, fields)), null);
    }
}
