package gurukram.core.text;

import java.util.regex.Pattern;

/**
 * The range a whole number may have, with the words to say so.
 *
 * @param what what is counted, as a teacher says it: {@code "Rounds"}
 * @param least smallest allowed value
 * @param most largest allowed value
 */
public record Limit(String what, int least, int most) {
    private static final Pattern WHOLE = Pattern.compile("[+-]?\\d{1,9}");

    /** The value itself, or {@link Refused} with the range and the value in the message. */
    public int check(int value) {
        if (value < least || value > most) throw new Refused(message(Integer.toString(value)));
        return value;
    }

    /** Reads a whole number within the range; anything else is {@link Refused}. */
    public int parse(String typed) {
        String trimmed = typed == null ? "" : typed.strip();
        if (!WHOLE.matcher(trimmed).matches()) throw new Refused(message(trimmed));
        return check(Integer.parseInt(trimmed));
    }

    private String message(String typed) {
        String said = typed.isEmpty() ? "nothing was typed" : "“" + shorten(typed) + "” is not";
        return "%s: a whole number from %d to %d, please; %s.".formatted(what, least, most, said);
    }

    private static String shorten(String typed) {
        return typed.length() <= 20 ? typed : typed.substring(0, 20) + "…";
    }
}
