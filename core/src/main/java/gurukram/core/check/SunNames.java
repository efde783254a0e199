package gurukram.core.check;

import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Table;
import gurukram.core.text.Words;
import java.util.List;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The names of the sun that are said at the positions of a salutation of twelve, in whatever spelling. A flow is one of
 * them when it has twelve steps and at least two of them are given a name of the sun.
 */
final class SunNames {
    private static final Pattern SAID = Pattern.compile("(?i)(?:om|aum) (\\w+) nama\\w*");
    private static final Pattern WRITTEN = Pattern.compile("(?iU)\\b(?:oṃ|om|aum)\\s+\\w+\\s+nama\\w*");
    private static final int POSITIONS = 12;
    private static final int FEWEST = 2;
    private static final List<String> LIST = Table.of("/school/twelve-sun-names.txt", "\n", 1).stream()
            .map(row -> row.cell(0))
            .toList();
    private static final List<String> ROOTS =
            LIST.stream().map(SunNames::saidIn).toList();

    private SunNames() {}

    /** Its place in the list, from 1. */
    static OptionalInt positionOf(String say) {
        String root = saidIn(say);
        int at = root.isEmpty() ? -1 : ROOTS.indexOf(root);
        return at < 0 ? OptionalInt.empty() : OptionalInt.of(at + 1);
    }

    /** The position of a step in a flow that gives names of the sun to its twelve; empty for any other. */
    static OptionalInt placeOf(@Nullable Flow flow, Step step) {
        if (flow == null || flow.steps().size() != POSITIONS) return OptionalInt.empty();
        long named = flow.steps().stream()
                .filter(each -> positionOf(each.texts().say()).isPresent())
                .count();
        int at = flow.steps().indexOf(step);
        return named < FEWEST || at < 0 ? OptionalInt.empty() : OptionalInt.of(at + 1);
    }

    /** The same words with the name that belongs to the position. */
    static String withNameOf(String say, int position) {
        return WRITTEN.matcher(say).replaceFirst(LIST.get(position - 1));
    }

    /** Enough of the name to know it in any spelling: “pusne” and “pushne” are one. */
    private static String saidIn(String say) {
        Matcher said = SAID.matcher(Words.fold(say.replace(CuePlaces.BREATH, "")));
        if (!said.find()) return "";
        String name = said.group(1).replace("sh", "s").replace("ch", "c").replace('w', 'v');
        return name.substring(0, Math.min(name.length(), Math.max(3, Math.min(4, name.length() - 3))));
    }
}
