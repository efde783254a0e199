package gurukram.core.compose.search;

import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Shares;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Millis;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** How long a sketch is, and how long its parts should be; by the teacher's school. Not for several threads at a time. */
public final class Clock {
    private static final Map<SectionRole, Integer> OTHERS = new EnumMap<>(Map.of(
            SectionRole.FLOOR, 12, SectionRole.COUNTERPOSES, 3, SectionRole.STRENGTH, 6, SectionRole.INVERSIONS, 8));

    /** How many states of a class are remembered. */
    private static final int KEPT = 6;

    private final Unfolder unfolder;
    private final School teachers;
    private final Style style;
    private final long slotMs;
    private final Deque<Scored> lately = new ArrayDeque<>();
    private final Map<Flow, Score> flows = new HashMap<>();

    private record Scored(ClassPlan plan, Score score) {}

    public Clock(Unfolder unfolder, School teachers, Style style, int minutes) {
        this.unfolder = unfolder;
        this.teachers = teachers;
        this.style = style;
        this.slotMs = (long) minutes * Millis.MINUTE;
    }

    public long slotMs() {
        return slotMs;
    }

    /** The open time at the beginning is at most 5 % of the class and a minute. */
    public int mostOpenSeconds() {
        return (int) (slotMs / Millis.SECOND / 20) + 60;
    }

    /** Of a class in the making the same state is asked for again and again; its parts are then the very same. */
    public Score score(ClassPlan plan) {
        for (Scored one : lately) if (one.plan().equals(plan)) return one.score();
        Score score = unfolder.unfold(plan, null);
        if (lately.size() == KEPT) lately.removeLast();
        lately.addFirst(new Scored(plan, score));
        return score;
    }

    public long lengthMs(ClassPlan plan, Dose.Reading reading) {
        return unfolder.unfold(plan, null, reading).totalMs();
    }

    /** Which leg comes forward first, by the class's school, else the teacher's, else as usual. */
    public School.LegRule legRule(School own) {
        return Objects.requireNonNull(own.over(teachers.over(School.USUAL)).legRule());
    }

    /** A flow by itself. */
    public long flowMs(Flow flow) {
        return score(flow).totalMs();
    }

    public Score score(Flow flow) {
        return flows.computeIfAbsent(flow, this::alone);
    }

    private Score alone(Flow flow) {
        Section section = Section.of(new NodeId("alone"), SectionRole.SALUTATIONS, flow);
        ClassSettings settings = ClassSettings.of("alone", (int) (slotMs / Millis.MINUTE), style, Level.BEGINNER);
        return unfolder.unfold(ClassPlan.of(settings, section), null);
    }

    /** How long each part should be, ms: its share of the slot, the shares of absent parts spread over the rest. */
    public Map<SectionRole, Long> budgets(List<SectionRole> present) {
        int all = present.stream().mapToInt(this::share).sum();
        Map<SectionRole, Long> budgets = new EnumMap<>(SectionRole.class);
        for (SectionRole role : present) budgets.put(role, slotMs * share(role) / Math.max(1, all));
        return budgets;
    }

    private int share(SectionRole role) {
        return Shares.of(role, style).orElse(OTHERS.getOrDefault(role, 5));
    }

    public static Map<SectionRole, Long> lengths(Score score) {
        Map<SectionRole, Long> lengths = new EnumMap<>(SectionRole.class);
        score.sections().forEach(span -> lengths.merge(span.role(), span.lengthMs(), Long::sum));
        return lengths;
    }
}
