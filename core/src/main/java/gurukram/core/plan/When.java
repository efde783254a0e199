package gurukram.core.plan;

import gurukram.core.plan.settings.Rounds;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When a layer or a link holds. A guard left open always holds.
 *
 * @param levels the levels it is for; empty for all, and for the base line
 * @param rounds the rounds of the flow; null for all
 * @param pass the first or second pass of a two-sided round only; null for both
 */
public record When(
        Set<Level> levels,
        @Nullable Rounds rounds,
        @Nullable Integer pass) {
    public static final When ALWAYS = new When(Set.of(), null, null);

    public When {
        levels = levels == null || levels.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(levels));
        if (pass != null && pass != 1 && pass != 2) throw new Refused("A round has a first and a second pass.");
    }

    public static When at(Level level) {
        return new When(Set.of(level), null, null);
    }

    public static When in(Rounds rounds) {
        return new When(Set.of(), rounds, null);
    }

    /** Whether it looks at rounds or passes, so that it belongs into a flow. */
    public boolean needsFlow() {
        return rounds != null || pass != null;
    }

    /** @param level null is the base line, which only guards without levels hold for */
    public boolean holdsAt(@Nullable Level level) {
        return levels.isEmpty() || (level != null && levels.contains(level));
    }

    /**
     * @param round from 1, of so many {@code rounds}
     * @param passOfRound 1 or 2
     */
    public boolean holds(@Nullable Level level, int round, int rounds, int passOfRound) {
        return holdsAt(level)
                && (this.rounds == null || this.rounds.has(round, rounds))
                && (pass == null || pass == passOfRound);
    }
}
