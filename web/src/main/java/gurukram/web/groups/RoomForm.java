package gurukram.web.groups;

import gurukram.core.group.Room;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A room as it was typed.
 *
 * @param typed every field by its name; props as {@code prop-block}
 */
public record RoomForm(Map<String, String> typed) {
    /** The props the poses of the catalogue know. */
    static final List<String> PROPS = List.of("block", "strap", "blanket", "bolster", "chair");

    static RoomForm of(Room room) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("name", room.name());
        typed.put("mats", String.valueOf(room.mats()));
        if (room.wall()) typed.put("wall", "on");
        room.props().forEach((prop, number) -> typed.put("prop-" + prop, String.valueOf(number)));
        return new RoomForm(typed);
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    /** @return null when there are problems, which are put down by field */
    Room read(Map<String, String> problems) {
        Map<String, Integer> props = new LinkedHashMap<>();
        for (String prop : PROPS) {
            Integer number = number("prop-" + prop, Room.STOCK, "0", problems);
            if (number != null && number > 0) props.put(prop, number);
        }
        Integer mats = number("mats", Room.MATS, "", problems);
        try {
            new Room(value("name"), Map.of(), false, 1);
        } catch (Refused e) {
            problems.put("name", e.getMessage());
        }
        if (!problems.isEmpty()) return null;
        return new Room(value("name"), props, typed.containsKey("wall"), mats);
    }

    private Integer number(String field, Limit limit, String empty, Map<String, String> problems) {
        try {
            return limit.parse(value(field).isEmpty() ? empty : value(field));
        } catch (Refused e) {
            problems.put(field, e.getMessage());
            return null;
        }
    }
}
