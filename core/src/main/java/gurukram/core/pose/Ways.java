package gurukram.core.pose;

import gurukram.core.body.Base;
import gurukram.core.text.ByName;
import gurukram.core.text.Table;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Ways from pose to pose that have names, and what they take from base to base; {@code resources/pace/ways.txt}. */
public final class Ways {
    /**
     * One of them.
     *
     * @param seconds ms from one base to another, for the pairs it is done between
     * @param easier the name of an easier one; empty where it is easy
     * @param say as it is said in the room
     */
    public record Known(String name, List<String> also, Map<Pair, Long> seconds, String easier, String say) {
        /** What it takes, ms; null where it is not done between these bases. */
        public @Nullable Long millis(Base from, Base to) {
            return seconds.get(new Pair(from, to));
        }
    }

    public record Pair(Base from, Base to) {}

    private final ByName<Known> byName = new ByName<>();
    private final List<Known> all = new ArrayList<>();

    private Ways(List<Table.Row> rows) {
        for (Table.Row row : rows) {
            Known way = new Known(row.cell(0), row.list(1, ";"), pairs(row.list(2, ";")), row.cell(3), row.cell(4));
            all.add(way);
            byName.put(way.name(), way.also(), way);
        }
    }

    private static Map<Pair, Long> pairs(List<String> cells) {
        Map<Pair, Long> pairs = new LinkedHashMap<>();
        for (String cell : cells) {
            String[] words = cell.split("[> ]");
            Pair pair = new Pair(Base.parse(words[0]), Base.parse(words[1]));
            pairs.put(pair, Long.parseLong(words[2]) * Millis.SECOND);
        }
        return Map.copyOf(pairs);
    }

    public static Ways shipped() {
        return Shipped.ALL;
    }

    public List<String> names() {
        return all.stream().map(Known::name).toList();
    }

    public List<Known> all() {
        return List.copyOf(all);
    }

    /** By its name or another, with or without “by”. */
    public Optional<Known> named(String typed) {
        return byName.find(typed, "by", "the");
    }

    private static final class Shipped {
        static final Ways ALL = new Ways(Table.of("/pace/ways.txt", "|", 5));
    }
}
