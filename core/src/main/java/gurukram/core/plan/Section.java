package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.text.Refused;
import java.util.List;

/**
 * A part of the class with a role.
 *
 * @param name the teacher's own heading; empty shows the role
 * @param cueing way of cueing; null follows the style of the class
 */
public record Section(NodeId id, SectionRole role, String name, Cueing cueing, List<Item> items) implements Node {
    public static final int MOST_LETTERS = 80;

    public Section {
        name = name == null ? "" : name.strip();
        if (name.length() > MOST_LETTERS)
            throw new Refused("A section's name has at most " + MOST_LETTERS + " letters.");
        items = List.copyOf(items);
    }

    public static Section of(NodeId id, SectionRole role, Item... items) {
        return new Section(id, role, "", null, List.of(items));
    }

    public String title() {
        return name.isEmpty() ? role.title() : name;
    }

    public Cueing cueingIn(Style style) {
        return cueing == null ? style.cueing() : cueing;
    }

    @Override
    @JsonIgnore
    public List<Item> children() {
        return items;
    }

    @Override
    public Section withChildren(List<? extends Node> children) {
        return new Section(
                id, role, name, cueing, children.stream().map(Section::item).toList());
    }

    private static Item item(Node node) {
        if (node instanceof Item item) return item;
        throw new IllegalArgumentException("a section cannot stand in a section");
    }
}
