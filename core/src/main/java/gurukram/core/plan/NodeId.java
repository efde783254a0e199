package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;
import java.util.regex.Pattern;

/** NodeNames a node of a plan for as long as it lives, through every edit and move. */
public record NodeId(@JsonValue String value) {
    private static final Pattern FORM = Pattern.compile("[a-z0-9-]{1,40}");
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";

    /** Stands for the settings of the class as a whole. */
    public static final NodeId CLASS = new NodeId("class");

    @JsonCreator
    public NodeId {
        if (value == null || !FORM.matcher(value).matches()) throw new IllegalArgumentException("no node id: " + value);
    }

    public static NodeId random(RandomGenerator random) {
        StringBuilder id = new StringBuilder("n");
        for (int i = 0; i < 9; i++) id.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        return new NodeId(id.toString());
    }

    @Override
    public String toString() {
        return value;
    }
}
