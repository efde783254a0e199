package gurukram.web.plans.field;

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

    /** A field that has its place and its name, and no look yet. */
    public record Blank(String node, String name) {
        private Field of(Kind kind, String value, String label) {
            return new Field(node, name, kind, value, label, "", "", 4, 0, List.of(), "", "", "", "");
        }

        /** The same for one round of a flow. */
        Blank of(int round) {
            return new Blank(node, name + "-" + round);
        }

        public Field number(Object value, String label) {
            return of(Kind.NUMBER, String.valueOf(value), label);
        }

        public Field amount(String value, String label) {
            return of(Kind.AMOUNT, value, label).wide(Math.max(8, Math.min(28, value.length())));
        }

        public Field text(String value, String label, int width) {
            return of(Kind.TEXT, value, label).wide(width);
        }

        public Field lines(String value, String label) {
            int rows = Math.max(2, (int) value.lines().count() + 1);
            return new Field(node, name, Kind.LINES, value, label, "", "", 40, rows, List.of(), "", "", "", "");
        }

        public Field choice(String value, String label, List<Option> options) {
            return new Field(node, name, Kind.CHOICE, value, label, "", "", 0, 0, options, "", "", "", "");
        }

        public Field tick(boolean value, String label) {
            return of(Kind.TICK, value ? YES : "", label).between("", label);
        }
    }

    private static final String YES = "yes";

    /** Whether a tick is set, as it is sent. */
    static boolean isYes(String typed) {
        return typed.equals(YES);
    }

    public Field between(String before, String after) {
        return new Field(
                node, name, kind, value, label, before, after, width, rows, options, list, level, place, error);
    }

    public Field wide(int letters) {
        return new Field(
                node, name, kind, value, label, before, after, letters, rows, options, list, level, place, error);
    }

    /** With its choices in a list that the page has once for all fields of the kind. */
    public Field fromList(String name) {
        return new Field(
                node, this.name, kind, value, label, before, after, width, rows, options, name, level, place, error);
    }

    public Field atLevel(String level) {
        return new Field(
                node, name, kind, value, label, before, after, width, rows, options, list, level, place, error);
    }

    /** As it stands in a panel, where a caption says what stands before it on a row. */
    public Field inPanel() {
        return new Field(node, name, kind, value, label, "", after, width, rows, options, list, level, "p", error);
    }

    Field labelled(String label) {
        return new Field(
                node, name, kind, value, label, before, after, width, rows, options, list, level, place, error);
    }

    /** With what was typed and why it cannot be, when this is the field the problem belongs to. */
    public Field orRefused(Refusal refusal) {
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
