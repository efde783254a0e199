package gurukram.web.teach;

import gurukram.core.body.Side;
import gurukram.core.felt.Sensation;
import gurukram.core.felt.Spot;
import gurukram.core.felt.Verdict;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * What the room's page sends: times are ms since 1970 by the clock of the device, {@code endedAt} is null while the class goes on.
 *
 * @param sentAt what that clock said when it was sent; null from pages that do not tell
 * @param jumped whether the page saw its clock jump
 * @param said which words of the theme were said so far; null from pages that do not tell
 * @param felt what people said they felt so far; null from pages that do not tell
 * @param changes how the class left its plan so far, all of it; null from pages that do not tell
 */
public record LogPost(
        Long startedAt,
        Long endedAt,
        Long sentAt,
        Boolean jumped,
        List<Item> moments,
        List<String> said,
        List<FeltItem> felt,
        List<TaughtStore.Change> changes) {
    static final int MOST = 5_000;
    private static final int MOST_CHANGES = 60;
    static final int MOST_FELT = 300;
    private static final Set<String> DID =
            Arrays.stream(Verdict.values()).map(Verdict::word).collect(Collectors.toSet());
    private static final int MOST_LETTERS = 300;
    /** Why a class is paused, as the room offers it. */
    static final List<String> REASONS =
            List.of("question", "helping somebody", "somebody came late", "somebody is unwell", "props", "noise");

    private static final Set<String> OUTCOMES = Set.of("done", "skipped", "back");
    private static final int MOST_COUNT = 10_000;
    /** A clock that is off by more than this is wrong. */
    private static final long OFF_MS = 5 * 60_000;

    /** Far enough around our lives for any clock that is roughly right. */
    private static final long LATEST = 7_258_118_400_000L;

    private static final long MINUTE_MS = 60_000;
    private static final long LONGEST_MS = 24 * 60 * MINUTE_MS;

    public record Item(
            UUID id,
            Integer ordinal,
            Long startedAt,
            Long endedAt,
            Long pausedMs,
            Integer count,
            String outcome,
            String reason,
            Boolean waited,
            Long plannedMs) {}

    /**
     * A log as it is stored.
     *
     * @param endedAt null while the class goes on
     * @param shiftMs how far the times were put forward
     * @param odd whether the device's clock was wrong or jumped, so that times are as near as they can be told
     */
    record Read(Instant startedAt, Instant endedAt, long shiftMs, boolean odd, List<TaughtStore.Entry> entries) {}

    public LogPost {
        if (changes != null) changes = whole(changes);
    }

    /** No more than anybody can take or read. */
    private static List<TaughtStore.Change> whole(List<TaughtStore.Change> told) {
        return told.stream()
                .filter(change -> change != null && change.words() != null)
                .limit(MOST_CHANGES)
                .map(change -> new TaughtStore.Change(
                        change.at(),
                        change.words().stream()
                                .filter(Objects::nonNull)
                                .limit(MOST_CHANGES)
                                .map(LogPost::clipped)
                                .toList(),
                        change.savedMs()))
                .toList();
    }

    private static String clipped(String words) {
        String plain = Plain.line(words, "", Integer.MAX_VALUE);
        return plain.substring(0, Math.min(MOST_LETTERS, plain.length()));
    }

    /** What somebody said. @param how a way of feeling, {@code spot} a place, {@code side} right, left or null, {@code did} what was done */
    public record FeltItem(UUID id, Integer ordinal, String how, String spot, String side, String did) {}

    /** What people said they felt, in our words: what is of no list is let go. */
    List<FeltStore.Noted> felt(Script script) {
        List<FeltStore.Noted> all = new ArrayList<>();
        if (felt == null) return all;
        for (FeltItem item : felt.subList(0, Math.min(MOST_FELT, felt.size()))) {
            boolean whole = item != null
                    && item.id() != null
                    && item.ordinal() != null
                    && item.ordinal() >= 0
                    && item.ordinal() < script.moments().size()
                    && item.did() != null
                    && DID.contains(item.did());
            if (!whole || item.how() == null || item.spot() == null) continue;
            Optional<Sensation.How> how = Sensation.How.find(item.how());
            Optional<Spot> spot = Spot.find(item.spot());
            if (how.isEmpty() || spot.isEmpty()) continue;
            Side side = "right".equals(item.side()) ? Side.RIGHT : "left".equals(item.side()) ? Side.LEFT : null;
            Script.Line line = script.moments().get(item.ordinal());
            String at = line.sideWords() == null || line.sideWords().isEmpty()
                    ? line.name()
                    : line.name() + ", " + line.sideWords();
            all.add(new FeltStore.Noted(
                    item.id(), at, line.node(), new Sensation(how.get(), spot.get(), side).words(), item.did()));
        }
        return all;
    }

    /** Which words of the theme were said: only what the script has. */
    List<String> said(Script script) {
        if (said == null) return List.of();
        return script.prompts().stream()
                .filter(prompt -> prompt.said() && said.contains(prompt.id()))
                .map(Script.Prompted::id)
                .toList();
    }

    /**
     * The entries, with node and side from the script; {@link Refused} when it is no log of this class. What only the device's
     * clock got wrong is put right as far as that goes, never refused: it would come again for ever.
     *
     * @param before how far the times of this class were put forward so far; null when it begins with this
     */
    Read read(Script script, Instant now, Long before) {
        if (startedAt == null || moments == null) throw new Refused("The log has no start or no moments.");
        if (moments.size() > MOST) throw new Refused("The log has more than " + MOST + " moments.");
        for (Item item : moments) check(item, script);
        long shift = before == null ? shift(now.toEpochMilli()) : before;
        Times times = new Times(shift, now.toEpochMilli());
        long from = times.at(startedAt);
        Long to = endedAt == null ? null : times.between(endedAt, from, from + LONGEST_MS);
        List<TaughtStore.Entry> entries = new ArrayList<>();
        for (Item item : moments) entries.add(entry(item, script, times, from));
        boolean odd = times.odd || Boolean.TRUE.equals(jumped);
        return new Read(Instant.ofEpochMilli(from), to == null ? null : Instant.ofEpochMilli(to), shift, odd, entries);
    }

    private static void check(Item item, Script script) {
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
        if (item.count() != null && (item.count() < 0 || item.count() > MOST_COUNT))
            throw new Refused("The log counts what nobody can count.");
    }

    /** How far the device's clock has to be put forward, in whole minutes; 0 when it is about right. */
    private long shift(long now) {
        if (sentAt == null) return 0;
        long off = now - Math.max(-LATEST, Math.min(LATEST, sentAt));
        return Math.abs(off) <= OFF_MS ? 0 : off / MINUTE_MS * MINUTE_MS;
    }

    /** Times by the device's clock as they were. */
    private static final class Times {
        private final long shift;
        private final long now;
        boolean odd;

        Times(long shift, long now) {
            this.shift = shift;
            this.now = now;
            this.odd = shift != 0;
        }

        /** Nothing that is told has happened after now, or before anything could be told. */
        long at(long told) {
            return between(told, 0, now + OFF_MS);
        }

        long between(long told, long from, long to) {
            long shifted = Math.max(-LATEST, Math.min(LATEST, told)) + shift;
            if (shifted >= from && shifted <= to) return shifted;
            odd = true;
            return Math.max(from, Math.min(to, shifted));
        }
    }

    private static TaughtStore.Entry entry(Item item, Script script, Times times, long from) {
        long began = times.between(item.startedAt(), Math.max(0, from - LONGEST_MS), from + LONGEST_MS);
        long ended = times.between(item.endedAt(), began, began + LONGEST_MS);
        long paused = item.pausedMs() == null ? 0 : Math.max(0, Math.min(ended - began, item.pausedMs()));
        Script.Line line = script.moments().get(item.ordinal());
        return new TaughtStore.Entry(
                item.id(),
                item.ordinal(),
                line.node(),
                line.side(),
                Instant.ofEpochMilli(began),
                Instant.ofEpochMilli(ended),
                paused,
                item.count(),
                item.outcome(),
                item.reason() != null && REASONS.contains(item.reason()) ? item.reason() : null,
                item.waited(),
                item.plannedMs() == null ? null : Math.max(0, Math.min(LONGEST_MS, item.plannedMs())));
    }
}
