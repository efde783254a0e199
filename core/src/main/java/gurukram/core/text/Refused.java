package gurukram.core.text;

import org.jspecify.annotations.Nullable;

/** Something typed cannot be taken; carries the problem to show at its place. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;
    private final transient @Nullable Span span;

    /** @param span where in what was typed; null when it is the whole */
    public Refused(Problem problem, @Nullable Span span) {
        super(problem.toString());
        this.problem = problem;
        this.span = span;
    }

    public Refused(Problem problem) {
        this(problem, null);
    }

    public Refused(String what) {
        this(Problem.of(what));
    }

    public Problem problem() {
        return problem;
    }

    /** Where it went wrong, or {@code otherwise} when that was not said. */
    public Span spanOr(Span otherwise) {
        return span == null ? otherwise : span;
    }

    /** The same at a place, unless a nearer one was said already. */
    public Refused within(Span place) {
        return span == null ? new Refused(problem, place) : this;
    }

    /** The same in a longer text that has {@code by} letters before this one. */
    public Refused shifted(int by) {
        return span == null ? this : new Refused(problem, span.shifted(by));
    }
}
