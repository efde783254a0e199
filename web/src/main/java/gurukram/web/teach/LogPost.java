package gurukram.web.teach;

import gurukram.core.text.Refused;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** What the room's page sends: times are ms since 1970; {@code endedAt} is null while the class goes on. */
public record LogPost(Long startedAt, Long endedAt, List<Item> moments) {
    private static final int MOST = 5_000;
    private static final Set<String> OUTCOMES = Set.of("done", "skipped", "back");
    /** Far enough around our lives for any clock that is roughly right. */
    private static final long LATEST = 7_258_118_400_000L;

    public record Item(
            UUID id, Integer ordinal, Long startedAt, Long endedAt, Long pausedMs, Integer count, String outcome) {}

    /** The entries, with node and side from the script; {@link Refused} when one cannot be. */
    List<TaughtStore.Entry> entries(Script script) {
        if (startedAt == null || moments == null) throw new Refused("The log has no start or no moments.");
        if (endedAt != null && endedAt < startedAt) throw new Refused("The log ends before it begins.");
        if (moments.size() > MOST) throw new Refused("The log has more than " + MOST + " moments.");
        List<TaughtStore.Entry> entries = new ArrayList<>();
        for (Item item : moments) entries.add(entry(item, script));
        return entries;
    }

    private static TaughtStore.Entry entry(Item item, Script script) {
        boolean whole = item != null
                && item.id() != null
                && item.ordinal() != null
                && item.startedAt() != null
                && item.endedAt() != null
                && item.outcome() != null;
        if (!whole) throw new Refused("A moment of the log is not whole.");
        if (item.ordinal() < 0 || item.ordinal() >= script.moments().size()) {
            throw new Refused("The log names a moment the class does not have.");
        }
        if (!OUTCOMES.contains(item.outcome())) throw new Refused("The log has an outcome I do not know.");
        if (item.endedAt() < item.startedAt()) throw new Refused("A moment of the log ends before it begins.");
        long paused = item.pausedMs() == null ? 0 : Math.max(0, item.pausedMs());
        Script.Line line = script.moments().get(item.ordinal());
        return new TaughtStore.Entry(
                item.id(),
                item.ordinal(),
                line.node(),
                line.side(),
                time(item.startedAt()),
                time(item.endedAt()),
                paused,
                item.count(),
                item.outcome());
    }

    static Instant time(Long ms) {
        if (ms == null) return null;
        if (ms < 0 || ms > LATEST) throw new DateTimeException("out of range");
        return Instant.ofEpochMilli(ms);
    }
}
