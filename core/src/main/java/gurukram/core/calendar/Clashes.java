package gurukram.core.calendar;

import gurukram.core.text.Words;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What of a plan cannot be. What ends as the next begins does not clash, unless there is a way between them. */
public final class Clashes {
    private Clashes() {}

    /** How long it takes from one room to another. */
    public interface Ways {
        /** @return minutes; 0 where nobody knows */
        int minutes(String from, String to);
    }

    /** @param all in any order */
    public static List<Clash> of(List<Planned> all, Ways ways) {
        List<Planned> sorted = all.stream()
                .sorted(Comparator.comparing(Planned::from).thenComparing(Planned::key))
                .toList();
        List<Clash> clashes = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            Planned first = sorted.get(i);
            boolean follows = true;
            for (int j = i + 1; j < sorted.size(); j++) {
                Planned second = sorted.get(j);
                if (second.from().isAfter(first.to().plusHours(LONGEST_WAY_HOURS))) break;
                if (second.from().isBefore(first.to())) together(first, second, clashes);
                else if (follows && first.mine() && second.mine()) {
                    way(first, second, ways, clashes);
                    // only to what comes right after it does anybody go from here
                    follows = false;
                }
            }
        }
        return clashes;
    }

    private static final int LONGEST_WAY_HOURS = 4;

    private static void together(Planned first, Planned second, List<Clash> clashes) {
        LocalDateTime ends = first.to().isBefore(second.to()) ? first.to() : second.to();
        long minutes = Duration.between(second.from(), ends).toMinutes();
        if (minutes <= 0) return;
        String both = "%s and %s are at the same time for %s"
                .formatted(first.what(), second.what(), Words.count(minutes, "minute"));
        boolean sameRoom = first.room() != null && first.room().equals(second.room());
        if (first.mine() && second.mine()) clashes.add(new Clash(first, second, Clash.Kind.TWICE, both + "."));
        else if (sameRoom) clashes.add(new Clash(first, second, Clash.Kind.ROOM, both + ", in the same room."));
    }

    private static void way(Planned first, Planned second, Ways ways, List<Clash> clashes) {
        if (first.room() == null || second.room() == null || first.room().equals(second.room())) return;
        long there = Duration.between(first.to(), second.from()).toMinutes();
        int needed = ways.minutes(first.room(), second.room());
        if (needed <= there) return;
        clashes.add(new Clash(
                first,
                second,
                Clash.Kind.WAY,
                "From %s to %s there %s, and the way takes %d."
                        .formatted(
                                first.what(),
                                second.what(),
                                there == 1 ? "is 1 minute" : "are " + there + " minutes",
                                needed)));
    }
}
