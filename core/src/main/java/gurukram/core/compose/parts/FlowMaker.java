package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.body.MatDirection;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Move;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Sequences;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Flows of movements on the breath: a frame, filled with what leads towards the peak, gentle at first; the second round
 * makes one or two positions stronger, the third comes as near to the peak's shape as a movement can.
 */
public final class FlowMaker {
    private static final int MOST_NODES = 3_000;
    private static final int WIDTH = 6;
    private static final int DRAWS = 4;
    private static final int LAYERS = 6;
    private static final int MOST_PAIRS = 6;
    private static final double DRAW = 4;
    /** One position in three at least has a side. */
    private static final int SIDED_PART = 3;
    /** Movements on the hands in three rounds, by level: two in five of what a class may have. */
    private static final int[] MOST_LOADS = {12, 20, 28};

    private static final int USUAL_NEXT = 3;
    private static final int TURN = 4;
    private static final int STAYING_UP = 6;
    private static final int STEP = 4;

    private final Pool pool;
    private final @Nullable Pose peak;
    private final Merit merit;
    private final Dice dice;
    private final Map<String, Double> merits = new HashMap<>();
    private Dice drawn;
    private boolean anyWay;
    private int nodes;

    FlowMaker(Pool pool, @Nullable Pose peak, Merit merit, Dice dice) {
        this.pool = pool;
        this.peak = peak;
        this.merit = merit;
        this.dice = dice;
        this.drawn = dice;
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
        for (int more = 0; more < DRAWS; more++) {
            drawn = dice.of("draw " + more);
            anyWay = more == DRAWS - 1;
            for (Frame frame : frames) {
                for (int pairs : List.of(wanted, wanted + 1, wanted - 1, 3)) {
                    for (Chain chain : chains(frame, 2 * Math.max(3, Math.min(MOST_PAIRS, pairs)))) {
                        if (avoid.stream().anyMatch(other -> isLike(chain.ids(), other))) continue;
                        Optional<Flow> flow = layered(id, name, chain);
                        if (flow.isPresent()) return flow;
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** The same flow again, with what can grow in it now; empty when something of it cannot be done any more. */
    Optional<Flow> again(String id, String name, List<String> poses) {
        List<Move> moves = new ArrayList<>();
        for (String pose : poses) {
            if (!areAllowed(List.of(pose))) return Optional.empty();
            moves.add(new Move(pool.catalogue().pose(pose), Move.at(moves.size())));
        }
        boolean suits = moves.stream().allMatch(move -> Move.suits(move.pose(), move.breath()));
        return suits && moves.size() >= 5 ? layered(id, name, new Chain(moves)) : Optional.empty();
    }

    /** More than seven poses of ten in the same order. */
    public static boolean isLike(List<String> a, List<String> b) {
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
        // into the first position people are led before the flow begins
        boolean joins = moves.isEmpty() ? Move.isOneStep(before.base(), pose.base()) : Move.follows(before, pose);
        if (!Move.suits(pose, breath) || !joins) return false;
        moves.add(new Move(pose, breath));
        return true;
    }

    private @Nullable Chain fill(Frame frame, Pose from, List<Move> moves, int length, List<String> end) {
        if (nodes++ > MOST_NODES) return null;
        if (moves.size() == length - end.size()) return close(from, moves, end);
        Pose before = moves.isEmpty() ? from : moves.get(moves.size() - 1).pose();
        Breath breath = Move.at(moves.size());
        List<Pose> next = pool.poses().stream()
                .filter(pose -> frame.bases().contains(pose.base()) && isMovement(pose))
                .filter(pose -> Move.suits(pose, breath) && Move.follows(before, pose))
                .filter(pose -> !Move.isOnOneLeg(pose) || !isLongOnOneLeg(moves))
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

    private @Nullable Chain close(Pose from, List<Move> moves, List<String> end) {
        List<Move> all = new ArrayList<>(moves);
        for (String id : end) if (!add(all, from, pool.catalogue().pose(id))) return null;
        Pose last = all.get(all.size() - 1).pose();
        boolean again = Move.follows(last, all.get(0).pose());
        long sided = all.stream().filter(move -> Cover.isSided(move.pose())).count();
        long loads = 6 * all.stream().filter(move -> move.pose().wristLoad()).count();
        boolean light = anyWay || loads <= MOST_LOADS[pool.brief().level().ordinal()];
        return again && light && (anyWay ? 2 : 1) * SIDED_PART * sided >= all.size() && all.size() % 2 == 0
                ? new Chain(List.copyOf(all))
                : null;
    }

    /** Whether the last two positions are balances already: then the other foot comes down. */
    private static boolean isLongOnOneLeg(List<Move> moves) {
        int n = moves.size();
        return n >= 2
                && Move.isOnOneLeg(moves.get(n - 1).pose())
                && Move.isOnOneLeg(moves.get(n - 2).pose());
    }

    /** A pose that can be met in half a breath and left in the next. */
    private boolean isMovement(Pose pose) {
        return pose.complexity() != Complexity.COMPLEX
                && pose.complexity() != Complexity.FULLY_EXPLAINED
                && pose.depth() <= 2
                && pose.risk() == Risk.LOW
                && (pose.hold() == Hold.ACTIVE || pose.id().equals("standing-fold"))
                && !(pose.doseFor(pool.brief().level()) instanceof Reps)
                && pose.props().stream().noneMatch(use -> Pool.isNeeded(pose, use));
    }

    /** Gentle poses first: what is stronger comes with the rounds. */
    private double points(Pose before, Pose pose) {
        double points = merits.computeIfAbsent(pose.id(), id -> merit.of(pose)) - 1.5 * pose.effort();
        if (before.ties().next().contains(pose.id())) points += USUAL_NEXT;
        if (before.mat() != pose.mat() && before.mat() == MatDirection.ACROSS) points -= TURN;
        if (Move.isOnOneLeg(before) && Move.isOnOneLeg(pose)) points -= STAYING_UP;
        if (Move.stance(before) != Move.stance(pose)) points -= STEP;
        if (pose.base() == Base.LUNGE) points += 1;
        points += DRAW * drawn.at(pose.id());
        return Cover.isSided(pose) ? points + 2 : points;
    }

    // --- layers

    /** A position that grows: what it is in the second round, null for as in the first, and in the third. */
    private record Change(int position, @Nullable Pose second, Pose third, double gain) {
        /** From the second round on what would have come in the third. */
        Change sooner() {
            return new Change(position, third, third, gain);
        }
    }

    private Optional<Flow> layered(String id, String name, Chain chain) {
        List<Change> changes = chosen(changes(chain.moves()));
        if (changes.isEmpty()) return Optional.empty();
        FlowSides sides = FlowSides.BOTH.with(pool.brief().begins());
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < chain.moves().size(); i++) {
            Step step = step(id + "-" + (i + 1), chain.moves().get(i), sides);
            for (Change change : changes) {
                if (change.position() == i)
                    step = step.withLayers(layers(step, change.second(), change.third(), sides));
            }
            steps.add(step);
        }
        FlowSettings settings = FlowSettings.of(3).withName(name).with(sides);
        return Optional.of(new Flow(new NodeId(id), settings, steps));
    }

    /** One or two positions that are not neighbours, so that something grows in the second round and something in the third. */
    private List<Change> chosen(List<Change> changes) {
        if (changes.isEmpty()) return changes;
        Change main = changes.get(0);
        Optional<Change> other = changes.stream()
                .skip(1)
                .filter(change -> Math.abs(change.position() - main.position()) > 1)
                .filter(change -> !change.third().id().equals(main.third().id()))
                .findFirst();
        if (main.second() != null)
            return other.map(change -> List.of(main, change)).orElse(List.of(main));
        if (other.isEmpty()) return anyWay ? List.of(main.sooner()) : List.of();
        Change sooner = other.get().second() != null ? other.get() : other.get().sooner();
        return List.of(main, sooner);
    }

    private static Step step(String id, Move move, FlowSides sides) {
        SideRule rule = Cover.isSided(move.pose()) ? sides.usualFor(move.pose()) : new SideRule.None();
        return Step.of(new NodeId(id), move.pose().id(), rule, new Dose.Movement(move.breath()));
    }

    private static List<Layer> layers(Step step, @Nullable Pose second, Pose third, FlowSides sides) {
        List<Layer> layers = new ArrayList<>();
        boolean stays = third.equals(second);
        if (second != null) {
            When when = When.in(stays ? Rounds.from(2) : Rounds.of(2, 2));
            layers.add(layer(step.id() + "-r2", when, second, sides));
        }
        if (!stays) layers.add(layer(step.id() + "-r3", When.in(Rounds.from(3)), third, sides));
        return layers;
    }

    private static Layer layer(String id, When when, Pose pose, FlowSides sides) {
        SideRule rule = Cover.isSided(pose) ? sides.usualFor(pose) : null;
        return new Layer(new NodeId(id), when, new Layer.Become(pose.id(), rule, null));
    }

    /** Positions that can grow, the best first; between the first shape and the last, a rung of the ladder or a form of either comes first. */
    private List<Change> changes(List<Move> moves) {
        List<Change> changes = new ArrayList<>();
        for (int i = 1; i < moves.size() - 1; i++) {
            Move move = moves.get(i);
            List<Pose> stronger = stronger(moves, i);
            if (stronger.isEmpty()) continue;
            Pose third = stronger.get(0);
            Pose second = stronger.stream()
                    .filter(pose -> !pose.equals(third) && strength(pose) < strength(third))
                    .max(Comparator.comparingDouble(pose -> kin(pose, move.pose(), third)))
                    .orElse(null);
            double gain = strength(third)
                    - strength(move.pose())
                    + (second == null ? 0 : 2 + kin(second, move.pose(), third))
                    + kin(third, move.pose(), third);
            changes.add(new Change(i, second, third, gain));
        }
        changes.sort(Comparator.comparingDouble(change -> -change.gain()));
        return changes;
    }

    private double kin(Pose pose, Pose first, Pose last) {
        boolean rung = peak != null
                && pool.catalogue().laddersWith(peak.id()).stream().anyMatch(ladder -> ladder.rungOf(pose.id()) > 0);
        int points = rung ? 3 : 0;
        if (first.ties().harder().contains(pose.id())) points += 3;
        if (last.ties().easier().contains(pose.id())) points += 3;
        return pose.family().equals(last.family()) ? points + 1 : points;
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
                .filter(pose -> pose.base() == move.pose().base()
                        || sided && (pose.base() == Base.STANDING || pose.base() == Base.LUNGE))
                .filter(pose -> Cover.isSided(pose) == sided && Move.suits(pose, move.breath()))
                .filter(pose -> sided || move.pose().ties().harder().contains(pose.id()))
                .filter(pose -> Move.follows(before, pose) && Move.follows(pose, after))
                .filter(pose -> moves.stream().noneMatch(m -> m.pose().id().equals(pose.id())))
                .filter(pose -> strength(pose) > strength(move.pose()))
                .sorted(Comparator.comparingDouble(
                        (Pose pose) -> -strength(pose) - dice.of("layers").at(pose.id())))
                .limit(LAYERS)
                .toList();
    }

    /** How near a movement is to the peak, or how strong it is where there is none. */
    private double strength(Pose pose) {
        if (pose.equals(peak)) return 100;
        return (peak == null ? 0 : merit.towardsPeak(pose)) + 1.2 * pose.effort();
    }
}
