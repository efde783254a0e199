package gurukram.core.catalogue;

import gurukram.core.catalogue.rules.CatalogueProblem;
import java.util.List;
import java.util.stream.Collectors;

/** The catalogue cannot be used; carries every problem found, not only the first. */
public final class CatalogueException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<CatalogueProblem> problems;

    public CatalogueException(List<CatalogueProblem> problems) {
        super(problems.stream()
                .map(CatalogueProblem::toString)
                .collect(Collectors.joining("\n  ", problems.size() + " problems in the catalogue:\n  ", "")));
        this.problems = List.copyOf(problems);
    }

    public List<CatalogueProblem> problems() {
        return problems;
    }
}
