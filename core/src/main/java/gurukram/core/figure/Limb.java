package gurukram.core.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * How an arm or a leg is posed: by its angles, or by where its wrist or ankle is put.
 *
 * <p>As text: {@code 170 180}, {@code -60*.7 -90 0} (the third is the hand or foot); {@code floor 30},
 * {@code floor 30 +11} (on something 11 high), {@code at 10 40}, {@code to knee2 3 0}; each of these may go on with
 * {@code bend} (the elbow or knee on its other side), {@code straight} (seen as short as it takes), {@code *.8} (how much of it
 * is seen) and {@code end -30} (the hand or foot).
 */
public sealed interface Limb permits Limb.Bent, Limb.Reaching {
    /** @param end direction of the hand or foot; null for the usual one */
    record Bent(Segment upper, Segment lower, @Nullable Segment end) implements Limb {
        @Override
        public Limb mirrored() {
            return new Bent(upper.mirrored(), lower.mirrored(), end == null ? null : end.mirrored());
        }

        @Override
        public Limb turned(double degrees) {
            return new Bent(upper.turned(degrees), lower.turned(degrees), end == null ? null : end.turned(degrees));
        }

        @Override
        public String toString() {
            return upper + " " + lower + (end == null ? "" : " " + end);
        }
    }

    /**
     * @param onto the joint reached for; null for a fixed place
     * @param floor whether the hand or foot stands on the floor, or on something {@code y} high
     * @param x place, or how far from the joint
     * @param bend whether the elbow or knee goes to its less usual side
     * @param straight whether the limb is straight and seen shortened
     * @param shown share of both bones seen
     */
    record Reaching(
            @Nullable Joint onto,
            boolean floor,
            double x,
            double y,
            boolean bend,
            boolean straight,
            double shown,
            @Nullable Segment end)
            implements Limb {
        @Override
        public Limb mirrored() {
            Joint other = onto == null ? null : Limb.other(onto);
            return new Reaching(other, floor, -x, y, bend, straight, shown, end == null ? null : end.mirrored());
        }

        @Override
        public String toString() {
            List<String> words = new ArrayList<>();
            if (floor) words.add("floor " + Numbers.plain(x) + (y == 0 ? "" : " +" + Numbers.plain(y)));
            else if (onto == null) words.add("at " + Numbers.plain(x) + " " + Numbers.plain(y));
            else
                words.add("to " + onto.word()
                        + (x == 0 && y == 0 ? "" : " " + Numbers.plain(x) + " " + Numbers.plain(y)));
            if (bend) words.add("bend");
            if (straight) words.add("straight");
            if (shown != 1) words.add("*" + Numbers.plain(shown));
            if (end != null) words.add("end " + end);
            return String.join(" ", words);
        }
    }

    /** The same limb of the other side, seen in a mirror. */
    Limb mirrored();

    /** Turned by so many degrees with the trunk; one that reaches for a place stays with it. */
    default Limb turned(double degrees) {
        return this;
    }

    private static Joint other(Joint joint) {
        String name = joint.name();
        if (joint.ordinal() <= Joint.HEAD.ordinal()) return joint;
        return Joint.valueOf(name.endsWith("2") ? name.substring(0, name.length() - 1) : name + "2");
    }

    /** Reads what {@link #toString()} writes; {@link IllegalArgumentException} with the reason for anything else. */
    static Limb parse(String text) {
        List<String> words = new ArrayList<>(Arrays.asList(text.strip().split("\\s+")));
        try {
            return words.get(0).matches("floor|at|to") ? reaching(words) : bent(words, text);
        } catch (IndexOutOfBoundsException | NumberFormatException e) {
            throw new IllegalArgumentException("“" + text + "” is not how a limb is posed", e);
        }
    }

    private static Limb bent(List<String> words, String text) {
        List<Segment> segments = words.stream().map(Segment::parse).toList();
        if (segments.size() < 2 || segments.size() > 3 || segments.stream().anyMatch(s -> s == null)) {
            throw new IllegalArgumentException("“" + text + "” is not two or three angles");
        }
        return new Bent(segments.get(0), segments.get(1), segments.size() == 3 ? segments.get(2) : null);
    }

    private static Limb reaching(List<String> words) {
        String how = words.remove(0);
        Joint onto = how.equals("to") ? joint(words.remove(0)) : null;
        double x = 0;
        double y = 0;
        if (!how.equals("to") || startsWithNumber(words)) {
            x = Double.parseDouble(words.remove(0));
            if (how.equals("floor")) {
                if (!words.isEmpty() && words.get(0).startsWith("+")) y = Double.parseDouble(words.remove(0));
            } else {
                y = Double.parseDouble(words.remove(0));
            }
        }
        boolean bend = words.remove("bend");
        boolean straight = words.remove("straight");
        double shown = 1;
        Segment end = null;
        while (!words.isEmpty()) {
            String word = words.remove(0);
            if (word.startsWith("*")) shown = Double.parseDouble(word.substring(1));
            else if (word.equals("end")) end = Segment.parse(words.remove(0));
            else throw new IllegalArgumentException("“" + word + "” says nothing about a limb");
        }
        if (!(shown > 0 && shown <= 1)) throw new IllegalArgumentException("a share seen is above 0 and at most 1");
        return new Reaching(onto, how.equals("floor"), x, y, bend, straight, shown, end);
    }

    private static boolean startsWithNumber(List<String> words) {
        return !words.isEmpty() && words.get(0).matches("-?\\d.*");
    }

    private static Joint joint(String word) {
        try {
            return Joint.valueOf(word.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("there is no joint “" + word + "”", e);
        }
    }
}
