package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A plan unfolded for one level. All lengths in ms.
 *
 * @param totalMs sum of the moments
 * @param likelyLowMs the likely band's lower end: 15 % less of what is not typed, until the teacher's logs narrow it
 * @param likelyHighMs its upper end
 * @param right written work done on the right; a rest on one side is none
 * @param left written work done on the left
 */
public record Score(
        long totalMs,
        long likelyLowMs,
        long likelyHighMs,
        List<SectionSpan> sections,
        List<Moment> moments,
        SideWork right,
        SideWork left) {

    /** Where a section begins and how long it lasts. */
    public record SectionSpan(NodeId id, SectionRole role, String title, long startMs, long lengthMs) {}

    public Score {
        sections = List.copyOf(sections);
        moments = List.copyOf(moments);
    }

    /** @param likelyPercent how far what is not typed may be off, % */
    static Score of(ClassPlan plan, List<Moment> moments, int likelyPercent) {
        long total = 0;
        long untyped = 0;
        SideWork right = SideWork.NONE;
        SideWork left = SideWork.NONE;
        Map<NodeId, Long> lengths = new HashMap<>();
        Set<NodeId> rest = plan.sections().stream()
                .filter(section -> section.role() == SectionRole.REST)
                .map(Section::id)
                .collect(Collectors.toSet());
        for (Moment moment : moments) {
            total += moment.lengthMs();
            untyped += moment.untypedMs();
            lengths.merge(moment.section(), moment.lengthMs(), Long::sum);
            if (rest.contains(moment.section())) continue;
            if (moment.side() == Side.RIGHT) right = right.plus(moment);
            if (moment.side() == Side.LEFT) left = left.plus(moment);
        }
        List<SectionSpan> spans = new ArrayList<>();
        long start = 0;
        for (Section section : plan.sections()) {
            long length = lengths.getOrDefault(section.id(), 0L);
            spans.add(new SectionSpan(section.id(), section.role(), section.title(), start, length));
            start += length;
        }
        long band = Millis.times(untyped, BigDecimal.valueOf(likelyPercent, 2));
        return new Score(total, total - band, total + band, spans, moments, right, left);
    }

    /** Whether something in it may go on as long as people like: its total is then the least. */
    public boolean isOpenEnded() {
        return moments.stream().anyMatch(Moment::openEnd);
    }

    /** Whether both sides have the same written work. Setting up, transitions and the quicker second side are not judged. */
    public boolean isEven() {
        return right.equals(left);
    }

    /** What each node of the plan comes to: steps, and flows and sections with all they hold. */
    public Map<NodeId, NodeTotal> totals() {
        Map<NodeId, NodeTotal> totals = new HashMap<>();
        for (Moment moment : moments) {
            add(totals, moment.node(), moment);
            add(totals, moment.section(), moment);
            if (moment.flow() != null) add(totals, moment.flow(), moment);
        }
        return totals;
    }

    private static void add(Map<NodeId, NodeTotal> totals, NodeId node, Moment moment) {
        NodeTotal so = totals.get(node);
        totals.put(node, so == null ? NodeTotal.of(moment) : so.plus(moment));
    }
}
