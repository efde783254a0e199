package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.text.Limit;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How two passes of a flow that follow each other meet. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "join")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Join.Separate.class, name = "separate"),
    @JsonSubTypes.Type(value = Join.Shared.class, name = "shared"),
    @JsonSubTypes.Type(value = Join.Rested.class, name = "rested")
})
public sealed interface Join {
    Limit SHARED = new Limit("Shared movements", 0, 40);
    Pattern SHARED_WORDS = Pattern.compile("shared? *\\(?(\\d+)[ ,]+(\\d+)\\)?");
    Pattern REST_WORDS = Pattern.compile("rest(?:ed)? *(-?\\d+) *(s|seconds?|breaths?|half-breaths?)");
    Limit REST = new Limit("The rest between passes", 1, 600);

    /** As it is typed: {@code separate}, {@code shared 0 1}, {@code rest 2 breaths}. */
    String words();

    /** Reads what {@link #words()} writes, and {@code shared} and {@code linked} for their usual numbers; {@link Refused} otherwise. */
    static Join parse(String typed) {
        String words = typed.strip().toLowerCase(Locale.ROOT);
        if (words.equals("separate")) return new Separate();
        if (words.equals("shared")) return new Shared(0, 1);
        if (words.equals("linked")) return new Shared(1, 1);
        Matcher shared = SHARED_WORDS.matcher(words);
        if (shared.matches()) return new Shared(SHARED.parse(shared.group(1)), SHARED.parse(shared.group(2)));
        Matcher rest = REST_WORDS.matcher(words);
        if (rest.matches()) return new Rested(REST.parse(rest.group(1)), unit(rest.group(2)));
        throw new Refused(Problem.of(
                "“" + typed.strip() + "” is no way for rounds to meet.",
                "Maybe “separate”, “shared”, “linked”, “shared 0 1” or “rest 2 breaths”."));
    }

    private static Rested.Unit unit(String word) {
        if (word.startsWith("s")) return Rested.Unit.SECONDS;
        return word.startsWith("half") ? Rested.Unit.HALF_BREATHS : Rested.Unit.BREATHS;
    }

    /** Nothing shared: the closing movement is done, then the opening one again. */
    record Separate() implements Join {
        @Override
        public String words() {
            return "separate";
        }
    }

    /**
     * Leaves out the last {@code end} movements of the earlier pass and the first {@code start} of the later. A position
     * that both have belongs to the earlier pass: sharing a closing pose is (0, 1), linking half salutes is (1, 1).
     * A flow still too short to leave something of a pass shares nothing, so that it can be written step by step.
     */
    record Shared(int end, int start) implements Join {
        public Shared {
            SHARED.check(end);
            SHARED.check(start);
            if (end + start == 0) throw new Refused("A shared join shares at least one movement.");
        }

        @Override
        public String words() {
            return "shared " + end + " " + start;
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
            Required.of(unit, "the unit of a rest");
            REST.check(amount);
        }

        @Override
        public String words() {
            return switch (unit) {
                case SECONDS -> "rest " + amount + " s";
                case BREATHS -> "rest " + Words.count(amount, "breath");
                case HALF_BREATHS -> "rest " + Words.count(amount, "half-breath");
            };
        }
    }
}
