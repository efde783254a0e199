package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a flow of movements is hung into: how it begins, how it ends, and which bases it goes through between. All begin on an
 * inhale and end on an exhale, so that passes meet without a clash.
 *
 * @param starts poses it may begin with; empty leaves the first to the middle
 * @param ends the last poses in order, one of these
 * @param bases the bases of the middle
 * @param from the pose people stand in before the first pass
 */
record Frame(String name, String from, List<List<String>> starts, Set<Base> bases, List<List<String>> ends) {
    private static final Set<Base> FEET = EnumSet.of(Base.STANDING, Base.LUNGE);

    /** In the order of preference; what a group cannot do falls away. */
    static final List<Frame> ALL = List.of(
            new Frame(
                    "dog",
                    "downward-dog",
                    List.of(List.of(), List.of("three-legged-dog", "plank-knee-to-nose")),
                    FEET,
                    List.of(
                            List.of("plank", "low-push-up", "upward-dog", "downward-dog"),
                            List.of("plank", "eight-points", "cobra", "downward-dog"),
                            List.of("downward-dog"))),
            new Frame(
                    "fold",
                    "mountain",
                    List.of(List.of("raised-arms", "standing-fold"), List.of("chair", "standing-fold"), List.of()),
                    FEET,
                    List.of(
                            List.of("half-lift", "standing-fold"),
                            List.of("raised-arms", "prayer"),
                            List.of("raised-arms", "mountain"))),
            new Frame(
                    "star",
                    "mountain",
                    List.of(List.of("five-pointed-star")),
                    FEET,
                    List.of(
                            List.of("five-pointed-star", "goddess"),
                            List.of("wide-half-lift", "wide-fold"),
                            List.of("five-pointed-star", "horse-stance"))),
            new Frame(
                    "upright",
                    "mountain",
                    List.of(List.of("raised-arms"), List.of("chair"), List.of("palm-tree"), List.of()),
                    EnumSet.of(Base.STANDING),
                    List.of(List.of("raised-arms", "prayer"), List.of("prayer"), List.of("mountain"))),
            new Frame(
                    "all fours",
                    "table",
                    List.of(List.of("cow"), List.of()),
                    EnumSet.of(Base.HANDS_AND_KNEES, Base.KNEELING, Base.CHILD),
                    List.of(List.of("cow", "cat"), List.of("childs-pose"), List.of("cow", "wide-childs-pose"))),
            new Frame(
                    "seat",
                    "easy-seat",
                    List.of(List.of("seated-cow"), List.of()),
                    EnumSet.of(Base.SEATED),
                    List.of(List.of("seated-cow", "seated-cat"), List.of("seated-cow", "easy-seat-twist"), List.of())));
}
