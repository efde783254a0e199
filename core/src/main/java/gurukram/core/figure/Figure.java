package gurukram.core.figure;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How a pose is drawn, with the right side as lead.
 *
 * @param hips height of the pelvis over the floor; null to let the figure down until it touches
 * @param low direction of the spine at the pelvis, {@code high} at the neck; between them it curves
 * @param spineShown share of the spine's length that is seen; less where it points at the reader
 * @param head direction from the neck to the crown
 * @param face where the face looks; null for the usual direction of the view
 * @param pelvisTurn how far the pelvis faces the reader, {@code chestTurn} the chest: 1 fully, 0 edgewise, -1 away
 * @param limbs the four limbs
 * @param behind parts drawn before all others, {@code before} after all others
 * @param touches what lies on what, beside what the pose itself says
 * @param motions what moves and how; empty for a pose that is held
 */
public record Figure(
        Viewpoint view,
        @Nullable Double hips,
        double low,
        double high,
        double spineShown,
        double head,
        @Nullable Double face,
        double pelvisTurn,
        double chestTurn,
        Map<Part, Limb> limbs,
        List<DrawnProp> props,
        List<Part> behind,
        List<Part> before,
        List<Touch> touches,
        List<Motion> motions) {

    public Figure {
        limbs = Collections.unmodifiableMap(new EnumMap<>(limbs));
        props = List.copyOf(props);
        behind = List.copyOf(behind);
        before = List.copyOf(before);
        touches = List.copyOf(touches);
        motions = List.copyOf(motions);
    }

    public Limb limb(Part part) {
        return Objects.requireNonNull(limbs.get(part));
    }
}
