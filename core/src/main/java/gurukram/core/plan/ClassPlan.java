package gurukram.core.plan;

import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Required;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** A class as it is written: settings and sections. Immutable; {@link PlanEdit} makes one of another. */
public record ClassPlan(ClassSettings settings, List<Section> sections) {
    public static final int MOST_NODES = 1_000;

    public ClassPlan {
        Required.of(settings, "settings");
        sections = sections == null ? List.of() : List.copyOf(sections);
    }

    public static ClassPlan of(ClassSettings settings, Section... sections) {
        return new ClassPlan(settings, List.of(sections));
    }

    /** Visits every node, parents before children, in the order of the page. */
    public void walk(Consumer<Node> visitor) {
        sections.forEach(section -> walk(section, visitor));
    }

    private static void walk(Node node, Consumer<Node> visitor) {
        visitor.accept(node);
        node.children().forEach(child -> walk(child, visitor));
    }

    public Optional<Node> find(NodeId id) {
        List<Node> found = new ArrayList<>(1);
        walk(node -> {
            if (node.id().equals(id)) found.add(node);
        });
        return found.stream().findFirst();
    }

    public boolean has(NodeId id) {
        return find(id).isPresent();
    }

    /** Where a node stands; empty when it does not. */
    public Optional<Place> placeOf(NodeId id) {
        Optional<Place> top = Place.among(NodeId.CLASS, sections, id);
        if (top.isPresent()) return top;
        List<Place> found = new ArrayList<>(1);
        walk(node -> Place.among(node.id(), node.children(), id).ifPresent(found::add));
        return found.stream().findFirst();
    }

    /** The part a node stands in; empty for sections, and for what is not there. */
    public Optional<Node> parentOf(NodeId id) {
        return placeOf(id).flatMap(place -> find(place.parent()));
    }

    /** The flow a node stands in, also by a link of it; null outside flows. */
    public @Nullable Flow flowAround(NodeId id) {
        Node parent = parentOf(id).orElse(null);
        if (parent instanceof Link link) return flowAround(link.id());
        return parent instanceof Flow flow ? flow : null;
    }

    /** The children of a node, or the sections for {@link NodeId#CLASS}; {@link Refused} when it is not there. */
    public List<? extends Node> childrenOf(NodeId parent) {
        if (parent.equals(NodeId.CLASS)) return sections;
        return find(parent)
                .orElseThrow(() -> new Refused("That part of the class is no longer there."))
                .children();
    }

    public ClassPlan withChildrenOf(NodeId parent, List<? extends Node> children) {
        if (parent.equals(NodeId.CLASS)) {
            return new ClassPlan(
                    settings, children.stream().map(ClassPlan::section).toList());
        }
        return replacing(parent, node -> node.withChildren(children));
    }

    /** What does not hold the part is the very same afterwards. */
    public ClassPlan replacing(NodeId id, UnaryOperator<Node> change) {
        for (int i = 0; i < sections.size(); i++) {
            Node now = replaced(sections.get(i), id, change);
            if (now == sections.get(i)) continue;
            List<Section> all = new ArrayList<>(sections);
            all.set(i, section(now));
            return new ClassPlan(settings, all);
        }
        return this;
    }

    private static Node replaced(Node node, NodeId id, UnaryOperator<Node> change) {
        if (node.id().equals(id)) return change.apply(node);
        List<? extends Node> children = node.children();
        for (int i = 0; i < children.size(); i++) {
            Node now = replaced(children.get(i), id, change);
            if (now == children.get(i)) continue;
            List<Node> all = new ArrayList<>(children);
            all.set(i, now);
            return node.withChildren(all);
        }
        return node;
    }

    /** With others in the place of the parts of their names. */
    public ClassPlan with(Map<NodeId, ? extends Node> others) {
        List<Section> all = new ArrayList<>();
        for (Section section : sections) all.add(section(with(section, others)));
        return new ClassPlan(settings, all);
    }

    private static Node with(Node node, Map<NodeId, ? extends Node> others) {
        Node other = others.get(node.id());
        if (other != null) return other;
        List<Node> all = new ArrayList<>();
        boolean same = true;
        for (Node child : node.children()) {
            Node now = with(child, others);
            same &= now == child;
            all.add(now);
        }
        return same ? node : node.withChildren(all);
    }

    private static Section section(Node node) {
        if (node instanceof Section section) return section;
        throw new IllegalArgumentException("only sections can stand in a class");
    }

    public ClassPlan with(ClassSettings other) {
        return new ClassPlan(other, sections);
    }
}
