package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Texts;
import gurukram.core.text.Plain;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part of the class with a role.
 *
 * @param name the teacher's own heading; empty shows the role
 * @param cueing way of cueing; null follows the style of the class
 */
public record Section(
        NodeId id, SectionRole role, String name, @Nullable Cueing cueing, List<Item> items, Texts texts, Marks marks)
        implements Node {
    public static final int MOST_LETTERS = 80;

    public Section {
        Required.of(id, "the id of a section");
        Required.of(role, "the role of a section");
        name = Plain.line(name, "A section's name", MOST_LETTERS);
        items = items == null ? List.of() : List.copyOf(items);
        texts = texts == null ? Texts.NONE : texts;
        marks = marks == null ? Marks.NONE : marks;
    }

    public static Section of(NodeId id, SectionRole role, Item... items) {
        return new Section(id, role, "", null, List.of(items), Texts.NONE, Marks.NONE);
    }

    public String title() {
        return name.isEmpty() ? role.title() : name;
    }

    public Cueing cueingIn(Style style) {
        return cueing == null ? style.cueing() : cueing;
    }

    public Section withName(String other) {
        return new Section(id, role, other, cueing, items, texts, marks);
    }

    public Section with(SectionRole other) {
        return new Section(id, other, name, cueing, items, texts, marks);
    }

    /** @param other null follows the style of the class */
    public Section with(@Nullable Cueing other) {
        return new Section(id, role, name, other, items, texts, marks);
    }

    public Section with(Texts other) {
        return new Section(id, role, name, cueing, items, other, marks);
    }

    public Section with(Marks other) {
        return new Section(id, role, name, cueing, items, texts, other);
    }

    @Override
    public Section named(NodeId other) {
        return new Section(other, role, name, cueing, items, texts, marks);
    }

    @Override
    @JsonIgnore
    public List<Item> children() {
        return items;
    }

    @Override
    public Section withChildren(List<? extends Node> children) {
        return new Section(
                id, role, name, cueing, children.stream().map(Section::item).toList(), texts, marks);
    }

    private static Item item(Node node) {
        if (node instanceof Item item) return item;
        throw new IllegalArgumentException("only flows and steps can stand in a section");
    }
}
