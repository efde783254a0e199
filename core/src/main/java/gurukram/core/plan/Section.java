package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Timing;
import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part of the class with a role.
 *
 * @param name the teacher's own heading; empty shows the role
 * @param cueing way of cueing; null follows the class
 * @param breathMillis one breath of its holds, ms; null follows the class
 * @param minutes how long the teacher wants it to be; null is its share of the class
 * @param way how people go from pose to pose in it, where it leads there and a step says none; null for the usual ways
 */
public record Section(
        NodeId id,
        SectionRole role,
        String name,
        @Nullable Cueing cueing,
        List<Item> items,
        Texts texts,
        Marks marks,
        @Nullable Integer breathMillis,
        @Nullable Integer minutes,
        @Nullable Way way)
        implements Node {
    public static final int MOST_LETTERS = 80;
    public static final Limit MINUTES = new Limit("Minutes of a section", 1, 240);

    public Section {
        Required.of(id, "the id of a section");
        Required.of(role, "the role of a section");
        name = Plain.line(name, "A section's name", MOST_LETTERS);
        items = items == null ? List.of() : List.copyOf(items);
        if (breathMillis != null) Timing.BREATH_MILLIS.check(breathMillis);
        if (minutes != null) MINUTES.check(minutes);
        texts = texts == null ? Texts.NONE : texts;
        marks = marks == null ? Marks.NONE : marks;
    }

    public static Section of(NodeId id, SectionRole role, Item... items) {
        return new Section(id, role, "", null, List.of(items), Texts.NONE, Marks.NONE, null, null, null);
    }

    public String title() {
        return name.isEmpty() ? role.title() : name;
    }

    /** The way of cueing that holds here: its own, else the school's, else that of the style. */
    public Cueing cueingIn(Style style, School school) {
        if (cueing != null) return cueing;
        return school.cueing() == null ? style.cueing() : school.cueing();
    }

    public Section withBreath(@Nullable Integer ms) {
        return new Section(id, role, name, cueing, items, texts, marks, ms, minutes, way);
    }

    public Section withMinutes(@Nullable Integer other) {
        return new Section(id, role, name, cueing, items, texts, marks, breathMillis, other, way);
    }

    /** @param other null takes the usual ways */
    public Section withWay(@Nullable Way other) {
        return new Section(id, role, name, cueing, items, texts, marks, breathMillis, minutes, other);
    }

    public Section withName(String other) {
        return new Section(id, role, other, cueing, items, texts, marks, breathMillis, minutes, way);
    }

    public Section with(SectionRole other) {
        return new Section(id, other, name, cueing, items, texts, marks, breathMillis, minutes, way);
    }

    /** @param other null follows the style of the class */
    public Section with(@Nullable Cueing other) {
        return new Section(id, role, name, other, items, texts, marks, breathMillis, minutes, way);
    }

    public Section with(Texts other) {
        return new Section(id, role, name, cueing, items, other, marks, breathMillis, minutes, way);
    }

    public Section with(Marks other) {
        return new Section(id, role, name, cueing, items, texts, other, breathMillis, minutes, way);
    }

    @Override
    public Section named(NodeId other) {
        return new Section(other, role, name, cueing, items, texts, marks, breathMillis, minutes, way);
    }

    @Override
    @JsonIgnore
    public List<Item> children() {
        return items;
    }

    @Override
    public Section withChildren(List<? extends Node> children) {
        return new Section(
                id,
                role,
                name,
                cueing,
                children.stream().map(Section::item).toList(),
                texts,
                marks,
                breathMillis,
                minutes,
                way);
    }

    private static Item item(Node node) {
        if (node instanceof Item item) return item;
        throw new IllegalArgumentException("only flows and steps can stand in a section");
    }
}
