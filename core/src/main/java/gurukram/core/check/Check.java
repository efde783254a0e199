package gurukram.core.check;

import java.util.List;

/**
 * One rule. A new one is one file with {@code @AutoService(Check.class)}, its test, and a marked example class in
 * {@code core/src/test/resources/checks}; nothing else has to be told about it.
 *
 * <p>Stateless: the same object looks at every class.
 */
public interface Check {
    Card card();

    /** Says what there is to say about a class; nothing when all is well. */
    void look(Subject subject, Findings found);

    /** What would mend one of its findings, the best first; tried out before they are offered, so they may be hopeful. */
    default List<Mend> mends(Subject subject, Finding finding) {
        return List.of();
    }
}
