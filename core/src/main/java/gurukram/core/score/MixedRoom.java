package gurukram.core.score;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * A room in which every level keeps to one clock: that of the base line. Another level's line may need less, and people
 * stay or rest; it never needs more. Judged step by step, and pass by pass in flows.
 */
public final class MixedRoom {
    /**
     * One level's line within the time of the base line.
     *
     * @param node the step, or the flow of a pass
     * @param pass from 1; null outside flows
     * @param clockMs what the base line takes, {@code lineMs} what this level would take
     */
    public record Line(Level level, NodeId node, @Nullable Integer pass, long clockMs, long lineMs) {
        public boolean isOver() {
            return lineMs > clockMs;
        }

        /** Time to stay or rest; 0 when the line is over. */
        public long spareMs() {
            return Math.max(0, clockMs - lineMs);
        }
    }

    private record Unit(NodeId node, @Nullable Integer pass) {}

    private MixedRoom() {}

    /** The lines that differ from the base line, level by level, each in the order of the class. */
    public static List<Line> lines(ClassPlan plan, Unfolder unfolder) {
        return lines(plan, unfolder, unfolder.unfold(plan, null));
    }

    /** @param base the score of the base line */
    public static List<Line> lines(ClassPlan plan, Unfolder unfolder, Score base) {
        Map<NodeId, NodeId> owners = owners(plan);
        Map<Unit, Long> clock = lengths(base, owners);
        List<Line> lines = new ArrayList<>();
        for (Level level : Level.values()) {
            Map<Unit, Long> own = lengths(unfolder.unfold(plan, level), owners);
            clock.forEach((unit, ms) -> own.putIfAbsent(unit, 0L));
            own.forEach((unit, ms) -> {
                long there = clock.getOrDefault(unit, 0L);
                if (ms != there) lines.add(new Line(level, unit.node(), unit.pass(), there, ms));
            });
        }
        return lines;
    }

    /**
     * A line beside the clock: of people with a need, or of those who take the other of two choices.
     *
     * @param who in words: {@code wrist}, {@code the other choice}
     */
    public record Beside(String who, NodeId node, @Nullable Integer pass, long clockMs, long lineMs) {
        public boolean isOver() {
            return lineMs > clockMs;
        }
    }

    /** The lines of needs and choices that are written and differ in length from the base line, need by need. */
    public static List<Beside> beside(ClassPlan plan, Unfolder unfolder) {
        return beside(plan, unfolder, () -> unfolder.unfold(plan, null));
    }

    /** @param base the score of the base line, where it is wanted */
    public static List<Beside> beside(ClassPlan plan, Unfolder unfolder, Supplier<Score> base) {
        Set<Need> needs = EnumSet.noneOf(Need.class);
        boolean[] either = {false};
        plan.walk(node -> {
            if (!(node instanceof Layer layer)) return;
            needs.addAll(layer.when().needs());
            either[0] |= layer.when().either();
        });
        if (needs.isEmpty() && !either[0]) return List.of();
        Map<NodeId, NodeId> owners = owners(plan);
        Map<Unit, Long> clock = lengths(base.get(), owners);
        List<Beside> lines = new ArrayList<>();
        for (Need need : needs) add(lines, need.words(), clock, lengthsFor(need, plan, unfolder, owners));
        if (either[0]) {
            ClassPlan own = LevelLine.beside(plan, When::either, unfolder.catalogue());
            add(lines, "the other choice", clock, besideLengths(unfolder.unfold(own, null), owners));
        }
        return lines;
    }

    /**
     * The line of one need alone.
     *
     * @param base the score of the base line
     */
    public static List<Beside> beside(ClassPlan plan, Unfolder unfolder, Score base, Need need) {
        if (!hasLine(plan, need)) return List.of();
        Map<NodeId, NodeId> owners = owners(plan);
        List<Beside> lines = new ArrayList<>();
        add(lines, need.words(), lengths(base, owners), lengthsFor(need, plan, unfolder, owners));
        return lines;
    }

    private static boolean hasLine(ClassPlan plan, Need need) {
        boolean[] has = {false};
        plan.walk(node ->
                has[0] |= node instanceof Layer layer && layer.when().needs().contains(need));
        return has[0];
    }

    private static Map<Unit, Long> lengthsFor(
            Need need, ClassPlan plan, Unfolder unfolder, Map<NodeId, NodeId> owners) {
        ClassPlan own = LevelLine.beside(plan, when -> when.needs().contains(need), unfolder.catalogue());
        return besideLengths(unfolder.unfold(own, null), owners);
    }

    private static void add(List<Beside> lines, String who, Map<Unit, Long> clock, Map<Unit, Long> own) {
        own.forEach((unit, ms) -> {
            long there = clock.getOrDefault(unit, 0L);
            if (ms != there) lines.add(new Beside(who, unit.node(), unit.pass(), there, ms));
        });
    }

    /** Those beside the clock are told in a sentence while the room is got ready, so their own getting ready costs nothing (ours). */
    private static Map<Unit, Long> besideLengths(Score score, Map<NodeId, NodeId> owners) {
        return lengths(score, owners, moment -> moment.lengthMs() - moment.settingUpMs());
    }

    private static Map<Unit, Long> lengths(Score score, Map<NodeId, NodeId> owners) {
        return lengths(score, owners, Moment::lengthMs);
    }

    private static Map<Unit, Long> lengths(Score score, Map<NodeId, NodeId> owners, ToLongFunction<Moment> length) {
        Map<Unit, Long> lengths = new LinkedHashMap<>();
        for (Moment moment : score.moments()) {
            Unit unit = moment.flow() != null
                    ? new Unit(moment.flow(), moment.pass())
                    : new Unit(owners.getOrDefault(moment.node(), moment.node()), null);
            lengths.merge(unit, length.applyAsLong(moment), Long::sum);
        }
        return lengths;
    }

    /** A step put in by a layer belongs to the step it stands at. */
    private static Map<NodeId, NodeId> owners(ClassPlan plan) {
        Map<NodeId, NodeId> owners = new HashMap<>();
        plan.walk(node -> {
            if (!(node instanceof Step step)) return;
            for (Layer layer : step.layers()) {
                if (layer.inserted() != null) owners.put(layer.inserted().id(), step.id());
            }
        });
        return owners;
    }
}
