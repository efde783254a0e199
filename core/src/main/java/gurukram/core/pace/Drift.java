package gurukram.core.pace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How far classes as they were taught are off their plan, by what they are made of.
 *
 * @param percent of all classes together, + is longer; {@code lessons} how many they are
 * @param mostIn the section that makes most of the difference; empty when none makes any
 * @param sections in their order, {@code flows} and {@code poses} with those farthest off first
 */
public record Drift(
        double percent, int lessons, String mostIn, List<Part> sections, List<Part> flows, List<Part> poses) {
    /** Nearer than this to its plan a part is on it. */
    private static final double SAME_PERCENT = 5;

    private static final long SAME_MS = 5_000;
    private static final int MOST = 8;

    /** @param plannedMs on average, {@code realMs} without pauses */
    public record Part(String name, long plannedMs, long realMs) {
        public double percent() {
            return plannedMs == 0 ? 0 : 100.0 * (realMs - plannedMs) / plannedMs;
        }

        /** Whether anybody would notice. */
        public boolean isOff() {
            return Math.abs(percent()) >= SAME_PERCENT && Math.abs(realMs - plannedMs) >= SAME_MS;
        }
    }

    /** One moment that was done. @param flow empty outside flows, {@code side} empty without one */
    public record Moment(
            String lesson, String section, String flow, String pose, String side, long plannedMs, long realMs) {}

    private static final class Sum {
        private long planned;
        private long real;

        void add(Moment moment) {
            planned += moment.plannedMs();
            real += moment.realMs();
        }
    }

    public static Drift of(List<Moment> moments) {
        int lessons = (int) moments.stream().map(Moment::lesson).distinct().count();
        Map<String, Sum> sections = new LinkedHashMap<>();
        Map<String, Sum> flows = new LinkedHashMap<>();
        Map<String, Sum> poses = new LinkedHashMap<>();
        Sum all = new Sum();
        for (Moment moment : moments) {
            all.add(moment);
            sections.computeIfAbsent(moment.section(), key -> new Sum()).add(moment);
            if (!moment.flow().isEmpty()) {
                flows.computeIfAbsent(moment.flow(), key -> new Sum()).add(moment);
                continue;
            }
            String pose = moment.side().isEmpty() ? moment.pose() : moment.pose() + ", " + moment.side();
            poses.computeIfAbsent(pose, key -> new Sum()).add(moment);
        }
        List<Part> inOrder = parts(sections, lessons);
        long sign = Long.signum(all.real - all.planned);
        String mostIn = inOrder.stream()
                .filter(part -> (part.realMs() - part.plannedMs()) * sign >= SAME_MS)
                .max(Comparator.comparingLong(part -> (part.realMs() - part.plannedMs()) * sign))
                .map(Part::name)
                .orElse("");
        double percent = all.planned == 0 ? 0 : 100.0 * (all.real - all.planned) / all.planned;
        return new Drift(percent, lessons, mostIn, inOrder, farthest(flows, lessons), farthest(poses, lessons));
    }

    private static List<Part> parts(Map<String, Sum> sums, int lessons) {
        List<Part> parts = new ArrayList<>();
        sums.forEach((name, sum) -> parts.add(new Part(name, sum.planned / lessons, sum.real / lessons)));
        return parts;
    }

    private static List<Part> farthest(Map<String, Sum> sums, int lessons) {
        return parts(sums, lessons).stream()
                .filter(Part::isOff)
                .sorted(Comparator.comparingLong(part -> -Math.abs(part.realMs() - part.plannedMs())))
                .limit(MOST)
                .toList();
    }
}
