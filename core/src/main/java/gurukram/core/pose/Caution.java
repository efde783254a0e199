package gurukram.core.pose;

import org.jspecify.annotations.Nullable;

/**
 * What a need asks of a pose. The app plans movement and is no medical device: the change is the usual one, and doctors,
 * licensed practitioners and the studio's own rules come first.
 *
 * @param change what to do instead, in the teacher's words
 * @param instead id of the pose that takes its place for this need; null where there is none
 */
public record Caution(
        Need need,
        Severity severity,
        String change,
        @Nullable String instead) {
    public enum Severity {
        /** never planned for a group with this need */
        BLOCKED,
        /** only with its change */
        CHANGE,
        /** announced */
        TELL
    }

    public String words() {
        String lead = severity == Severity.BLOCKED ? "leave out" : severity == Severity.TELL ? "say" : "change";
        return need.words() + ": " + lead + (change.isBlank() ? "" : "; " + change);
    }
}
