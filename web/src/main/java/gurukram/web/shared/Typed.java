package gurukram.web.shared;

import gurukram.core.plan.NodeId;
import gurukram.core.text.Refused;
import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;

/** Reading the fields of a form, all of them, so that everything that cannot be taken is said at once. */
public final class Typed {
    private Typed() {}

    /** The value of a field; null when it is refused, and why stands under the field's name then. */
    public static <T> T take(String field, Map<String, String> problems, Supplier<T> value) {
        try {
            return value.get();
        } catch (Refused e) {
            problems.put(field, e.getMessage());
            return null;
        }
    }

    /** A form's fields without letters nobody types, so that all of it can be shown again. */
    public static Map<String, String> plain(Map<String, String> sent) {
        Map<String, String> typed = new LinkedHashMap<>();
        sent.forEach((field, value) -> typed.put(field, value.replaceAll("\\p{Cc}", " ")));
        return typed;
    }

    /** A time of day such as {@code 18:30}, {@code 7.15}; {@link Refused} otherwise. */
    public static LocalTime clock(String typed) {
        String colon = typed.strip().replace('.', ':');
        String clock = colon.length() == 4 && colon.charAt(1) == ':' ? "0" + colon : colon;
        if (!clock.matches("(?:[01]\\d|2[0-3]):[0-5]\\d"))
            throw new Refused("A time such as 18:30, please; “" + typed.strip() + "” is none.");
        return LocalTime.parse(clock);
    }

    /** One of a closed list, by its name in any case; {@link Refused} otherwise. */
    public static <E extends Enum<E>> E one(Class<E> type, String name) {
        try {
            return Enum.valueOf(type, name.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new Refused("Please choose one of the list.");
        }
    }

    /** One of a closed list that our pages send by its name; {@link WrongRequest} otherwise. */
    public static <E extends Enum<E>> E named(Class<E> type, String name) {
        try {
            return Enum.valueOf(type, name.strip().toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException e) {
            throw new WrongRequest("no such " + type.getSimpleName());
        }
    }

    /** The part of a class that our pages send; {@link WrongRequest} otherwise. */
    public static NodeId node(String typed) {
        try {
            return new NodeId(typed);
        } catch (IllegalArgumentException e) {
            throw new WrongRequest("no such part");
        }
    }

    /** An id that our pages send; {@link WrongRequest} otherwise. */
    public static UUID id(String typed) {
        try {
            return UUID.fromString(typed);
        } catch (IllegalArgumentException e) {
            throw new WrongRequest("no such id");
        }
    }
}
