package gurukram.web.plans.field;

import gurukram.core.text.Problem;
import java.util.List;

/**
 * Something typed that could not be taken, to be shown where it was typed.
 *
 * @param node and {@code field}: where; the typing line is node {@code line}
 * @param level the level whose line it was typed for; empty for the one the page shows
 * @param offers texts that could stand in its place
 */
public record Refusal(String node, String field, String level, String typed, String message, List<String> offers) {
    public static final String LINE = "line";

    public static Refusal of(String node, String field, String level, String typed, Problem problem) {
        return new Refusal(node, field, level, typed, problem.toString(), problem.offers());
    }
}
