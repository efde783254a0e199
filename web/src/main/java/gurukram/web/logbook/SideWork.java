package gurukram.web.logbook;

import gurukram.core.time.Millis;
import gurukram.web.teach.Script;
import java.util.Set;

/**
 * How long each side really worked.
 *
 * <p>Judged is work alone: setting up, the way there, the way out of the rest, and the quicker second side that is usual in
 * flows never are. The log knows a moment only as a whole, so its work is taken at the share the plan gave it; a movement of a
 * flow counts as long as its kind was planned on both sides together, stretched as much as it really was.
 */
final class SideWork {
    /** Ours: what does not count is no work of a side. */
    private static final Set<String> NEVER = Set.of("pause", "open");

    private final double movementMs;
    private double right;
    private double left;

    SideWork(Script script) {
        movementMs = script.moments().stream()
                .filter(SideWork::isMovement)
                .mapToLong(Script.Line::workMs)
                .average()
                .orElse(0);
    }

    private static boolean isMovement(Script.Line line) {
        return line.kind().equals("movement") && line.side() != null;
    }

    /** @param ms how long the moment really took, without pauses */
    void add(Script.Line planned, long ms) {
        long whole = planned.leadInMs() + planned.workMs();
        if (planned.side() == null || whole == 0 || NEVER.contains(planned.kind())) return;
        double stretched = (double) ms / whole;
        double work = stretched * (isMovement(planned) ? movementMs : planned.workMs());
        if (planned.side().equals("right")) right += work;
        else left += work;
    }

    /** Empty when no side worked. */
    String words() {
        if (right == 0 && left == 0) return "";
        double apart = Math.abs(right - left);
        // uneven is more than the larger of 2 s and 5 % of the longer side
        boolean even = apart <= Math.max(2_000, Math.max(right, left) / 20);
        String end = even
                ? "close enough to even"
                : Millis.showWhole(Math.round(apart)) + " longer on the " + (right > left ? "right" : "left");
        return "right %s, left %s: %s"
                .formatted(Millis.showWhole(Math.round(right)), Millis.showWhole(Math.round(left)), end);
    }
}
