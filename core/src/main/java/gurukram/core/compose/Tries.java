package gurukram.core.compose;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Tries at a class to one goal by one idea: so many are built until one is as classes usually are; of those the most usual is
 * mended, and where something serious is left then, others are tried. How many there are is counted; no clock decides.
 */
final class Tries {
    private static final int MOST = 10;
    private static final int TIGHTEST = 4;
    private static final long TOO_LONG_MS = 45_000;
    private static final int MOST_BUILT = 8;
    private static final int MOST_MENDED = 2;
    /** From so many misses on another is mended too. */
    private static final int SERIOUS = 20;

    private final Workshop workshop;
    private final Pool pool;
    private final @Nullable Goal goal;
    private final @Nullable Concept concept;
    private final long idea;
    private final Brief brief;
    private final Clock clock;
    private final Finishing finishing;
    /** Built and fitted, the most usual first. */
    private final PriorityQueue<Built> waiting = new PriorityQueue<>(Comparator.comparingLong(Built::unusual));
    /** What is too much like what was shown, the least like it first. */
    private final PriorityQueue<Built> alike = new PriorityQueue<>(Comparator.comparingDouble(Built::likeness));

    /** A class that was built, how much in it is not as usual, and how much of what was shown is in it. */
    private record Built(ClassPlan plan, long unusual, double likeness) {}

    Tries(Workshop workshop, Pool pool, @Nullable Goal goal, @Nullable Concept concept, long idea) {
        this.workshop = workshop;
        this.pool = pool;
        this.goal = goal;
        this.concept = concept;
        this.idea = idea;
        this.brief = pool.brief();
        this.clock = workshop.clock(brief);
        this.finishing = new Finishing(workshop, clock, brief);
    }

    /**
     * The best class that is found; to be asked once.
     *
     * @param shown what the ideas before it are made of
     * @param anyway whether one too much like what was shown will do, where all are; else empty then
     */
    Optional<Finishing.Candidate> best(Shown shown, boolean anyway) {
        Finishing.Candidate best = null;
        int tightness = 0;
        int built = 0;
        int mended = 0;
        for (int i = 0; i < MOST; i++) {
            boolean last = i == MOST - 1;
            long mostMs = tightness < TIGHTEST && !last ? clock.slotMs() + TOO_LONG_MS : Long.MAX_VALUE;
            ClassPlan plan = built(i, tightness, shown, mostMs);
            if (clock.score(plan).totalMs() > mostMs) {
                tightness++;
                continue;
            }
            ClassPlan fitted = finishing.fitted(plan);
            // an idea has one name, whatever is tried
            if (!anyway && shown.titles().contains(fitted.settings().title())) return Optional.empty();
            Built one = new Built(fitted, finishing.unusual(fitted), shown.likeness(fitted));
            (shown.isOther(fitted) ? waiting : alike).add(one);
            boolean looksWell = !waiting.isEmpty() && waiting.peek().unusual() == 0;
            built++;
            if (!looksWell && built < MOST_BUILT && !last) continue;
            if (waiting.isEmpty() && !anyway) break;
            Built taken = Objects.requireNonNull(waiting.isEmpty() ? alike.poll() : waiting.poll());
            Finishing.Candidate candidate = mended(taken.plan());
            if (best == null || candidate.misses() < best.misses()) best = candidate;
            if (best.misses() <= mostMisses() || best.misses() < SERIOUS && ++mended >= MOST_MENDED) break;
            // what is further from the usual than this is from all right will not be better
            if (best.misses() < SERIOUS && !waiting.isEmpty() && waiting.peek().unusual() >= best.misses()) break;
            if (mended == 0) tightness = Math.min(TIGHTEST, tightness + 1);
        }
        return Optional.ofNullable(best);
    }

    private ClassPlan built(int which, int tightness, Shown shown, long mostMs) {
        // what the ideas of a brief have in common
        String name = brief.peak() + " " + brief.theme().title();
        Dice dice = Dice.ofIdea(name, idea, which);
        return new Build(brief, pool, workshop.phrases(), goal, concept, clock, shown, dice, tightness).plan(mostMs);
    }

    private Finishing.Candidate mended(ClassPlan plan) {
        Set<NodeId> kept = brief.kept().stream().map(one -> one.item().id()).collect(Collectors.toSet());
        if (!brief.mixed()) return finishing.mended(plan, kept);
        // every level has its own before the checks look for it, and what they put in has it too
        Levels levels = new Levels(pool, workshop.phrases(), goal, workshop.unfolder());
        Finishing.Candidate candidate = finishing.mended(levels.lay(plan), kept);
        return finishing.lookedAtAgain(candidate, levels.lay(candidate.plan()));
    }

    /** With so many it is good: lines for everybody take their time, and there one thing to look at is enough. */
    private long mostMisses() {
        boolean lines =
                brief.mixed() || brief.group() != null && !brief.group().needs().isEmpty();
        return lines ? Finishing.LOOKED_AT : 0;
    }
}
