package gurukram.web.drafts;

import gurukram.core.body.Side;
import gurukram.core.check.Finding;
import gurukram.core.check.Preparation;
import gurukram.core.check.Subject;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/** What the peak asks for against the moments that prepare it: when, how strongly, on which side. */
final class PreparationMap {
    private static final int WIDTH = 1_000;
    private static final int MIDDLE = 26;
    private static final int[] HEIGHTS = {0, 8, 14, 20};

    private PreparationMap() {}

    /**
     * A demand of the peak.
     *
     * @param marks when what prepared it, drawn on a line that ends at the peak
     */
    public record Demand(String action, int strength, String marks, String words, boolean met) {}

    static List<Demand> of(Preparation preparation, Subject subject, List<Finding> findings) {
        List<Demand> demands = new ArrayList<>();
        for (Preparation.Demand demand : preparation.demands()) {
            boolean met = findings.stream()
                    .noneMatch(f -> f.rule().equals("preparation")
                            && f.about().equals(demand.action().word()));
            demands.add(new Demand(
                    demand.action().words(),
                    demand.strength(),
                    marks(demand, preparation, subject),
                    words(demand),
                    met));
        }
        return demands;
    }

    private static String words(Preparation.Demand demand) {
        if (demand.poses().isEmpty()) return "nothing prepares it";
        String last = demand.sinceMs() < Millis.MINUTE
                ? "the last right before the peak"
                : "the last %d min before the peak".formatted(demand.sinceMs() / Millis.MINUTE);
        return "%d poses, right %s, left %s, %s"
                .formatted(
                        demand.poses().size(),
                        Millis.showWhole(demand.rightMs()),
                        Millis.showWhole(demand.leftMs()),
                        last);
    }

    /** Right above the line, left below it, what has no side on it; the stronger it prepares, the higher. */
    private static String marks(Preparation.Demand demand, Preparation preparation, Subject subject) {
        long end = Math.max(1, subject.moments().get(preparation.at()).startMs());
        StringBuilder shapes = new StringBuilder();
        for (int i : demand.moments()) {
            Moment moment = subject.moments().get(i);
            int strength = subject.catalogue().pose(moment.pose()).prepares(demand.action());
            int height = HEIGHTS[Math.min(3, strength)];
            int x = (int) (WIDTH * moment.startMs() / end);
            int width = Math.max(5, (int) (WIDTH * moment.lengthMs() / end));
            String look = moment.side() == null ? "centre-bar" : moment.side() == Side.RIGHT ? "right-bar" : "left-bar";
            int y = moment.side() == null
                    ? MIDDLE - height / 2
                    : moment.side() == Side.RIGHT ? MIDDLE - 2 - height : MIDDLE + 2;
            shapes.append("<rect class=\"")
                    .append(look)
                    .append("\" x=\"")
                    .append(x)
                    .append("\" y=\"")
                    .append(y);
            shapes.append("\" width=\"")
                    .append(width)
                    .append("\" height=\"")
                    .append(height)
                    .append("\"/>");
        }
        return shapes.toString();
    }
}
