package gurukram.web.plans;

import java.util.List;

/**
 * One value that can be changed where it stands.
 *
 * @param node whose field it is
 * @param label read out for those who do not see the row
 * @param before words in front of the box, {@code after} behind it
 * @param width of the box in letters
 * @param rows of a box for several lines; 0 for one
 * @param options the choices of a list; empty for a box to type in
 * @param error what is wrong with {@code value}; empty when nothing
 */
public record Field(
        String node,
        String name,
        String value,
        String label,
        String before,
        String after,
        int width,
        int rows,
        List<Option> options,
        String error) {

    public record Option(String value, String words) {}

    static Field number(String node, String name, Object value, String label, String before, String after) {
        return new Field(node, name, String.valueOf(value), label, before, after, 4, 0, List.of(), "");
    }

    static Field text(String node, String name, String value, String label, int width) {
        return new Field(node, name, value, label, "", "", width, 0, List.of(), "");
    }

    /** Several lines; {@code before} says what they are. */
    static Field lines(String node, String name, String value, String label, String before) {
        int rows = Math.max(2, (int) value.lines().count() + 1);
        return new Field(node, name, value, label, before, "", 40, rows, List.of(), "");
    }

    static Field choice(String node, String name, String value, String label, List<Option> options) {
        return new Field(node, name, value, label, "", "", 0, 0, options, "");
    }

    /** With what was typed and why it cannot be, when this is the field the problem belongs to. */
    Field orRefused(Refusal refusal) {
        if (refusal == null || !refusal.node().equals(node) || !refusal.field().equals(name)) return this;
        return new Field(node, name, refusal.typed(), label, before, after, width, rows, options, refusal.message());
    }

    public String id() {
        return "f-" + node + "-" + name;
    }

    public boolean isChoice() {
        return !options.isEmpty();
    }

    public boolean isNumber() {
        return options.isEmpty() && width <= 6;
    }
}
