package gurukram.core.pose;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a need asks of a pose. The app plans movement and is no medical device: the change is the usual one, and doctors,
 * licensed practitioners and the studio's own rules come first.
 *
 * @param texts what to do instead or to say, a sentence each, the strictest first
 * @param instead id of the pose that takes its place for this need; null where there is none
 * @param because what the pose does that asks for it; empty for a caution that somebody wrote
 */
public record Caution(
        Need need,
        Severity severity,
        List<String> texts,
        @Nullable String instead,
        List<Mechanism> because) {
    public enum Severity {
        /** never planned for a group with this need */
        BLOCKED,
        /** only with its change */
        CHANGE,
        /** announced */
        TELL;

        /** Whether it asks more than the other. */
        public boolean isStricterThan(Severity other) {
            return compareTo(other) < 0;
        }
    }

    private static final String LEAVE_OUT = "Leave this one out: ";

    public Caution {
        texts = texts.stream().filter(text -> !text.isBlank()).toList();
        because = List.copyOf(because);
    }

    /** One that somebody wrote. */
    public Caution(Need need, Severity severity, String change, @Nullable String instead) {
        this(need, severity, List.of(change), instead, List.of());
    }

    /** All its sentences; what is left out for several reasons says so once. */
    public String change() {
        List<String> reasons = texts.stream()
                .filter(text -> text.startsWith(LEAVE_OUT))
                .map(text -> text.substring(LEAVE_OUT.length()).replaceAll("\\.$", ""))
                .toList();
        if (reasons.size() < 2) return String.join(" ", texts);
        List<String> all = new ArrayList<>(List.of(LEAVE_OUT + String.join("; ", reasons) + "."));
        texts.stream().filter(text -> !text.startsWith(LEAVE_OUT)).forEach(all::add);
        return String.join(" ", all);
    }

    /** The sentence that counts most; empty where there is none. */
    public String first() {
        return texts.isEmpty() ? "" : texts.get(0);
    }

    public String words() {
        String lead = severity == Severity.BLOCKED ? "leave out" : severity == Severity.TELL ? "say" : "change";
        return need.words() + ": " + lead + (texts.isEmpty() ? "" : "; " + change());
    }
}
