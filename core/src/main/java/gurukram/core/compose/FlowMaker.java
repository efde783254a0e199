package gurukram.core.compose;

import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Rounds;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.pose.Base;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.MatDirection;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Flows of movements on the breath: a frame, filled with what leads towards the peak, gentle at first; the second round
 * makes one or two positions stronger, the third comes as near to the peak's shape as a movement can.
 */
final class FlowMaker {
    private static final int MOST_NODES = 3_000;
    private static final int WIDTH = 6;
    private static final int LEAST_SIDED = 2;
    private static final int USUAL_NEXT = 3;
    private static final int TURN = 4;

    private final Pool pool;
    private final Pose peak;
    private final Merit merit;
    private final Dice dice;
    private final Map<String, Double> merits = new HashMap<>();
    private int nodes;

    FlowMaker(Pool pool, Pose peak, Merit merit, Dice dice) {
        this.pool = pool;
        this.peak = peak;
        this.merit = merit;
        this.dice = dice;
    }

    /**
     * A layered flow of three rounds, both sides each.
     *
     * @param id the beginning of the names of its parts
     * @param avoid flows it must not be like
     * @return empty when the group can move through none of the frames
     */
    Optional<Flow> layered(String id, String name, List<List<String>> avoid) {
        int wanted = 3 + dice.pick("length", 3);
        List<Frame> frames = new ArrayList<>(Frame.ALL.subList(0, 3));
        frames.sort(Comparator.comparingDouble(frame -> dice.at("frame " + frame.name())));
        frames.addAll(Frame.ALL.subList(3, Frame.ALL.size()));
        for (Frame frame : frames) {
            for (int pairs : List.of(wanted, wanted + 1, wanted - 1, 3)) {
                for (Chain chain : chains(frame, 2 * Math.max(3, pairs))) {
                    if (avoid.stream().anyMatch(other -> isLike(chain.ids(), other))) continue;
                    Optional<Flow> flow = layered(id, name, chain);
                    if (flow.isPresent()) return flow;
                }
            }
        }
        return Optional.empty();
    }

    /** More than seven poses of ten in the same order. */
    static boolean isLike(List<String> a, List<String> b) {
        int shorter = Math.min(a.size(), b.size());
        return shorter > 0 && 10 * Sequences.common(a, b) > 7 * shorter;
    }

    private record Chain(List<Move> moves) {
        List<String> ids() {
            return moves.stream().map(move -> move.pose().id()).toList();
        }
    }

    private List<Chain> chains(Frame frame, int length) {
        List<Chain> chains = new ArrayList<>();
        if (!pool.catalogue().has(frame.from())) return chains;
        Pose from = pool.catalogue().pose(frame.from());
        if (pool.against(from).isPresent()) return chains;
        for (List<String> start : shuffled(frame.starts(), "start")) {
            for (List<String> end : shuffled(frame.ends(), "end")) {
                if (start.size() + end.size() + 2 > length) continue;
                if (!areAllowed(start) || !areAllowed(end)) continue;
                List<Move> moves = new ArrayList<>();
                boolean joined = true;
                for (String id : start)
                    joined &= add(moves, from, pool.catalogue().pose(id));
                if (!joined) continue;
                nodes = 0;
                Chain chain = fill(frame, from, moves, length, end);
                if (chain != null) chains.add(chain);
            }
        }
        return chains;
    }

    private List<List<String>> shuffled(List<List<String>> lists, String what) {
        List<List<String>> all = new ArrayList<>(lists);
        all.sort(Comparator.comparingDouble(list -> dice.at(what + list)));
        return all;
    }

    private boolean areAllowed(List<String> ids) {
        return ids.stream().allMatch(id -> pool.catalogue().has(id) && pool.has(id));
    }

    private boolean add(List<Move> moves, Pose from, Pose pose) {
        Pose before = moves.isEmpty() ? from : moves.get(moves.size() - 1).pose();
        Breath breath = Move.at(moves.size());
        if (!Move.suits(pose, breath) || !Move.follows(before, pose)) return false;
        moves.add(new Move(pose, breath));
        return true;
    }

