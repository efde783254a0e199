package gurukram.core.felt;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Side;
import gurukram.core.pose.Need;
import gurukram.core.text.Refused;
import gurukram.core.text.Table;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Where somebody feels something, in the words people have for it; from {@code resources/felt/spots.tsv}.
 *
 * @param words with its article: {@code the middle of the back of the thigh}
 * @param areas of the catalogue it counts for; none where no pose is meant to be felt
 * @param sided whether there is one on each side
 * @param needs whose change for a pose is the change for this place, the first that has one
 */
public record Spot(String id, String words, Kind kind, List<BodyArea> areas, boolean sided, List<Need> needs) {
    /** What is there, which decides what is asked and done. */
    public enum Kind {
        MUSCLE,
        JOINT,
        /** where a muscle is fastened to the bone, or crosses behind a joint */
        ROOT,
        SPINE,
        /** down a limb */
        LINE,
        /** fingers, soles and toes */
        END,
        HEAD,
        CHEST,
        BELLY,
        FLOOR
    }

    private static final List<Spot> ALL =
            Table.of("/felt/spots.tsv", "\t", 6).stream().map(Spot::read).toList();

    public Spot {
        areas = List.copyOf(areas);
        needs = List.copyOf(needs);
    }

    private static Spot read(Table.Row row) {
        return new Spot(
                row.cell(0),
                row.cell(1),
                Kind.valueOf(row.cell(2).toUpperCase(Locale.ROOT)),
                row.list(3, " ").stream().map(Spot::area).toList(),
                row.cell(4).equals("yes"),
                row.list(5, " ").stream().map(Need::parse).toList());
    }

    private static BodyArea area(String word) {
        return Arrays.stream(BodyArea.values())
                .filter(area -> area.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("spots.tsv: no area " + word));
    }

    /** From the head down. */
    public static List<Spot> all() {
        return ALL;
    }

    public static Optional<Spot> find(String id) {
        return ALL.stream().filter(spot -> spot.id.equals(id)).findFirst();
    }

    /** {@link Refused} where there is none. */
    public static Spot of(String id) {
        return find(id).orElseThrow(() -> new Refused("Nobody feels anything at “" + id + "”."));
    }

    /** Where it is, in a sentence: {@code at the neck}, {@code behind the knee}. */
    public String at() {
        if (words.startsWith("the ")) return "at " + words;
        return words.startsWith("a ") ? "in " + words : words;
    }

    /** Its words with the side behind them. @param side null where none is said */
    public String on(@Nullable Side side) {
        return sided && side != null ? words + ", " + side.word() : words;
    }
}
