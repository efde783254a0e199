package gurukram.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A thing drawn with a figure.
 *
 * @param joints for a strap: the two joints it is held between; empty otherwise
 * @param x middle of it, or where a wall stands
 * @param y its underside
 * @param width of it, {@code height} likewise
 */
public record DrawnProp(Kind kind, List<Joint> joints, double x, double y, double width, double height) {
    public enum Kind {
        /** lying flat, on its long side, or on end */
        BLOCK(11, 4),
        BLANKET(18, 3),
        BOLSTER(28, 7),
        CHAIR(20, 24),
        WALL(3, 100),
        STRAP(0, 0);

        private final double width;
        private final double height;

        Kind(double width, double height) {
            this.width = width;
            this.height = height;
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public DrawnProp {
        joints = List.copyOf(joints);
    }

    /**
     * {@code wall 30}, {@code block 20}, {@code bolster -20 0 40 9} (middle, underside, width, height), {@code strap wrist
     * ankle}; {@link IllegalArgumentException} with the reason for anything else.
     */
    static DrawnProp parse(String text) {
        String[] words = text.strip().split("\\s+");
        try {
            Kind kind = Kind.valueOf(words[0].toUpperCase(Locale.ROOT));
            List<Joint> joints = new ArrayList<>();
            double[] given = {0, 0, kind.width, kind.height};
            for (int i = 1; i < words.length; i++) {
                if (kind == Kind.STRAP) joints.add(Joint.valueOf(words[i].toUpperCase(Locale.ROOT)));
                else given[i - 1] = Double.parseDouble(words[i]);
            }
            if (kind == Kind.STRAP && joints.size() != 2) throw new IllegalArgumentException("a strap has two ends");
            return new DrawnProp(kind, joints, given[0], given[1], given[2], given[3]);
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("“" + text + "” is not a thing I can draw", e);
        }
    }

    DrawnProp mirrored() {
        return new DrawnProp(kind, joints, -x, y, width, height);
    }

    @Override
    public String toString() {
        if (kind == Kind.STRAP)
            return "strap " + joints.get(0).word() + " " + joints.get(1).word();
        String place = kind.word() + " " + Numbers.plain(x);
        boolean usual = y == 0 && width == kind.width && height == kind.height;
        return usual
                ? place
                : place + " " + Numbers.plain(y) + " " + Numbers.plain(width) + " " + Numbers.plain(height);
    }
}
