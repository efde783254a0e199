package gurukram.core.room;

import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;

/** One way in which a class that is being taught leaves its plan, from a moment on. */
public sealed interface Departure {
    /** A step or flow that has not begun is left out. */
    record LeftOut(NodeId node) implements Departure {}

    /** @param rounds how many a flow has in all */
    record Rounds(NodeId flow, int rounds) implements Departure {}

    /**
     * What follows is changed as little as possible, so that it is so much shorter, or with a minus longer.
     *
     * @param at the moment it was asked for in, of the score as it was frozen, from 0
     * @param byMs ms
     */
    record OnTime(int at, long byMs) implements Departure {}

    /** What follows is the line of another level. */
    record AtLevel(Level level) implements Departure {}
}
