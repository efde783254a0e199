package gurukram.web.shared;

import gurukram.core.plan.NodeId;
import gurukram.core.text.Refused;
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
