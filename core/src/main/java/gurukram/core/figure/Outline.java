package gurukram.core.figure;

import java.util.ArrayList;
import java.util.List;

/** The outline of the trunk: as wide as the shoulders where the chest faces the reader, as deep as the chest edgewise. */
public final class Outline {
    private static final double[] DEPTH = {6.2, 5.7, 4.9, 4.7, 5.3, 5.7, 3.6};
    private static final double[] WIDTH = {7.6, 7, 5.8, 5.4, 6.3, 7.6, 8.2};

    private Outline() {}

    /** Points around the trunk, up one side and down the other, to be joined by a smooth line. */
    public static List<Point> torso(Skeleton body) {
        List<Point> up = new ArrayList<>();
        List<Point> down = new ArrayList<>();
        List<Point> spine = body.spine();
        Figure figure = body.figure();
        int last = spine.size() - 1;
        for (int i = 0; i <= last; i++) {
            double along = (double) i / last;
            double turn = Math.abs(figure.pelvisTurn() * (1 - along) + figure.chestTurn() * along);
            double half = DEPTH[i] * (1 - turn) + WIDTH[i] * turn;
            double direction = figure.low() + (figure.high() - figure.low()) * along;
            up.add(spine.get(i).toward(direction + 90, half));
            down.add(0, spine.get(i).toward(direction - 90, half));
        }
        up.addAll(down);
        return up;
    }
}
