package gurukram.web.plans.edit;

import gurukram.core.notation.NamedFlows;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Text is put into a class, as parts of it.
 *
 * @param named the flows that can be called by name
 * @param at the node it comes after, as for {@link LineEdit}
 */
public record PasteEdit(String typed, String at, PoseCatalogue catalogue, NamedFlows named, Supplier<NodeId> newIds)
        implements EditRequest {
    /** With our sequences only. */
    public PasteEdit(String typed, String at, PoseCatalogue catalogue, Supplier<NodeId> newIds) {
        this(typed, at, catalogue, NamedFlows.ours(), newIds);
    }

    @Override
    public Labelled on(ClassPlan now) {
        Spot spot = Spot.at(now, at);
        PastedText pasted = PastedText.read(typed, spot.flow(), catalogue, named, newIds);
        if (!pasted.isClear()) {
            Problem first = pasted.reading().problems().get(0).problem();
            throw new Refused(first);
        }
        if (pasted.items().isEmpty() && pasted.sections().isEmpty()) throw new Refused("There is nothing to put in.");
        List<PlanEdit> edits = new ArrayList<>();
        NodeId section = items(now, spot, pasted.items(), edits);
        NodeId last = pasted.items().isEmpty()
                ? null
                : pasted.items().get(pasted.items().size() - 1).id();
        for (Section added : pasted.sections()) {
            edits.add(new PlanEdit.Insert(NodeId.CLASS, section, added));
            section = added.id();
            last = added.id();
        }
        return new Labelled(new PlanEdit.Together(edits), "paste", last);
    }

    /** The section they came to stand in; null when the class has none and none was made. */
    private NodeId items(ClassPlan now, Spot spot, List<Item> items, List<PlanEdit> edits) {
        if (items.isEmpty()) return spot.section(now);
        boolean onlySteps = items.stream().allMatch(Step.class::isInstance);
        Spot place =
                spot.flow() != null && !onlySteps ? Spot.behind(now, spot.flow().id()) : spot;
        if (place.parent() == null) {
            Section made = Section.of(newIds.get(), SectionRole.STANDING, items.toArray(Item[]::new));
            edits.add(new PlanEdit.Insert(NodeId.CLASS, null, made));
            return made.id();
        }
        NodeId after = place.after();
        for (Item item : items) {
            edits.add(new PlanEdit.Insert(place.parent(), after, fitted(item, place.flow())));
            after = item.id();
        }
        return spot.section(now);
    }

    private Item fitted(Item item, Flow flow) {
        return flow != null && item instanceof Step step ? new Flows(catalogue).intoFlow(step, flow.settings()) : item;
    }
}
