package gurukram.web.plans.field;

import gurukram.web.shared.WrongRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * All that can be changed about a kind of node. What is declared here is shown and written; there is no other list.
 *
 * @param <C> the node with what is around it
 * @param <R> what it becomes
 */
public final class Fields<C, R> {
    private final Function<C, String> node;
    private final Map<String, Declared<C, R>> byName = new LinkedHashMap<>();

    /** @param node the id of the node, as it stands in requests */
    Fields(Function<C, String> node) {
        this.node = node;
    }

    /** Two fields of one name are a mistake of ours: {@link IllegalStateException}. */
    Declared<C, R> declare(String name, String caption, Declared.Look<C> look, BiFunction<C, String, R> write) {
        Declared<C, R> field = new Declared<>(this, name, caption, look, write);
        if (byName.put(name, field) != null) throw new IllegalStateException("two fields called " + name);
        return field;
    }

    String nodeOf(C at) {
        return node.apply(at);
    }

    /**
     * What the node becomes; {@link gurukram.core.text.Refused} when what was typed cannot be taken, {@link WrongRequest} when
     * it has no such field.
     */
    R write(C at, String name, String typed) {
        Declared<C, R> field = byName.get(name);
        if (field == null) throw new WrongRequest("no such field");
        return field.write().apply(at, typed);
    }
}
