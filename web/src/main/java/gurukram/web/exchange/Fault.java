package gurukram.web.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.notation.Located;
import java.util.List;

/**
 * One thing wrong with a class that was sent.
 *
 * @param line from 1; {@code column} likewise, {@code length} in letters; null where there is no such place
 * @param pointer the place in a JSON document; null in text
 * @param what what is wrong, in a teacher's words
 * @param offers texts that could stand in place of the line
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
public record Fault(
        Integer line, Integer column, Integer length, String pointer, String what, String advice, List<String> offers) {

    static Fault of(Located problem) {
        int length = problem.span().to() - problem.span().from();
        return new Fault(
                problem.line(),
                problem.column(),
                length,
                null,
                problem.problem().what(),
                problem.problem().advice(),
                problem.problem().offers());
    }

    static Fault at(String pointer, String what) {
        return new Fault(null, null, null, pointer, what, null, List.of());
    }

    static Fault at(int line, int column, String what) {
        return new Fault(line, column, null, null, what, null, List.of());
    }
}
