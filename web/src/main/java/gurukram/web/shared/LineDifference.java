package gurukram.web.shared;

import com.github.difflib.text.DiffRow;
import com.github.difflib.text.DiffRowGenerator;
import java.util.List;

/** A line of text as it was and as it is; empty where it is not there. */
public record LineDifference(String then, String now) {
    /** The lines that differ. */
    public static List<LineDifference> between(String then, String now) {
        DiffRowGenerator generator =
                DiffRowGenerator.create().lineNormalizer(line -> line).build();
        return generator.generateDiffRows(then.lines().toList(), now.lines().toList()).stream()
                .filter(row -> row.getTag() != DiffRow.Tag.EQUAL)
                .map(row -> new LineDifference(row.getOldLine(), row.getNewLine()))
                .toList();
    }
}
