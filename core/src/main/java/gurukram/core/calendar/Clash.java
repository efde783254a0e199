package gurukram.core.calendar;

/**
 * Two things that do not go together.
 *
 * @param first the one that begins sooner
 * @param words why they do not: a whole sentence
 */
public record Clash(Planned first, Planned second, Kind kind, String words) {
    /** Why they do not go together. */
    public enum Kind {
        /** both at the same time, and the teacher is wanted at both */
        TWICE,
        /** the same room at the same time */
        ROOM,
        /** there is not the time to go from the one to the other */
        WAY
    }
}
