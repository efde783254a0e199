package gurukram.web.plans;

import java.util.List;

/**
 * One value that can be changed where it stands.
 *
 * @param node whose field it is
 * @param kind how it is changed
 * @param label read out for those who do not see the row
 * @param before words in front of the box, {@code after} behind it
 * @param width of the box in letters
 * @param rows of a box for several lines; 0 for one
 * @param options the choices of a list
 * @param list name of the list on the page that has all choices; empty when they stand in the field
 * @param level the level whose line it changes; empty for the one the page shows
 * @param place set apart from the same field elsewhere on the page: {@code p} in the panel; empty on the row
 * @param error what is wrong with {@code value}; empty when nothing
 */
public record Field(
        String node,
        String name,
        Kind kind,
        String value,
        String label,
        String before,
        String after,
        int width,
        int rows,
        List<Option> options,
        String list,
        String level,
        String place,
        String error) {

    public enum Kind {
        /** a bare number */
        NUMBER,
        /** a number with its unit, as text */
        AMOUNT,
        TEXT,
        LINES,
        CHOICE,
        /** yes or no */
        TICK
    }

    public record Option(String value, String words) {}

    private static Field of(Kind kind, String node, String name, String value, String label) {
        return new Field(node, name, kind, value, label, "", "", 4, 0, List.of(), "", "", "", "");
    }

    static Field number(String node, String name, Object value, String label, String before, String after) {
        return of(Kind.NUMBER, node, name, String.valueOf(value), label).between(before, after);
    }

    static Field amount(String node, String name, String value, String label) {
        return of(Kind.AMOUNT, node, name, value, label).wide(Math.max(8, Math.min(28, value.length())));
    }

    static Field text(String node, String name, String value, String label, int width) {
        return of(Kind.TEXT, node, name, value, label).wide(width);
    }

    /** Several lines; {@code before} says what they are. */
    static Field lines(String node, String name, String value, String label, String before) {
        int rows = Math.max(2, (int) value.lines().count() + 1);
        return new Field(node, name, Kind.LINES, value, label, before, "", 40, rows, List.of(), "", "", "", "");
    }

    static Field choice(String node, String name, String value, String label, List<Option> options) {
        return new Field(node, name, Kind.CHOICE, value, label, "", "", 0, 0, options, "", "", "", "");
    }

    static Field tick(String node, String name, boolean value, String label) {
        return of(Kind.TICK, node, name, value ? "yes" : "", label).between("", label);
    }

    Field between(String before, String after) {
        return new Field(
                node, name, kind, value, label, before, after, width, rows, options, list, level, place, error);
    }

    Field wide(int letters) {
        return new Field(
                node, name, kind, value, label, before, after, letters, rows, options, list, level, place, error);
    }

    /** With its choices in a list that the page has once for all fields of the kind. */
    Field fromList(String name) {
        return new Field(
                node, this.name, kind, value, label, before, after, width, rows, options, name, level, place, error);
    }

    Field atLevel(String level) {
        return new Field(
                node, name, kind, value, label, before, after, width, rows, options, list, level, place, error);
    }

    Field inPanel() {
        return new Field(node, name, kind, value, label, before, after, width, rows, options, list, level, "p", error);
    }

    /** With what was typed and why it cannot be, when this is the field the problem belongs to. */
    Field orRefused(Refusal refusal) {
        boolean mine = refusal != null
                && refusal.node().equals(node)
                && refusal.field().equals(name)
                && refusal.level().equals(level);
        if (!mine) return this;
        return new Field(
                node,
                name,
                kind,
                refusal.typed(),
                label,
                before,
                after,
                width,
                rows,
                options,
                list,
                level,
                place,
                refusal.message());
    }

    public String id() {
        return "f" + place + "-" + node + "-" + name + (level.isEmpty() ? "" : "-" + level.toLowerCase());
    }

    public boolean isChoice() {
        return kind == Kind.CHOICE;
    }

    public boolean isTick() {
        return kind == Kind.TICK;
    }

    public boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    public boolean isAmount() {
        return kind == Kind.AMOUNT;
    }
}
