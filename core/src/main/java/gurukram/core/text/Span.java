package gurukram.core.text;

/** A stretch of one line: columns from 0, {@code to} exclusive. */
public record Span(int from, int to) {
    public Span {
        if (from < 0 || to < from) throw new IllegalArgumentException("no span: " + from + " to " + to);
    }

    public Span shifted(int by) {
        return new Span(from + by, to + by);
    }
}
