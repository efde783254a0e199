package gurukram.core.progress;

import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many mats worked on each rung in one class: numbers, never who.
 *
 * @param onRung mats by rung, from 1; rungs nobody worked on are not there
 */
public record Mats(LocalDate day, Map<Integer, Integer> onRung) {
    private static final int MOST = 200;

    public Mats {
        if (day.isBefore(Tries.FIRST_DAY) || day.isAfter(Tries.LAST_DAY))
            throw new Refused("A day between 2000 and 2100, please.");
        TreeMap<Integer, Integer> counted = new TreeMap<>(onRung);
        counted.values().removeIf(mats -> mats == 0);
        int all = counted.values().stream().mapToInt(mats -> mats).sum();
        boolean possible = counted.keySet().stream().allMatch(rung -> rung >= 1)
                && counted.values().stream().allMatch(mats -> mats > 0)
                && all <= MOST;
        if (!possible) throw new Refused("From 0 to %d mats in all, please.".formatted(MOST));
        if (all == 0) throw new Refused("Say on which rung at least one mat worked.");
        onRung = Collections.unmodifiableMap(counted);
    }

    public int all() {
        return onRung.values().stream().mapToInt(mats -> mats).sum();
    }

    /** Of so many mats one after the other from the lowest rung, the rung of the one that stands at a share of them, 0 to 100 %. */
    private int at(int percent) {
        // the lower one of two, so that nobody is asked for more than half of them do
        int place = Math.max(1, (all() * percent + 99) / 100);
        int passed = 0;
        for (Map.Entry<Integer, Integer> one : onRung.entrySet()) {
            passed += one.getValue();
            if (passed >= place) return one.getKey();
        }
        throw new IllegalStateException("no mat at " + percent + " %");
    }

    /** Half of the mats work on it or below it. */
    public int median() {
        return at(50);
    }

    /** The lowest rung anybody worked on. */
    public int lowest() {
        return at(0);
    }

    public int highest() {
        return at(100);
    }

    /** {@code 12 mats: the middle one on rung 3, from 2 to 5; half of them on 2 to 4}. */
    public String words() {
        String all = Words.count(all(), "mat");
        if (lowest() == highest()) return "%s, all on rung %d".formatted(all, lowest());
        int low = at(25);
        int high = at(75);
        String half = low == high ? "half of them on rung " + low : "half of them on %d to %d".formatted(low, high);
        return "%s: the middle one on rung %d, from %d to %d; %s".formatted(all, median(), lowest(), highest(), half);
    }
}
