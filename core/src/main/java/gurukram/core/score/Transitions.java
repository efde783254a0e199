package gurukram.core.score;

import gurukram.core.body.Base;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How long it takes to change the base of the body.
 *
 * <p>A listed pair is used as it stands, even where a chain would be shorter; any other pair is the cheapest chain of
 * listed legs by their first-time figures (ours, where the rules are silent). A pair that nothing reaches fails the
 * table as a whole, so it is found at start and not in class.
 */
public final class Transitions {
    /** One leg in ms; where the table has two figures, the second counts once the leg has been gone in this class. */
    public record Leg(Base from, Base to, long first, long later) {}

    private final Map<Base, Map<Base, List<Leg>>> routes = new EnumMap<>(Base.class);

    Transitions(List<Leg> legs) {
        for (Base from : Base.values()) routes.put(from, new EnumMap<>(Base.class));
        legs.forEach(leg -> Objects.requireNonNull(routes.get(leg.from())).put(leg.to(), List.of(leg)));
        Map<Base, Map<Base, List<Leg>>> chains = new EnumMap<>(Base.class);
        for (Base from : Base.values()) chains.put(from, new EnumMap<>(Objects.requireNonNull(routes.get(from))));
        for (Base via : Base.values()) {
            for (Base from : Base.values()) {
                for (Base to : Base.values()) relax(chains, from, via, to);
            }
        }
        List<String> missing = new ArrayList<>();
        for (Base from : Base.values()) {
            for (Base to : Base.values()) {
                if (from == to) continue;
                List<Leg> chain = Objects.requireNonNull(chains.get(from)).get(to);
                if (chain == null) missing.add(from.word() + " to " + to.word());
                else Objects.requireNonNull(routes.get(from)).putIfAbsent(to, chain);
            }
        }
        if (!missing.isEmpty()) throw new IllegalStateException("No way in the transition table: " + missing);
    }

    private static void relax(Map<Base, Map<Base, List<Leg>>> chains, Base from, Base via, Base to) {
        List<Leg> first = Objects.requireNonNull(chains.get(from)).get(via);
        List<Leg> second = Objects.requireNonNull(chains.get(via)).get(to);
        if (first == null || second == null || from == to) return;
        List<Leg> direct = Objects.requireNonNull(chains.get(from)).get(to);
        if (direct != null && cost(direct) <= cost(first) + cost(second)) return;
        List<Leg> chain = new ArrayList<>(first);
        chain.addAll(second);
        Objects.requireNonNull(chains.get(from)).put(to, List.copyOf(chain));
    }

    private static long cost(List<Leg> legs) {
        return legs.stream().mapToLong(Leg::first).sum();
    }

    /** The legs from one base to another; empty within one base. */
    public List<Leg> route(Base from, Base to) {
        return from == to
                ? List.of()
                : Objects.requireNonNull(
                        Objects.requireNonNull(routes.get(from)).get(to));
    }

    /** The table that ships with the app. */
    public static Transitions shipped() {
        return Shipped.TABLE;
    }

    /** Lines such as {@code dog > lunge 13/6} (one way) or {@code standing = kneeling 8} (both ways); seconds; # comments. */
    static Transitions parse(String table) {
        List<Leg> legs = new ArrayList<>();
        for (String line : table.split("\\R")) {
            String[] words = line.replaceAll("#.*", "").strip().split("\\s+");
            if (words.length != 4) {
                if (!words[0].isEmpty()) throw new IllegalStateException("Transition table: cannot read: " + line);
                continue;
            }
            String[] times = words[3].split("/");
            long first = 1000 * Long.parseLong(times[0]);
            long later = 1000 * Long.parseLong(times[times.length - 1]);
            Base from = Base.parse(words[0]);
            Base to = Base.parse(words[2]);
            add(legs, new Leg(from, to, first, later));
            if (words[1].equals("=")) add(legs, new Leg(to, from, first, later));
        }
        return new Transitions(legs);
    }

    private static void add(List<Leg> legs, Leg leg) {
        boolean twice = legs.stream().anyMatch(l -> l.from() == leg.from() && l.to() == leg.to());
        if (twice) throw new IllegalStateException("Transition table: twice: " + leg.from() + " to " + leg.to());
        legs.add(leg);
    }

    private static final class Shipped {
        static final Transitions TABLE = load();

        private static Transitions load() {
            try (InputStream in = Transitions.class.getResourceAsStream("/pace/transitions.txt")) {
                return parse(new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
