package gurukram.core.figure;

import java.util.ArrayList;
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
    private static final double UPRIGHT = 40;
    private static final List<Part> ARMS = List.of(Part.ARM2, Part.ARM);

    public Figure {
        limbs = Collections.unmodifiableMap(new EnumMap<>(limbs));
        props = List.copyOf(props);
        behind = List.copyOf(behind);
        before = List.copyOf(before);
        touches = List.copyOf(touches);
        motions = List.copyOf(motions);
    }

    /** Whether the upper trunk is so upright that the arms can be drawn in another way. */
    public boolean isUpright() {
        return Math.abs(high - 90) <= UPRIGHT;
    }

    /** With other arms, given for an upright trunk and turned with this one; they are drawn last. */
    public Figure withArms(Limb arm, Limb arm2) {
        Map<Part, Limb> other = new EnumMap<>(limbs);
        other.put(Part.ARM, arm.turned(high - 90));
        other.put(Part.ARM2, arm2.turned(high - 90));
        List<Part> first = behind.stream().filter(part -> !ARMS.contains(part)).toList();
        List<Part> last = new ArrayList<>(before);
        last.removeAll(ARMS);
        last.addAll(view.isEdgewise() ? List.of() : ARMS);
        return new Figure(
                view,
                hips,
                low,
                high,
                spineShown,
                head,
                face,
                pelvisTurn,
                chestTurn,
                other,
                props,
                first,
                last,
                List.of(),
                motions);
    }

    public Limb limb(Part part) {
        return Objects.requireNonNull(limbs.get(part));
    }
}
