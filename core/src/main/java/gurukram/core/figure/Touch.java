package gurukram.core.figure;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A place of the body that lies on something in a figure: {@code ankle2 on leg}, {@code wrist on floor}, {@code head on block},
 * {@code fingers on fingers2}. Of the floor where neither a thing, a part nor a joint is named.
 *
 * @param spot the place; a wrist or ankle stands for its whole hand or foot
 */
public record Touch(
        Joint spot,
        DrawnProp.@Nullable Kind thing,
        @Nullable Part part,
        @Nullable Joint joint) {
    private static final String FLOOR = "floor";
    private static final String ON = " on ";

    public static Touch floor(Joint spot) {
        return new Touch(spot, null, null, null);
    }

    /** {@link IllegalArgumentException} with the reason where it names nothing known. */
    static Touch parse(String text) {
        String[] halves = text.strip().split(ON);
        if (halves.length != 2) throw new IllegalArgumentException("“" + text + "” is not as in “ankle2 on leg”");
        Joint spot = constant(halves[0], Joint.class);
        String on = halves[1].strip();
        if (spot == null) throw new IllegalArgumentException("“" + halves[0] + "” is no place of the body");
        if (on.equals(FLOOR)) return floor(spot);
        DrawnProp.Kind thing = constant(on, DrawnProp.Kind.class);
        Part part = thing == null ? constant(on, Part.class) : null;
        Joint joint = thing == null && part == null ? constant(on, Joint.class) : null;
        if (thing == null && part == null && joint == null)
            throw new IllegalArgumentException("“" + on + "” is nothing to lie on");
        return new Touch(spot, thing, part, joint);
    }

    private static <E extends Enum<E>> @Nullable E constant(String word, Class<E> type) {
        for (E value : type.getEnumConstants())
            if (value.name().equals(word.strip().toUpperCase(Locale.ROOT))) return value;
        return null;
    }

    @Override
    public String toString() {
        String on = thing != null ? thing.word() : part != null ? part.word() : joint != null ? joint.word() : FLOOR;
        return spot.word() + ON + on;
    }
}
