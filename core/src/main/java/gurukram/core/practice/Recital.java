package gurukram.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What somebody recited, laid beside what it is. One that is left out makes one wrong and not all behind it: as many are right as
 * stand in the same order in both.
 *
 * @param right by place, whether it was recited
 * @param given how many were recited
 */
public record Recital(List<Boolean> right, int given) {
    public Recital {
        right = List.copyOf(right);
    }

    /**
     * @param said place by place what each word may mean: ids of {@link Sequence.Place}; empty for a place that was passed over
     */
    public static Recital of(Sequence sequence, List<Set<String>> said) {
        List<Sequence.Place> places = sequence.places();
        int n = places.size();
        int m = said.size();
        int[][] longest = new int[n + 1][m + 1];
        for (int i = n - 1; i >= 0; i--)
            for (int j = m - 1; j >= 0; j--)
                longest[i][j] = said.get(j).contains(places.get(i).id())
                        ? 1 + longest[i + 1][j + 1]
                        : Math.max(longest[i + 1][j], longest[i][j + 1]);
        List<Boolean> right = new ArrayList<>();
        int j = 0;
        for (int i = 0; i < n; i++) {
            int at = j;
            while (at < m && !said.get(at).contains(places.get(i).id())) at++;
            boolean is = at < m && longest[i][j] == 1 + longest[i + 1][at + 1];
            right.add(is);
            if (is) j = at + 1;
        }
        return new Recital(
                right, (int) said.stream().filter(one -> !one.isEmpty()).count());
    }

    public int count() {
        return (int) right.stream().filter(one -> one).count();
    }

    /** All of it and nothing else. */
    public boolean isWhole() {
        return count() == right.size() && given == right.size();
    }

    /** Of a hundred: {@code 91.7 %}. */
    public String percent() {
        return Percent.of(count(), Math.max(right.size(), given));
    }
}