    private Chain fill(Frame frame, Pose from, List<Move> moves, int length, List<String> end) {
        if (nodes++ > MOST_NODES) return null;
        if (moves.size() == length - end.size()) return close(from, moves, end);
        Pose before = moves.isEmpty() ? from : moves.get(moves.size() - 1).pose();
        Breath breath = Move.at(moves.size());
        List<Pose> next = pool.poses().stream()
                .filter(pose -> frame.bases().contains(pose.base()) && isMovement(pose))
                .filter(pose -> Move.suits(pose, breath) && Move.follows(before, pose))
                .filter(pose ->
                        moves.stream().noneMatch(m -> m.pose().id().equals(pose.id())) && !end.contains(pose.id()))
                .sorted(Comparator.comparingDouble(pose -> -points(before, pose)))
                .limit(WIDTH)
                .toList();
        for (Pose pose : next) {
            moves.add(new Move(pose, breath));
            Chain chain = fill(frame, from, moves, length, end);
            if (chain != null) return chain;
            moves.remove(moves.size() - 1);
        }
        return null;
    }

    private Chain close(Pose from, List<Move> moves, List<String> end) {
        List<Move> all = new ArrayList<>(moves);
        for (String id : end) if (!add(all, from, pool.catalogue().pose(id))) return null;
        Pose last = all.get(all.size() - 1).pose();
        boolean again = Move.follows(last, all.get(0).pose());
        long sided = all.stream().filter(move -> Cover.isSided(move.pose())).count();
        return again && sided >= LEAST_SIDED && all.size() % 2 == 0 ? new Chain(List.copyOf(all)) : null;
    }

    /** A pose that can be met in half a breath and left in the next. */
    private boolean isMovement(Pose pose) {
        return pose.complexity() != Complexity.COMPLEX
                && pose.complexity() != Complexity.FULLY_EXPLAINED
                && pose.depth() <= 2
                && pose.risk() == Risk.LOW
                && !(pose.doseFor(pool.brief().level()) instanceof gurukram.core.dose.Reps)
                && !pose.id().contains("wall")
                && !pose.id().contains("strap")
                && !pose.id().contains("-ready");
    }

    /** Gentle poses first: what is stronger comes with the rounds. */
    private double points(Pose before, Pose pose) {
        double points = merits.computeIfAbsent(pose.id(), id -> merit.of(pose)) - 1.5 * pose.effort();
        if (before.ties().next().contains(pose.id())) points += USUAL_NEXT;
        if (before.mat() != pose.mat() && before.mat() == MatDirection.ACROSS) points -= TURN;
        return Cover.isSided(pose) ? points + 2 : points;
    }

    // --- layers

    private record Change(int position, Pose second, Pose third, double gain) {}

