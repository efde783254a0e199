package gurukram.core.compose.parts;

import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Sketch;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** How much of the slot there still is, for a phrase and for what a class is not without. */
final class TimeLeft {
    private static final int MOST_WARM_UP_PERCENT = 17;
    private static final int LEAST_COOL_DOWN_PERCENT = 10;
    private static final int MOST_COOL_DOWN_PERCENT = 20;
    private static final int MOST_LAST_CHAIN_PERCENT = 15;
    private static final int MOST_SHORT_LAST_CHAIN_PERCENT = 12;
    private static final int LONG = 60;
    private static final long LITTLE_ROOM_MS = 15_000;

    private final Attempt attempt;
    private final Sketch sketch;

    TimeLeft(Attempt attempt) {
        this.attempt = attempt;
        this.sketch = attempt.sketch();
    }

    /** A little room, and what the cool-down still lacks of the least it is to have, ms. */
    long littleRoom() {
        return LITTLE_ROOM_MS + Math.max(0, leastCoolDown() - coolDown(sketch.entries(SectionRole.COOL_DOWN)));
    }

    long roomWithoutSingles() {
        List<Sketch.Entry> left = new ArrayList<>(sketch.entries(SectionRole.COOL_DOWN));
        left.removeAll(singles(SectionRole.COOL_DOWN));
        return LITTLE_ROOM_MS + Math.max(0, leastCoolDown() - coolDown(left));
    }

    private long leastCoolDown() {
        return attempt.clock().slotMs() * LEAST_COOL_DOWN_PERCENT / 100;
    }

    private long coolDown(List<Sketch.Entry> entries) {
        Set<NodeId> ids = entries.stream().map(entry -> entry.item().id()).collect(Collectors.toSet());
        return attempt.clock().score(sketch.plan()).moments().stream()
                .filter(moment -> ids.contains(moment.node()) || moment.flow() != null && ids.contains(moment.flow()))
                .mapToLong(Moment::lengthMs)
                .sum();
    }

    /** What is held by itself in a part and may go. */
    List<Sketch.Entry> singles(SectionRole part) {
        return sketch.entries(part).stream()
                .filter(entry -> entry.item() instanceof Step step
                        && !step.marks().locked()
                        && !isLyingIdea(entry)
                        && !isAskedFor(step))
                .toList();
    }

    private boolean isAskedFor(Step step) {
        return attempt.brief().wanted().contains(step.pose()) || attempt.isKept(step);
    }

    /** The shape of the idea at the end of the class is not given up for another flow. */
    private boolean isLyingIdea(Sketch.Entry entry) {
        return entry.pose() != null
                && attempt.concept() != null
                && attempt.concept().lying().contains(entry.pose().id());
    }

    /** What is left of the slot, ms. @param kept what is to be left of it at the end, ms */
    long left(long kept) {
        return attempt.clock().slotMs()
                - kept
                - attempt.clock().score(sketch.plan()).totalMs();
    }

    /** What a warm-up may still have, ms. */
    long warmUpLeft() {
        long now = Clock.lengths(attempt.clock().score(sketch.plan())).getOrDefault(SectionRole.WARM_UP, 0L);
        return attempt.clock().slotMs() * MOST_WARM_UP_PERCENT / 100 - now;
    }

    /** How long a chain of a part may be, ms: the last ones leave room for what flows. */
    long mostOfChain(SectionRole part) {
        boolean isLong = attempt.brief().minutes() >= (attempt.isVinyasa() ? LONG : Attempt.ROOMY);
        long slot = attempt.clock().slotMs();
        long coolDown = part == SectionRole.COOL_DOWN ? coolDown(sketch.entries(part)) : 0;
        int percent = isLong ? MOST_LAST_CHAIN_PERCENT : MOST_SHORT_LAST_CHAIN_PERCENT;
        return Math.min(slot * percent / 100, slot * MOST_COOL_DOWN_PERCENT / 100 - coolDown);
    }
}
