package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gurukram.core.body.Side;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * On which sides a step is done. The side is that of the part the pose is named by, the practitioner's own.
 *
 * <p>In a flow, {@link Lead} follows the side the flow leads with in each pass and {@link Other} is its opposite.
 */
public sealed interface SideRule {

    /**
     * One time into the pose.
     *
     * @param side null when symmetric
     * @param direction 1 or 2 for circles, null otherwise
     */
    record Visit(@Nullable Side side, @Nullable Integer direction) {}

    /** The visits of one pass, in order. {@code lead} is null outside passes with a side; {@code before} counts the visits under this rule so far. */
    List<Visit> visits(@Nullable Side lead, int before);

    /** As it is kept and typed: {@code both}, {@code both, left first}, {@code right}, {@code lead}, ... */
    @JsonValue
    String words();

    /** Whether the rule needs a flow with sides around it. */
    default boolean followsLead() {
        return false;
    }

    /** Whether a side is said at all. */
    default boolean isSided() {
        return true;
    }

    /** The rule for the mirrored class. */
    SideRule mirrored();

    /** Reads what {@link #words()} writes. */
    @JsonCreator
    static SideRule parse(String words) {
        for (String twist : List.of(Compound.SAME, Compound.OTHER)) {
            if (words.endsWith(twist)) {
                return new Compound(
                        parse(words.substring(0, words.length() - twist.length())), twist.equals(Compound.SAME));
            }
        }
        boolean left = words.endsWith(LEFT_FIRST);
        Side first = left ? Side.LEFT : Side.RIGHT;
        String plain = left ? words.substring(0, words.length() - LEFT_FIRST.length()) : words;
        return switch (plain) {
            case "none" -> new None();
            case "both" -> new Both(first);
            case "right" -> new Only(Side.RIGHT);
            case "left" -> new Only(Side.LEFT);
            case "lead" -> new Lead();
            case "other" -> new Other();
            case "alternating" -> new Alternating(first, false);
            case "alternating a side" -> new Alternating(first, true);
            case "two directions" -> new TwoDirections(null);
            case "two directions, both sides" -> new TwoDirections(first);
            case "crossing" -> new Crossing(first);
            default ->
                throw new Refused(
                        "These are no sides I know: “%s”.".formatted(words.substring(0, Math.min(words.length(), 40))));
        };
    }

    String LEFT_FIRST = ", left first";

    private static String withFirst(String words, Side first) {
        return first == Side.RIGHT ? words : words + LEFT_FIRST;
    }

    private static List<Visit> once(@Nullable Side side) {
        return List.of(new Visit(side, null));
    }

    record None() implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return once(null);
        }

        @Override
        public boolean isSided() {
            return false;
        }

        @Override
        public String words() {
            return "none";
        }

        @Override
        public SideRule mirrored() {
            return this;
        }
    }

    record Both(Side first) implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return List.of(new Visit(first, null), new Visit(first.opposite(), null));
        }

        @Override
        public String words() {
            return withFirst("both", first);
        }

        @Override
        public SideRule mirrored() {
            return new Both(first.opposite());
        }
    }

    record Only(Side side) implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return once(side);
        }

        @Override
        public String words() {
            return side.word();
        }

        @Override
        public SideRule mirrored() {
            return new Only(side.opposite());
        }
    }

    record Lead() implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return once(lead);
        }

        @Override
        public String words() {
            return "lead";
        }

        @Override
        public boolean followsLead() {
            return true;
        }

        @Override
        public SideRule mirrored() {
            return this;
        }
    }

    record Other() implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return once(Objects.requireNonNull(lead, "the other side is that of a flow")
                    .opposite());
        }

        @Override
        public String words() {
            return "other";
        }

        @Override
        public boolean followsLead() {
            return true;
        }

        @Override
        public SideRule mirrored() {
            return this;
        }
    }

    /**
     * Side to side, one repetition at a time.
     *
     * @param aSide whether the dose says how many a side; otherwise how many in all
     */
    record Alternating(Side start, boolean aSide) implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return List.of(new Visit(start, null), new Visit(start.opposite(), null));
        }

        /** The side of the n-th repetition, from 0. */
        public Side sideOf(int n) {
            return n % 2 == 0 ? start : start.opposite();
        }

        /** Repetitions in one set of a dose of so many. */
        public int inAll(int reps) {
            return aSide ? 2 * reps : reps;
        }

        @Override
        public String words() {
            return withFirst(aSide ? "alternating a side" : "alternating", start);
        }

        @Override
        public SideRule mirrored() {
            return new Alternating(start.opposite(), aSide);
        }
    }

    /**
     * Circles: one way, then the other way round; for limbs on both sides, which makes four.
     *
     * @param first the first side; null when the circle has no side
     */
    record TwoDirections(@Nullable Side first) implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            if (first == null) return List.of(new Visit(null, 1), new Visit(null, 2));
            Side second = first.opposite();
            return List.of(new Visit(first, 1), new Visit(first, 2), new Visit(second, 1), new Visit(second, 2));
        }

        @Override
        public boolean isSided() {
            return first != null;
        }

        @Override
        public String words() {
            return first == null ? "two directions" : withFirst("two directions, both sides", first);
        }

        @Override
        public SideRule mirrored() {
            return first == null ? this : new TwoDirections(first.opposite());
        }
    }

    /**
     * Limbs cross; the front or top one names the side. Each time the pose comes again the other one is in front, wherever
     * in the class that is (ours); to do both in a row say both.
     */
    record Crossing(Side first) implements SideRule {
        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return once(before % 2 == 0 ? first : first.opposite());
        }

        @Override
        public String words() {
            return withFirst("crossing", first);
        }

        @Override
        public SideRule mirrored() {
            return new Crossing(first.opposite());
        }
    }

    /**
     * A base side and a twist that says its own side, where it is not the usual one of the pose.
     *
     * @param base the rule for the base side: both, one side, lead or other
     * @param same whether the twist goes to the side of the base
     */
    record Compound(SideRule base, boolean same) implements SideRule {
        static final String SAME = ", twist to the same side";
        static final String OTHER = ", twist to the other side";

        public Compound {
            boolean simple = base instanceof Both || base instanceof Only || base.followsLead();
            if (!simple || base instanceof Compound) {
                throw new Refused("A twist goes with both sides, one side, lead or other.");
            }
        }

        @Override
        public List<Visit> visits(@Nullable Side lead, int before) {
            return base.visits(lead, before);
        }

        @Override
        public boolean followsLead() {
            return base.followsLead();
        }

        @Override
        public String words() {
            return base.words() + (same ? SAME : OTHER);
        }

        @Override
        public SideRule mirrored() {
            return new Compound(base.mirrored(), same);
        }
    }
}
