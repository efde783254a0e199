package gurukram.web.plans;

import java.util.List;

/** All that the class page's template may see. */
public record ClassPage(
        String id, int version, Head head, List<Row> rows, Notice notice, Typing typing, String undo, String redo) {

    /** Where fields are sent. */
    public String changeUrl() {
        return "/classes/" + id + "/change";
    }

    /** The markup of a field, already escaped. */
    public String markup(Field field) {
        return FieldMarkup.of(field, changeUrl());
    }

    /** Where rows are moved, doubled and taken out. */
    public String treeUrl() {
        return "/classes/" + id + "/tree";
    }

    /**
     * The head that never scrolls away.
     *
     * @param level the level shown; {@code ownLevel} the class's own
     * @param fit how the length stands to the slot, in words
     * @param fitState {@code fits}, {@code long} or {@code short}
     * @param even whether both sides have the same written work, {@code sides} says so in words
     */
    public record Head(
            Field title,
            Field theme,
            Field slot,
            Field style,
            Field ownLevel,
            String level,
            String length,
            String band,
            String fit,
            String fitState,
            String rightTime,
            String leftTime,
            boolean even,
            String sides,
            List<Segment> segments,
            int slotX) {}

    /** A section's share of the bar in the head; x and width in units of a bar 1000 wide. */
    public record Segment(String id, String title, String length, int x, int width, boolean odd) {}

    /** The typing line: what stands in it, and what is wrong with it. */
    public record Typing(String line, String message, List<String> offers) {}
}
