package gurukram.web.plans.field;

import java.util.List;
import java.util.function.BiFunction;

/**
 * One thing that can be changed about a kind of node, declared once: what it is called, how it looks, and what the node
 * becomes when something is typed into it. Rows and panels show it, {@link FieldEdit} writes it.
 *
 * @param <C> the node with what is around it
 * @param <R> what it becomes
 * @param name as it stands in a request
 * @param caption the words before it in a panel
 */
public record Declared<C, R>(
        Fields<C, R> among, String name, String caption, Look<C> look, BiFunction<C, String, R> write) {
    /** How a field looks: its value and how it is changed. */
    @FunctionalInterface
    public interface Look<C> {
        Field of(C at, Field.Blank blank);
    }

    /** As it stands on a row. */
    public Field of(C at) {
        return look.of(at, new Field.Blank(among.nodeOf(at), name));
    }

    /** As it stands in a panel, with what was refused there. */
    public Captioned captioned(C at, Refusal refusal) {
        return new Captioned(caption, List.of(of(at).inPanel().orRefused(refusal)));
    }
}
