package gurukram.web.drawing;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.figure.Figure;
import gurukram.core.figure.FigureText;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.web.util.UriUtils;

/** Where drawn figures are found. */
public final class Figures {
    private static final int MOST_KEPT = 4_000;
    private static final Map<Figure, String> MARKS = new ConcurrentHashMap<>();

    private Figures() {}

    /** The address of a figure in a row; it changes with what is drawn, so that browsers may keep it. */
    public static String small(Pose pose, Side side) {
        return address(pose, side);
    }

    /** The same with what is different about the pose, where that is drawn. */
    public static String small(Pose pose, Side side, List<String> with) {
        Figure drawn = Modifiers.shipped().drawn(pose, with);
        String address = address(pose, drawn, side);
        return drawn == pose.figure()
                ? address
                : address + "&with=" + UriUtils.encode(String.join(",", with), StandardCharsets.UTF_8);
    }

    /** The address of a figure with room for its letter. */
    public static String large(Pose pose, Side side) {
        return address(pose, side) + "&large=true";
    }

    /** The address of the map of what is felt; it changes with what is drawn. */
    public static String felt(Pose pose) {
        // by its words: the hash of an enum is another one at every start
        int mark =
                List.of(pose.stretches(), pose.works(), pose.notIn()).toString().hashCode();
        return "/poses/" + pose.id() + "/felt.svg?v=" + Integer.toHexString(mark);
    }

    /** @param side null for the right one; of no matter where a pose has none */
    private static String address(Pose pose, Side side) {
        return address(pose, pose.figure(), side);
    }

    private static String address(Pose pose, Figure drawn, Side side) {
        if (MARKS.size() > MOST_KEPT) MARKS.clear();
        String mark = MARKS.computeIfAbsent(
                drawn, figure -> Integer.toHexString(FigureText.write(figure).hashCode()));
        boolean sided = side != null && pose.sides() != SideBehaviour.SYMMETRIC;
        return "/poses/" + pose.id() + "/figure.svg?v=" + mark + (sided ? "&side=" + side.name() : "");
    }
}
