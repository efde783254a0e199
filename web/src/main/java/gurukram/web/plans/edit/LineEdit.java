package gurukram.web.plans.edit;

import gurukram.core.dose.Dose;
import gurukram.core.notation.LineReader;
import gurukram.core.notation.NodeText;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LineContext;
import gurukram.core.notation.words.Quotes;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import gurukram.web.plans.EditRequest;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;

/**
 * A typed line becomes a step, a flow or a section, after the node the teacher last touched.
 *
 * @param teachers the teacher's school
 * @param level whose usual dose is taken; null for that of the class
 * @param at that node; {@code after-} before the id of a flow means behind it, not inside; empty is the end of the class
 */
public record LineEdit(
        String typed,
        String at,
        Level level,
        School teachers,
        LineReader reader,
        PoseCatalogue catalogue,
        Supplier<NodeId> newIds)
        implements EditRequest {
    private static final Pattern LINK = Pattern.compile("(?i)link\\b");

    @Override
    public Labelled on(ClassPlan now) {
        if (typed.strip().startsWith("-")) return new MarkEdit(typed.strip(), at, catalogue, newIds).on(now);
        int note = Quotes.noteIn(typed);
        if (note >= 0)
            return noted(
                    now, typed.substring(0, note), typed.substring(note + 2).strip());
        Spot spot = Spot.at(now, at);
        if (LINK.matcher(typed.strip()).lookingAt()) return link(spot);
        LineContext anywhere = new LineContext(
                        level == null ? now.settings().level() : level, spot.flow(), lastBreath(spot))
                .in(now.settings().school().over(teachers))
                .after(before(spot, now));
        LineContext context = spot.roleIn(now).map(anywhere::inSection).orElse(anywhere);
        Line line = reader.read(typed, context);
        if (line instanceof Line.EndFlow) {
            if (spot.flow() == null) throw new Refused("There is no flow to end here.");
            return new Labelled(null, "", new NodeId(Spot.BEHIND + spot.flow().id()));
        }
        NodeId id = newIds.get();
        if (line instanceof Line.AddSection section) {
            Optional<Section> there = there(now, section);
            if (there.isPresent()) return inSection(there.get(), section);
            Section added = section.on(Section.of(id, section.role()));
            return new Labelled(
                    new PlanEdit.Insert(NodeId.CLASS, spot.section(now), added), "add " + added.title(), id);
        }
        if (line instanceof Line.AddFlow flow) {
            Spot outside =
                    spot.flow() == null ? spot : Spot.behind(now, spot.flow().id());
            return insert(outside, new Flow(id, flow.settings(), List.of()), "add flow");
        }
        if (line instanceof Line.EndLink) {
            if (spot.flow() == null) throw new Refused("There is no link to end here.");
            return new Labelled(null, "", spot.flow().id());
        }
        if (line instanceof Line.AddList list && list.bare() && spot.flow() != null)
            return steps(spot, list.flow(), before(spot, now));
        if (line instanceof Line.AddList list) {
            Spot outside =
                    spot.flow() == null ? spot : Spot.behind(now, spot.flow().id());
            Labelled added =
                    insert(outside, list.flow(), "add " + list.flow().settings().name());
            NodeId behind = new NodeId(Spot.BEHIND + list.flow().id());
            return new Labelled(added.edit(), added.label(), behind);
        }
        if (line instanceof Line.AddBetween between) {
            return insert(
                    spot.flow(),
                    Link.of(id, between.when(), false, between.step().step(newIds)));
        }
        Line.AddStep step = (Line.AddStep) line;
        String name = new Naming(catalogue).pose(step.pose());
        Labelled added = insert(spot, step.step(ids(id)), "add " + name);
        return step.remark() == null ? added : added.telling(step.remark().toString());
    }

    /** A line with a note behind it, as a pasted one may have; a note alone is of what is marked. */
    private Labelled noted(ClassPlan now, String line, String note) {
        if (line.isBlank()) return new MarkEdit("- note: " + note, at, catalogue, newIds).on(now);
        Labelled added = new LineEdit(line, at, level, teachers, reader, catalogue, newIds).on(now);
        if (note.isEmpty()) return added;
        Node node = added.edit() instanceof PlanEdit.Insert insert ? insert.node() : null;
        // the first line of a class comes with its section
        if (node instanceof Section section)
            node = section.items().isEmpty() ? null : section.items().get(0);
        if (node == null) throw new Refused("A note behind “//” is of a step or a flow.");
        ClassPlan with = added.edit().applyTo(now);
        Labelled marked = new MarkEdit("- note: " + note, node.id().toString(), catalogue, newIds).on(with);
        PlanEdit both = PlanEdit.all(List.of(added.edit(), marked.edit()));
        return new Labelled(both, added.label(), added.at(), added.told());
    }

    /** A link goes behind the steps of the flow; its own steps are typed next. */
    private Labelled link(Spot spot) {
        Flow flow = spot.flow();
        if (flow == null) throw new Refused("A link belongs to a flow; mark one first.");
        return insert(flow, new NodeText(catalogue, newIds).linkIn(flow, typed.strip()));
    }

    private static Labelled insert(Flow flow, Link link) {
        NodeId last = flow.children().isEmpty()
                ? null
                : flow.children().get(flow.children().size() - 1).id();
        return new Labelled(new PlanEdit.Insert(flow.id(), last, link), "add link", link.id());
    }

    /** The section of a role that is there already: by its name, else the first that is empty, else the first. */
    private static Optional<Section> there(ClassPlan now, Line.AddSection asked) {
        List<Section> same = now.sections().stream()
                .filter(section -> section.role() == asked.role())
                .toList();
        Optional<Section> named = same.stream()
                .filter(section -> section.name().equalsIgnoreCase(asked.name()))
                .findFirst();
        Optional<Section> empty =
                same.stream().filter(section -> section.items().isEmpty()).findFirst();
        if (!asked.name().isEmpty())
            return named.or(() -> empty.filter(section -> section.name().isEmpty()));
        return empty.or(() -> same.stream().findFirst());
    }

    /** Goes to a section that is there; one without a name takes the one that was said, and any takes what is said of its time. */
    private static Labelled inSection(Section there, Line.AddSection asked) {
        Section said =
                there.name().isEmpty() ? asked.on(there) : asked.on(there).withName(there.name());
        if (said.equals(there)) return new Labelled(null, "", there.id());
        String label = said.name().equals(there.name()) ? "change " + said.title() : "name " + said.name();
        return new Labelled(new PlanEdit.Change(said), label, there.id());
    }

    /** The first name is given, the others are new. */
    private Supplier<NodeId> ids(NodeId first) {
        Iterator<NodeId> once = List.of(first).iterator();
        return () -> once.hasNext() ? once.next() : newIds.get();
    }

    /** The step the line comes after, which people may stay in. */
    private static Step before(Spot spot, ClassPlan now) {
        return spot.after() != null && now.find(spot.after()).orElse(null) instanceof Step step ? step : null;
    }

    /** The steps of a flow called by name, within another. */
    private static Labelled steps(Spot spot, Flow flow, Step before) {
        List<PlanEdit> all = new ArrayList<>();
        NodeId after = spot.after();
        for (Step step : flow.stepsBehind(before)) {
            all.add(new PlanEdit.Insert(spot.parent(), after, step));
            after = step.id();
        }
        return new Labelled(PlanEdit.all(all), "add " + flow.settings().name(), after);
    }

    private Labelled insert(Spot spot, Item item, String label) {
        if (spot.parent() != null) {
            return new Labelled(new PlanEdit.Insert(spot.parent(), spot.after(), item), label, item.id());
        }
        Section section = Section.of(newIds.get(), SectionRole.STANDING, item);
        return new Labelled(new PlanEdit.Insert(NodeId.CLASS, null, section), label, item.id());
    }

    /** The half-breath the next movement of a flow comes after. */
    private static Breath lastBreath(Spot spot) {
        if (spot.flow() == null) return Breath.FREE;
        Breath last = Breath.FREE;
        if (spot.after() == null) return last;
        for (Step step : spot.flow().steps()) {
            if (step.dose() instanceof Dose.Movement movement) last = movement.lastBreath();
            if (step.id().equals(spot.after())) return last;
        }
        return last;
    }
}
