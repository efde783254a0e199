package gurukram.core.notation;

import gurukram.core.plan.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** A node while its lines are read: its own value, and what stands in it so far. */
public final class Sketch {
    Node value;
    final List<Sketch> children = new ArrayList<>();

    public Sketch(Node value) {
        this.value = value.withChildren(List.of());
        value.children().forEach(child -> children.add(new Sketch(child)));
    }

    Sketch add(Node child) {
        Sketch sketch = new Sketch(child);
        children.add(sketch);
        return sketch;
    }

    Node whole() {
        if (children.isEmpty()) return value;
        return value.withChildren(children.stream().map(Sketch::whole).toList());
    }

    void walk(Consumer<Sketch> visitor) {
        visitor.accept(this);
        children.forEach(child -> child.walk(visitor));
    }
}
