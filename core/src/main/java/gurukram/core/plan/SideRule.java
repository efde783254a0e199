package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gurukram.core.pose.Side;
import java.util.List;

/**
 * On which sides a step is done. The side is that of the part the pose is named by, the practitioner's own.
 *
 * <p>In a flow, {@link Lead} follows the side the flow leads with in each pass and {@link Other} is its opposite.
 */
public sealed interface SideRule {
    /** The sides of one visit to the step, in order; a null element is a symmetric moment. {@code lead} is null outside passes with a side. */
    List<Side> sides(Side lead);

    /** As it is kept and typed: {@code both}, {@code both, left first}, {@code right}, {@code lead}, ... */
    @JsonValue
    String words();

    /** Whether the rule needs a flow with sides around it. */
    default boolean followsLead() {
        return false;
    }

    /** Reads what {@link #words()} writes. */
    @JsonCreator
    static SideRule parse(String words) {
        return switch (words) {
            case "none" -> new None();
            case "both" -> new Both(Side.RIGHT);
            case "both, left first" -> new Both(Side.LEFT);
            case "right" -> new Only(Side.RIGHT);
            case "left" -> new Only(Side.LEFT);
            case "lead" -> new Lead();
            case "other" -> new Other();
            case "alternating" -> new Alternating(Side.RIGHT);
            case "alternating, left first" -> new Alternating(Side.LEFT);
            default -> throw new IllegalArgumentException("no side rule: " + words);
        };
    }

    record None() implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return java.util.Collections.singletonList(null);
        }

        @Override
        public String words() {
            return "none";
        }
    }

    record Both(Side first) implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return List.of(first, first.opposite());
        }

        @Override
        public String words() {
            return first == Side.RIGHT ? "both" : "both, left first";
        }
    }

    record Only(Side side) implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return List.of(side);
        }

        @Override
        public String words() {
            return side.word();
        }
    }

    record Lead() implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return List.of(lead);
        }

        @Override
        public String words() {
            return "lead";
        }

        @Override
        public boolean followsLead() {
            return true;
        }
    }

    record Other() implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return List.of(lead.opposite());
        }

        @Override
        public String words() {
            return "other";
        }

        @Override
        public boolean followsLead() {
            return true;
        }
    }

    /** Side to side, one repetition at a time: the dose says how many in all. */
    record Alternating(Side start) implements SideRule {
        @Override
        public List<Side> sides(Side lead) {
            return List.of(start, start.opposite());
        }

        /** The side of the n-th repetition, from 0. */
        public Side sideOf(int n) {
            return n % 2 == 0 ? start : start.opposite();
        }

        @Override
        public String words() {
            return start == Side.RIGHT ? "alternating" : "alternating, left first";
        }
    }
}
