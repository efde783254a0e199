package gurukram.core.text;

/** Something typed cannot be taken; carries the problem to show at its place. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    public Refused(Problem problem) {
        super(problem.toString());
        this.problem = problem;
    }

    public Refused(String what) {
        this(Problem.of(what));
    }

    public Problem problem() {
        return problem;
    }
}
