package gurukram.core.group;

import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a room has.
 *
 * @param props how many of each there are, by their name in the singular: blocks, straps, blankets, chairs
 * @param wall whether there is a free wall to stand at
 * @param mats how many fit
 */
public record Room(String name, Map<String, Integer> props, boolean wall, int mats) {
    public static final Limit MATS = new Limit("Mats", 1, 200);
    public static final Limit STOCK = new Limit("How many there are", 0, 999);
    public static final int MOST_LETTERS = 80;
    public static final int MOST_PROPS = 20;

    public Room {
        name = Plain.line(name, "A room's name", MOST_LETTERS);
        if (name.isEmpty()) throw new Refused("A room needs a name.");
        MATS.check(mats);
        TreeMap<String, Integer> stock = new TreeMap<>();
        if (props != null) {
            props.forEach((prop, number) ->
                    stock.put(Plain.line(prop, "A prop", 40).toLowerCase(Locale.ROOT), STOCK.check(number)));
        }
        if (stock.size() > MOST_PROPS) throw new Refused("A room lists at most " + MOST_PROPS + " kinds of props.");
        props = Collections.unmodifiableMap(stock);
    }

    /** How many of a prop there are; a wall is one for everybody or none. */
    public int stock(String prop) {
        if (prop.equals("wall")) return wall ? MATS.most() : 0;
        return props.getOrDefault(prop, 0);
    }
}
