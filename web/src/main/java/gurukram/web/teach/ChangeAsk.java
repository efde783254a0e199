package gurukram.web.teach;

import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.pose.Level;
import gurukram.core.room.Departure;
import gurukram.core.text.Refused;
import java.util.Arrays;
import java.util.List;

/**
 * What the room's page asks: how the class goes on after the changes that were taken, and one more.
 *
 * @param at the moment it is in, of its script, from 0; -1 before it begins
 */
record ChangeAsk(Integer at, List<Change> taken, Change ask) {
    private static final int MOST = 60;
    private static final long DAY_MS = 24L * 60 * 60_000;

    /**
     * One change; which fields it has goes by its kind.
     *
     * @param kind {@code out} (node), {@code rounds} (node, rounds), {@code time} (at, byMs) or {@code level} (level)
     */
    record Change(String kind, String node, Integer rounds, Integer at, Long byMs, String level) {
        Departure departure(int moments) {
            return switch (kind == null ? "" : kind) {
                case "out" -> new Departure.LeftOut(part(node));
                case "rounds" -> {
                    FlowSettings.ROUNDS.check(needed(rounds));
                    yield new Departure.Rounds(part(node), rounds);
                }
                case "time" -> new Departure.OnTime(place(at, moments), by());
                case "level" -> new Departure.AtLevel(asked());
                default -> throw new Refused("That is no change of a class.");
            };
        }

        private long by() {
            if (Math.abs(needed(byMs)) > DAY_MS) throw new Refused("That is longer than a day.");
            return byMs;
        }

        private Level asked() {
            return Arrays.stream(Level.values())
                    .filter(one -> one.word().equals(level))
                    .findFirst()
                    .orElseThrow(() -> new Refused("There is no such level."));
        }
    }

    int place(int moments) {
        return place(at, moments);
    }

    List<Departure> departures(int moments) {
        if (taken == null) return List.of();
        if (taken.size() > MOST) throw new Refused("The class was changed more than " + MOST + " times.");
        return taken.stream().map(change -> needed(change).departure(moments)).toList();
    }

    private static int place(Integer at, int moments) {
        if (needed(at) < -1 || at >= moments) throw new Refused("The class has no such moment.");
        return at;
    }

    private static NodeId part(String named) {
        try {
            return new NodeId(needed(named));
        } catch (IllegalArgumentException e) {
            throw new Refused("The class has no such part.");
        }
    }

    private static <T> T needed(T value) {
        if (value == null) throw new Refused("The change is not whole.");
        return value;
    }
}
