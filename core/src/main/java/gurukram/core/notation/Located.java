package gurukram.core.notation;

import gurukram.core.text.Problem;
import gurukram.core.text.Span;

/** A problem at its place: the line, from 1, and the stretch of it. */
public record Located(int line, Span span, Problem problem) {
    /** From 1. */
    public int column() {
        return span.from() + 1;
    }

    /** {@code line 3, column 5: ...} */
    @Override
    public String toString() {
        return "line %d, column %d: %s".formatted(line, column(), problem);
    }
}
