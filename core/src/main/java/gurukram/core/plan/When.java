package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When a layer or a link holds. A guard left open always holds.
 *
 * <p>What is for people with a need, or an equal choice beside the base line, never holds for the clock: it is a line of its own.
 *
 * @param levels the levels it is for; empty for all, and for the base line
 * @param needs the needs it is for; empty for everyone
 * @param either whether it is the other of two equal choices
 * @param rounds the rounds of the flow; null for all
 * @param pass the first or second pass of a two-sided round only; null for both
 */
public record When(
        Set<Level> levels,
        Set<Need> needs,
        boolean either,
        @Nullable Rounds rounds,
        @Nullable Integer pass) {
    public static final When ALWAYS = new When(Set.of(), null, null);

    public When {
        levels = levels == null || levels.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(levels));
        needs = needs == null || needs.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(needs));
        if (either && !(levels.isEmpty() && needs.isEmpty()))
            throw new Refused("An equal choice is for everyone; a level or a need has a line of its own.");
        if (pass != null && pass != 1 && pass != 2) throw new Refused("A round has a first and a second pass.");
    }

    public When(Set<Level> levels, @Nullable Rounds rounds, @Nullable Integer pass) {
        this(levels, Set.of(), false, rounds, pass);
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

    /** The other of two equal choices. */
    public static When otherChoice() {
        return new When(Set.of(), Set.of(), true, null, null);
    }

    public static When forNeeds(Set<Need> needs) {
        return new When(Set.of(), needs, false, null, null);
    }

    /** Whether it is a line beside the clock's: for a need, or another choice. */
    @JsonIgnore
    public boolean isBeside() {
        return either || !needs.isEmpty();
    }

    public When with(@Nullable Rounds others) {
        return new When(levels, needs, either, others, pass);
    }

    public When withPass(@Nullable Integer other) {
        return new When(levels, needs, either, rounds, other);
    }

    public When withLevels(Set<Level> others) {
        return new When(others, needs, either, rounds, pass);
    }

    /** The same for everyone on the clock. */
    public When onTheClock() {
        return new When(levels, rounds, pass);
    }

    /** @param level null is the base line, which only guards without levels hold for */
    public boolean holdsAt(@Nullable Level level) {
        return !isBeside() && (levels.isEmpty() || (level != null && levels.contains(level)));
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
