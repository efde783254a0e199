package gurukram.core.compose;

import java.util.List;

/** How alike two sequences of poses are. */
final class Sequences {
    private Sequences() {}

    /** The length of their longest common subsequence. */
    static int common(List<String> a, List<String> b) {
        int[] row = new int[b.size() + 1];
        for (String one : a) {
            int diagonal = 0;
            for (int j = 1; j <= b.size(); j++) {
                int above = row[j];
                row[j] = one.equals(b.get(j - 1)) ? diagonal + 1 : Math.max(row[j], row[j - 1]);
                diagonal = above;
            }
        }
        return row[b.size()];
    }
}
