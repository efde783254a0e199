package gurukram.web.drawing;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.EffortCurve;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.List;
import java.util.Objects;

/**
 * The whole class in the margin, true to time: the spine with the sides at it, and the effort as a silhouette. Drawn 100 wide
 * and 1000 high, and stretched to the height there is.
 *
 * @param shapes the drawing
 * @param peakAt where the peak begins, in thousandths of the class; -1 when it has none
 * @param totalMs what the height stands for
 */
public record Overview(String shapes, int peakAt, long totalMs, String words) {
    private static final int HEIGHT = 1_000;
    private static final int LINE = 26;
    private static final int SIDE = 14;
    private static final int FROM = 48;
    private static final int EFFORT = 10;

    public static Overview of(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        long total = Math.max(1, score.totalMs());
        StringBuilder shapes = new StringBuilder();
        List<Double> effort = EffortCurve.of(score, catalogue);
        silhouette(shapes, effort, total);
        sides(shapes, score, total);
        score.sections().forEach(span -> rect(shapes, "overview-section", 4, y(span.startMs(), total) - 1, 92, 2));
        long peak = peakStart(plan, score);
        return new Overview(shapes.toString(), peak < 0 ? -1 : y(peak, total), score.totalMs(), words(effort));
    }

    /** As a file by itself, with its colours. */
    public String file() {
        String peak = peakAt < 0 ? "" : "<path class=\"overview-peak\" d=\"M0 %1$d H100\"/>".formatted(peakAt);
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 1000" width="200" height="1000" preserveAspectRatio="none">
                <title>%s</title>
                <style>.overview-effort{fill:#b4c4c0}.overview-section{fill:#fff}.centre-bar{fill:#10272b}\
                .left-bar{fill:#dfeaf4;stroke:#17568f}.right-bar{fill:#a9410b}\
                .overview-peak{stroke:#10272b;stroke-width:2;stroke-dasharray:4 3}</style>
                %s%s</svg>
                """.formatted(words, shapes, peak);
    }

    private static void silhouette(StringBuilder shapes, List<Double> effort, long total) {
        shapes.append("<path class=\"overview-effort\" d=\"M").append(FROM).append(" 0");
        for (int minute = 0; minute < effort.size(); minute++) {
            long middle = Math.min(total, minute * (long) Millis.MINUTE + Millis.MINUTE / 2);
            if (minute == 0) shapes.append(" L").append(x(effort.get(0))).append(" 0");
            shapes.append(" L").append(x(effort.get(minute))).append(' ').append(y(middle, total));
            if (minute == effort.size() - 1)
                shapes.append(" L").append(x(effort.get(minute))).append(' ').append(HEIGHT);
        }
        shapes.append(" L").append(FROM).append(' ').append(HEIGHT).append(" Z\"/>");
    }

    private static int x(double effort) {
        return FROM + (int) Math.round(EFFORT * (effort - 0.5));
    }

    /** Moments of one side in a row are one mark; all marks of a side are one shape, as there may be hundreds. */
    private static void sides(StringBuilder shapes, Score score, long total) {
        StringBuilder left = new StringBuilder();
        StringBuilder right = new StringBuilder();
        StringBuilder centre = new StringBuilder();
        List<Moment> moments = score.moments();
        int from = 0;
        for (int i = 1; i <= moments.size(); i++) {
            boolean same = i < moments.size()
                    && moments.get(i).side() == moments.get(from).side();
            if (same) continue;
            Side side = moments.get(from).side();
            int y = y(moments.get(from).startMs(), total);
            int height = Math.max(1, y(moments.get(i - 1).endMs(), total) - y);
            if (side == null) mark(centre, LINE - 3, y, 6, height);
            if (side == Side.LEFT) mark(left, LINE - 3 - SIDE, y, SIDE, height);
            if (side == Side.RIGHT) mark(right, LINE + 3, y, SIDE, height);
            from = i;
        }
        mark(centre, LINE - 1, 0, 2, HEIGHT);
        path(shapes, "left-bar", left);
        path(shapes, "right-bar", right);
        path(shapes, "centre-bar", centre);
    }

    private static void mark(StringBuilder path, int x, int y, int width, int height) {
        path.append('M')
                .append(x)
                .append(' ')
                .append(y)
                .append('h')
                .append(width)
                .append('v')
                .append(height);
        path.append('h').append(-width).append('z');
    }

    private static void path(StringBuilder shapes, String look, StringBuilder path) {
        shapes.append("<path class=\"")
                .append(look)
                .append("\" d=\"")
                .append(path)
                .append("\"/>");
    }

    /** The named peak pose, where it is done longest; else the section that is the peak. */
    private static long peakStart(ClassPlan plan, Score score) {
        String peak = plan.settings().peak();
        long best = -1;
        long longest = 0;
        for (Moment moment : score.moments()) {
            if (peak == null || !Objects.equals(moment.pose(), peak) || moment.workMs() <= longest) continue;
            longest = moment.workMs();
            best = moment.startMs();
        }
        if (best >= 0) return best;
        return score.sections().stream()
                .filter(span -> span.role() == SectionRole.PEAK && span.lengthMs() > 0)
                .mapToLong(Score.SectionSpan::startMs)
                .findFirst()
                .orElse(-1);
    }

    private static String words(List<Double> effort) {
        int hardest = 0;
        for (int i = 1; i < effort.size(); i++) if (effort.get(i) > effort.get(hardest)) hardest = i;
        return effort.isEmpty() ? "nothing yet" : "the hardest minute is minute " + (hardest + 1);
    }

    private static int y(long ms, long total) {
        return (int) (HEIGHT * ms / total);
    }

    private static void rect(StringBuilder to, String look, int x, int y, int width, int height) {
        SpineBar.rect(to, look, x, width, y, height);
    }
}
