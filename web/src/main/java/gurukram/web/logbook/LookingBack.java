package gurukram.web.logbook;

import gurukram.web.teach.TaughtStore;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/**
 * What a teacher says of a class when it is over, as she typed it.
 *
 * @param people how many came, {@code firstTimers} how many of them for the first time; may be empty
 * @param felt how it felt to them
 * @param note what to keep and what to change
 */
record LookingBack(String people, String firstTimers, String felt, String note) {
    static final int MOST_LETTERS = 4_000;
    static final int MOST_FELT = 400;
    private static final int MOST_PEOPLE = 300;

    static LookingBack of(TaughtStore.Taught taught) {
        TaughtStore.Said said = taught.afterwards();
        return new LookingBack(shown(said.people()), shown(said.firstTimers()), said.felt(), said.note());
    }

    static LookingBack typed(Map<String, String> fields) {
        return new LookingBack(
                fields.getOrDefault("people", ""),
                fields.getOrDefault("firstTimers", ""),
                fields.getOrDefault("felt", ""),
                fields.getOrDefault("note", ""));
    }

    Map<String, String> fields() {
        return Map.of("people", people, "firstTimers", firstTimers, "felt", felt, "note", note);
    }

    private static String shown(Integer number) {
        return number == null ? "" : number.toString();
    }

    /** What cannot be kept, by field; nothing is lost of it. */
    Map<String, String> problems() {
        Map<String, String> problems = new LinkedHashMap<>();
        if (note.strip().length() > MOST_LETTERS) problems.put("note", tooLong("A note", MOST_LETTERS, note));
        if (felt.strip().length() > MOST_FELT) problems.put("felt", tooLong("This", MOST_FELT, felt));
        Integer all = number(people, "people", problems);
        Integer some = number(firstTimers, "firstTimers", problems);
        if (problems.containsKey("people") || some == null) return problems;
        if (all == null) problems.put("firstTimers", "How many came in all?");
        else if (some > all) problems.put("firstTimers", "More came for the first time than came at all.");
        return problems;
    }

    private static String tooLong(String what, int most, String typed) {
        return String.format(
                Locale.ROOT,
                "%s has at most %,d letters; this one has %,d.",
                what,
                most,
                typed.strip().length());
    }

    private static Integer number(String typed, String field, Map<String, String> problems) {
        String plain = typed.strip();
        if (plain.isEmpty()) return null;
        if (!plain.matches("\\d{1,4}") || Integer.parseInt(plain) > MOST_PEOPLE) {
            problems.put(field, "“%s” is no number of people up to %d.".formatted(plain, MOST_PEOPLE));
            return null;
        }
        return Integer.valueOf(plain);
    }

    /** Only when there are no problems. */
    TaughtStore.Said said() {
        Map<String, String> none = new LinkedHashMap<>();
        return new TaughtStore.Said(
                number(people, "", none), number(firstTimers, "", none), felt.strip(), note.strip());
    }
}
