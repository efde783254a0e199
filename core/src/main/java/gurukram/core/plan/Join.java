package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;

/** How two passes of a flow that follow each other meet. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "join")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Join.Separate.class, name = "separate"),
    @JsonSubTypes.Type(value = Join.Shared.class, name = "shared"),
    @JsonSubTypes.Type(value = Join.Rested.class, name = "rested")
})
public sealed interface Join {
    Limit SHARED = new Limit("Shared movements", 0, 40);
    Limit REST = new Limit("The rest between passes", 1, 600);

    /** Nothing shared: the closing movement is done, then the opening one again. */
    record Separate() implements Join {}

    /**
     * Leaves out the last {@code end} movements of the earlier pass and the first {@code start} of the later. A position
     * that both have belongs to the earlier pass: sharing a closing pose is (0, 1), linking half salutes is (1, 1).
     */
    record Shared(int end, int start) implements Join {
        public Shared {
            SHARED.check(end);
            SHARED.check(start);
            if (end + start == 0) throw new Refused("A shared join shares at least one movement.");
        }
    }

    /** A pause between the passes. */
    record Rested(int amount, Unit unit) implements Join {
        public enum Unit {
            SECONDS,
            BREATHS,
            HALF_BREATHS
        }

        public Rested {
            REST.check(amount);
        }
    }
}