    private Optional<Flow> layered(String id, String name, Chain chain) {
        List<Change> changes = changes(chain.moves());
        if (changes.isEmpty()) return Optional.empty();
        Change main = changes.get(0);
        Change other = changes.stream()
                .skip(1)
                .filter(change -> Math.abs(change.position() - main.position()) > 1)
                .filter(change -> !change.third().id().equals(main.third().id()))
                .findFirst()
                .orElse(null);
        FlowSides sides = FlowSides.BOTH.with(pool.brief().begins());
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < chain.moves().size(); i++) {
            Move move = chain.moves().get(i);
            Step step = step(id + "-" + (i + 1), move, sides);
            if (i == main.position()) step = step.withLayers(layers(step, main.second(), main.third(), sides));
            if (other != null && i == other.position())
                step = step.withLayers(layers(step, other.second(), other.third(), sides));
            steps.add(step);
        }
        FlowSettings settings = FlowSettings.of(3).withName(name).with(sides);
        return Optional.of(new Flow(new NodeId(id), settings, steps));
    }

    private static Step step(String id, Move move, FlowSides sides) {
        SideRule rule = Cover.isSided(move.pose()) ? sides.usualFor(move.pose()) : new SideRule.None();
        return Step.of(new NodeId(id), move.pose().id(), rule, new Dose.Movement(move.breath()));
    }

    private static List<Layer> layers(Step step, Pose second, Pose third, FlowSides sides) {
        List<Layer> layers = new ArrayList<>();
        if (second != null)
            layers.add(layer(
                    step.id() + "-r2",
                    When.in(second.id().equals(third.id()) ? Rounds.from(2) : Rounds.of(2, 2)),
                    second,
                    sides));
        if (second == null || !second.id().equals(third.id()))
            layers.add(layer(step.id() + "-r3", When.in(Rounds.from(3)), third, sides));
        return layers;
    }

    private static Layer layer(String id, When when, Pose pose, FlowSides sides) {
        SideRule rule = Cover.isSided(pose) ? sides.usualFor(pose) : null;
        return new Layer(new NodeId(id), when, new Layer.Become(pose.id(), rule, null));
    }

    /** Positions that can grow: in the second round and, further or for the first time, in the third; the best first. */
    private List<Change> changes(List<Move> moves) {
        List<Change> changes = new ArrayList<>();
        for (int i = 1; i < moves.size() - 1; i++) {
            Move move = moves.get(i);
            List<Pose> stronger = stronger(moves, i);
            if (stronger.isEmpty()) continue;
            Pose third = stronger.get(0);
            Pose second = stronger.stream()
                    .skip(1)
                    .filter(pose -> !pose.id().equals(third.id()) && strength(pose) <= strength(third))
                    .findFirst()
                    .orElse(null);
            double gain = strength(third) - strength(move.pose()) + (second == null ? 0 : 2);
            changes.add(new Change(i, second, third, gain));
        }
        changes.sort(Comparator.comparingDouble(change -> -change.gain()));
        if (changes.isEmpty() || changes.get(0).second() != null || changes.size() < 2) return withSecond(changes);
        return changes;
    }

    /** Something has to grow in the second round already: with one stronger pose it comes then, and stays. */
    private static List<Change> withSecond(List<Change> changes) {
        if (changes.isEmpty() || changes.get(0).second() != null) return changes;
        Change first = changes.get(0);
        List<Change> all = new ArrayList<>(changes);
        all.set(0, new Change(first.position(), first.third(), first.third(), first.gain()));
        return all;
    }

    private List<Pose> stronger(List<Move> moves, int i) {
        Move move = moves.get(i);
        Pose before = moves.get(i - 1).pose();
        Pose after = moves.get(i + 1).pose();
        boolean sided = Cover.isSided(move.pose());
        List<Pose> all = new ArrayList<>(pool.poses());
        if (peak != null
                && !all.contains(peak)
                && peak.risk() != Risk.HIGH
                && pool.against(peak).isEmpty()) all.add(peak);
        return all.stream()
                .filter(pose -> pose.equals(peak) || isMovement(pose))
                .filter(pose -> pose.base() == Base.STANDING
                        || pose.base() == Base.LUNGE
                        || pose.base() == move.pose().base())
                .filter(pose -> Cover.isSided(pose) == sided && Move.suits(pose, move.breath()))
                .filter(pose -> Move.follows(before, pose) && Move.follows(pose, after))
                .filter(pose -> moves.stream().noneMatch(m -> m.pose().id().equals(pose.id())))
                .filter(pose -> strength(pose) > strength(move.pose()))
                .sorted(Comparator.comparingDouble(
                        (Pose pose) -> -strength(pose) - dice.of("layers").at(pose.id())))
                .limit(4)
                .toList();
    }

    /** How near a movement is to the peak, or how strong it is where there is none. */
    private double strength(Pose pose) {
        if (pose.equals(peak)) return 100;
        return (peak == null ? 0 : merit.towardsPeak(pose)) + 1.2 * pose.effort();
    }
}
