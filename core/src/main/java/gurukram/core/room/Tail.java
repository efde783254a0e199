package gurukram.core.room;

import gurukram.core.body.Side;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.manner.Stage;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What follows in a class that has left its plan, told by the moments of the score it began with: logs know no others. */
public final class Tail {
    private Tail() {}

    /**
     * One moment that follows.
     *
     * @param of the moment of the frozen score it is, from 0
     * @param again whether it stands for none of that score's own, as in a round more: then the nearest alike
     */
    public record Placed(int of, boolean again, Moment moment) {}

    /** What makes a moment the one it is, whatever its length. */
    private record Key(
            NodeId node,
            Moment.Kind kind,
            @Nullable Side side,
            @Nullable Integer direction,
            @Nullable Integer round,
            @Nullable Integer pass,
            @Nullable Integer position,
            @Nullable Integer set,
            @Nullable Integer turn,
            @Nullable Integer stage,
            @Nullable Stage staged,
            int nth) {}

    private record Alike(NodeId node, @Nullable Side side) {}

    private static List<Key> keys(Score score) {
        Map<Key, Integer> seen = new HashMap<>();
        List<Key> keys = new ArrayList<>();
        for (Moment m : score.moments()) {
            Key first = key(m, 0);
            keys.add(key(m, seen.merge(first, 1, Integer::sum)));
        }
        return keys;
    }

    private static Key key(Moment m, int nth) {
        return new Key(
                m.node(),
                m.kind(),
                m.side(),
                m.direction(),
                m.round(),
                m.pass(),
                m.position(),
                m.set(),
                m.how().turn(),
                m.how().stage(),
                m.how().staged(),
                nth);
    }

    /** Where a moment of the frozen score stands in the score as it is now: where it was left out, the last one before it. */
    static int placeOf(Score frozen, int at, Score now) {
        List<Key> before = keys(frozen);
        Map<Key, Integer> places = new HashMap<>();
        List<Key> after = keys(now);
        for (int i = 0; i < after.size(); i++) places.put(after.get(i), i);
        for (int i = Math.min(at, before.size() - 1); i >= 0; i--) {
            Integer place = places.get(before.get(i));
            if (place != null) return place;
        }
        return -1;
    }

    static List<Placed> of(Score frozen, int at, Score now) {
        List<Key> before = keys(frozen);
        List<Key> after = keys(now);
        Map<Key, Integer> places = new HashMap<>();
        Map<Alike, Integer> alike = new HashMap<>();
        Map<NodeId, Integer> ofNode = new HashMap<>();
        for (int i = 0; i < before.size(); i++) {
            Key key = before.get(i);
            places.put(key, i);
            alike.put(new Alike(key.node(), key.side()), i);
            ofNode.put(key.node(), i);
        }
        List<Placed> tail = new ArrayList<>();
        int last = at;
        for (int i = placeOf(frozen, at, now) + 1; i < after.size(); i++) {
            Key key = after.get(i);
            Integer own = places.get(key);
            boolean itself = own != null && own > at;
            last = itself && own != null ? own : alike(alike, ofNode, key, last);
            tail.add(new Placed(last, !itself, now.moments().get(i)));
        }
        return tail;
    }

    private static int alike(Map<Alike, Integer> alike, Map<NodeId, Integer> ofNode, Key key, int last) {
        Integer same = alike.get(new Alike(key.node(), key.side()));
        return same != null ? same : ofNode.getOrDefault(key.node(), last);
    }
}
