package gurukram.web.groups;

import static gurukram.web.shared.Typed.take;

import gurukram.core.pose.Ladder;
import gurukram.core.progress.Mats;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;

/**
 * Numbers of mats by rung, as a page shows them.
 *
 * @param words median and spread, {@code day} of which class
 */
public record MatsPart(String id, String day, String words, List<Bar> bars) {
    private static final Limit EACH = new Limit("Mats on a rung", 0, 200);
    private static final int HIGH = 44;

    /** @param height of the bar, {@code top} above it, in a drawing 60 high */
    public record Bar(int rung, int mats, int height, int top, boolean median) {}

    static MatsPart of(MatsStore.Kept kept, int rungs) {
        Mats mats = kept.mats();
        int most = mats.onRung().values().stream().mapToInt(n -> n).max().orElse(1);
        List<Bar> bars = new ArrayList<>();
        for (int rung = 1; rung <= rungs; rung++) {
            int n = mats.onRung().getOrDefault(rung, 0);
            int height = n == 0 ? 0 : Math.max(2, HIGH * n / most);
            bars.add(new Bar(rung, n, height, HIGH - height, rung == mats.median()));
        }
        return new MatsPart(kept.id().toString(), mats.day().toString(), mats.words(), bars);
    }

    /** What was typed as {@code on-1}, {@code on-2} and so on. @return null when there are problems, which stand under their field's name */
    static Mats read(Map<String, String> typed, Ladder ladder, Map<String, String> problems) {
        Map<Integer, Integer> onRung = new TreeMap<>();
        for (int rung = 1; rung <= ladder.rungs().size(); rung++) {
            String field = "on-" + rung;
            String value = typed.getOrDefault(field, "").strip();
            Integer mats = take(field, problems, () -> value.isEmpty() ? 0 : EACH.parse(value));
            if (mats != null) onRung.put(rung, mats);
        }
        LocalDate day = take("mats-day", problems, () -> {
            try {
                return LocalDate.parse(typed.getOrDefault("mats-day", "").strip());
            } catch (DateTimeException e) {
                throw new Refused("Choose a day.");
            }
        });
        if (!problems.isEmpty()) return null;
        return take("mats", problems, () -> new Mats(Objects.requireNonNull(day), onRung));
    }
}
