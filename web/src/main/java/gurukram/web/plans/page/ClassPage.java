package gurukram.web.plans.page;

import gurukram.core.time.Millis;
import gurukram.web.drawing.Overview;
import gurukram.web.plans.field.Field;
import gurukram.web.plans.field.FieldMarkup;
import gurukram.web.plans.field.Options;
import gurukram.web.plans.spine.RowMarkup;
import gurukram.web.plans.spine.Rows;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * All that the class page's template may see.
 *
 * @param view the line shown, as it stands in addresses
 * @param begins when the class begins by the clock; null when that does not matter
 * @param undo what undoing takes back; null when there is nothing; {@code redo} likewise
 */
public record ClassPage(
        String id,
        int version,
        String view,
        LocalTime begins,
        Head head,
        Rows rows,
        Overview overview,
        Notice notice,
        Typing typing,
        String undo,
        String redo) {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    /** The markup of a field, already escaped. */
    public String markup(Field field) {
        return FieldMarkup.of(field);
    }

    public boolean isEmpty() {
        return rows.slots().isEmpty();
    }

    /** The markup of all rows. */
    public String spine() {
        return spine(rows.slots().keySet());
    }

    /** The markup of some rows; those that are not there are left out. */
    String spine(Collection<String> ids) {
        StringBuilder spine = new StringBuilder();
        for (Map.Entry<String, Rows.Slot> slot : rows.slots().entrySet()) {
            if (!ids.contains(slot.getKey())) continue;
            Long start = rows.starts().get(slot.getKey());
            String at = start == null ? "" : Millis.showWhole(start);
            String clock = start == null || begins == null
                    ? ""
                    : begins.plusSeconds(start / Millis.SECOND).format(CLOCK);
            spine.append(
                    RowMarkup.of(slot.getValue().make().get(), slot.getValue().mark(), at, clock));
        }
        return spine.toString();
    }

    /** The marks of all rows that have something to look at. */
    public String marks() {
        StringBuilder marks = new StringBuilder();
        rows.slots().forEach((id, slot) -> {
            if (!slot.mark().isNone()) marks.append(RowMarkup.mark(id, slot.mark()));
        });
        return marks.toString();
    }

    /** The rows in their order. */
    public String order() {
        return String.join(" ", rows.slots().keySet());
    }

    /** When each row begins, in whole seconds, in the same order; {@code -} for one that is never reached. */
    public String starts() {
        return rows.slots().keySet().stream()
                .map(rows.starts()::get)
                .map(ms -> ms == null ? "-" : String.valueOf((ms + 500) / Millis.SECOND))
                .collect(Collectors.joining(" "));
    }

    /** The lists that fields choose from. */
    public Map<String, List<Field.Option>> lists() {
        return Options.all();
    }

    /**
     * The head that never scrolls away.
     *
     * @param peak the pose the class leads to; empty when none is named
     * @param own the class's own view, as it stands in addresses
     * @param fit how the length stands to the slot, in words
     * @param fitState {@code fits}, {@code long} or {@code short}
     * @param even whether both sides have the same written work, {@code sides} says so in words
     */
    public record Head(
            Field title,
            Field theme,
            String peak,
            String about,
            Field slot,
            List<Field.Option> views,
            String own,
            String length,
            String band,
            String fit,
            String fitState,
            String rightTime,
            String leftTime,
            boolean even,
            String sides,
            List<Segment> segments,
            int slotX,
            Checked checked) {}

    /**
     * What the checks say of the class, in numbers.
     *
     * @param words {@code 2 to mend, 5 to look at}; in words when there is nothing
     * @param rows the rows with something to look at, from top to bottom
     */
    public record Checked(String css, String words, String rows) {}

    /** A section's share of the bar in the head; x and width in units of a bar 1000 wide. */
    public record Segment(String id, String title, String length, int x, int width, boolean odd, boolean peak) {}

    /** The typing line: what stands in it, and what is wrong with it. */
    public record Typing(String line, String message, List<String> offers) {}
}
