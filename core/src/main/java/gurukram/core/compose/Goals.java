package gurukram.core.compose;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.check.Needs;
import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Focus;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Pool;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which pose a class may lead to: the highest rung of the peak's ladder that the level, the group, the room and the
 * supervision allow and that can be prepared with the poses there are. Without a supervisor first tries stop before they leave
 * the floor; where the group's own rung is known, it is not gone beyond.
 */
final class Goals {
    private static final int BEST = 4;

    private final Pool pool;
    private final List<String> stops = new ArrayList<>();

    Goals(Pool pool) {
        this.pool = pool;
    }

    /** Empty when nothing on the way to the peak is possible, or when no peak is asked for and none suits. */
    Optional<Goal> find(Dice dice) {
        String peak = pool.brief().peak();
        if (peak != null) return towards(pool.catalogue().pose(peak));
        return fromFocus(dice);
    }

    /** What stands in the way of the peak that was looked for last, the highest rung first: whole sentences. */
    List<String> stops() {
        return List.copyOf(stops);
    }

    Optional<Goal> towards(Pose asked) {
        stops.clear();
        Optional<Ladder> ladder = ladderOf(asked);
        if (ladder.isEmpty()) return without(asked);
        int top = ladder.get().rungOf(asked.id());
        Integer reached = pool.brief().reached().get(ladder.get().id());
        int lower = pool.brief().wishes().contains(Wish.GENTLER) && top > 1 ? 1 : 0;
        return down(asked, ladder.get(), top, reached, lower);
    }

    /** The next rung below a goal, where a class to it could not be made. @param why a part of a sentence */
    Optional<Goal> below(Goal goal, String why) {
        if (goal.ladder() == null || goal.rung() <= 1) return Optional.empty();
        stops.add(goal.pose().name() + ": " + why + ".");
        Integer reached = pool.brief().reached().get(goal.ladder().id());
        return down(goal.asked(), goal.ladder(), goal.rung() - 1, reached, 0)
                .filter(lower -> !lower.pose().equals(goal.pose()));
    }

    /**
     * The highest rung from one on that nothing stands against. What a need rules a rung out for is not asked of the same people in a
     * smaller measure: such a rung is taken only where there is no other.
     */
    private Optional<Goal> down(Pose asked, Ladder ladder, int top, @Nullable Integer reached, int lower) {
        Set<Need> ruledOut = EnumSet.noneOf(Need.class);
        Goal changed = null;
        for (int rung = top; rung >= 1; rung--) {
            String id = ladder.rungs().get(rung - 1).pose();
            if (id == null) continue;
            Pose pose = pool.catalogue().pose(id);
            if (reached == null && isOfAnotherShape(ladder, rung)) continue;
            String stop = reached != null && rung > reached
                    ? "the group stands on rung " + reached
                    : stopAt(ladder, rung, pose).orElse(null);
            if (stop == null && lower > 0) stop = "you asked for something gentler";
            lower = 0;
            ruledOut.addAll(needs(pose, Caution.Severity.BLOCKED));
            if (stop == null) {
                Set<Need> again = needs(pose, Caution.Severity.CHANGE);
                again.retainAll(ruledOut);
                if (again.isEmpty()) return Optional.of(new Goal(asked, pose, ladder, rung, stops));
                if (changed == null) changed = new Goal(asked, pose, ladder, rung, stops);
                stop = "who leaves the peak out would have to change it too (" + words(again) + ")";
            }
            stops.add(pose.name() + ": " + stop + ".");
        }
        if (changed == null) return easier(asked);
        stops.clear();
        stops.addAll(changed.stops());
        return Optional.of(changed);
    }

    /** Whether a rung only prepares the peak, and one below it that may be planned looks more like it. */
    private boolean isOfAnotherShape(Ladder ladder, int rung) {
        if (ladder.nearest() == null) return false;
        int nearest = ladder.rungOf(ladder.nearest());
        int own = ladder.rungOf(Objects.requireNonNull(ladder.peak()));
        boolean between =
                rung > nearest && rung < own && ladder.rungs().get(rung - 1).with() == Ladder.With.ALONE;
        return between
                && stopAt(ladder, nearest, pool.catalogue().pose(ladder.nearest()))
                        .isEmpty();
    }

    private Set<Need> needs(Pose pose, Caution.Severity severity) {
        Set<Need> needs = EnumSet.noneOf(Need.class);
        for (Caution caution : Needs.cautions(pose, pool.brief().group()))
            if (caution.severity() == severity) needs.add(caution.need());
        return needs;
    }

    private static String words(Set<Need> needs) {
        return needs.stream().map(Need::words).collect(Collectors.joining(", "));
    }

    private Optional<Ladder> ladderOf(Pose asked) {
        List<Ladder> ladders = pool.catalogue().laddersWith(asked.id());
        return ladders.stream()
                .filter(ladder -> asked.id().equals(ladder.peak()))
                .findFirst()
                .or(() -> ladders.stream().filter(l -> l.peak() != null).findFirst());
    }

    private Optional<Goal> without(Pose asked) {
        Optional<String> stop = stop(asked);
        if (stop.isEmpty() && isBeyond(asked)) stop = Optional.of("the group stands on a rung below it");
        if (stop.isEmpty() && asked.risk() == Risk.HIGH) stop = Optional.of("it has no ladder to come to it by");
        if (stop.isEmpty() && !canPrepare(asked, Set.of()))
            stop = Optional.of("what it asks for cannot be prepared here");
        if (stop.isEmpty()) return Optional.of(new Goal(asked, asked, null, 0, stops));
        stops.add(asked.name() + ": " + stop.get() + ".");
        return easier(asked);
    }

    /** Where no rung is possible, an easier form of the pose, the nearest first. */
    private Optional<Goal> easier(Pose asked) {
        Set<String> seen = new LinkedHashSet<>(List.of(asked.id()));
        List<String> at = List.of(asked.id());
        while (!at.isEmpty()) {
            List<String> next = new ArrayList<>();
            for (String id : at) {
                for (String form : pool.catalogue().pose(id).ties().easier()) {
                    if (!seen.add(form)) continue;
                    Pose pose = pool.catalogue().pose(form);
                    boolean possible =
                            stop(pose).isEmpty() && pose.risk() != Risk.HIGH && !leavesFloor(pose) && !isBeyond(pose);
                    if (possible && canPrepare(pose, Set.of()))
                        return Optional.of(new Goal(asked, pose, null, 0, stops));
                    next.add(form);
                }
            }
            at = next;
        }
        return Optional.empty();
    }

    /** What stands against one rung; empty when nothing does. */
    private Optional<String> stopAt(Ladder ladder, int rung, Pose pose) {
        Optional<String> stop = stop(pose);
        if (stop.isPresent()) return stop;
        Ladder.With with = ladder.rungs().get(rung - 1).with();
        boolean tried = pool.brief().reached().getOrDefault(ladder.id(), 0) >= rung;
        boolean watched = with != Ladder.With.ALONE && leavesFloor(pose) || pose.risk() == Risk.HIGH;
        if (watched && !tried && !pool.brief().supervised())
            return Optional.of("first tries want a teacher who watches at most four mats");
        return canPrepare(pose, below(ladder, rung))
                ? Optional.empty()
                : Optional.of("what it asks for cannot be prepared here");
    }

    private Optional<String> stop(Pose pose) {
        return pool.against(pose).map(LeftOut::words);
    }

    /** Whether it is a rung beyond the one the group stands on, of any ladder. */
    private boolean isBeyond(Pose pose) {
        return pool.brief().reached().entrySet().stream()
                .anyMatch(reached -> pool.catalogue().ladders().stream()
                        .filter(ladder -> ladder.id().equals(reached.getKey()))
                        .anyMatch(ladder -> ladder.rungOf(pose.id()) > reached.getValue()));
    }

    private static boolean leavesFloor(Pose pose) {
        return pose.base() == Base.INVERTED || pose.base() == Base.ARM_BALANCE;
    }

    /** The rungs before one that may be planned; those of high risk only under supervision. */
    private Set<String> below(Ladder ladder, int rung) {
        Set<String> below = new LinkedHashSet<>();
        for (Ladder.Rung before : ladder.rungs().subList(0, rung - 1)) {
            if (before.pose() == null) continue;
            Pose pose = pool.catalogue().pose(before.pose());
            boolean watched = pool.brief().supervised() || pose.risk() != Risk.HIGH;
            if (watched && pool.against(pose).isEmpty()) below.add(pose.id());
        }
        return below;
    }

    /**
     * Whether there are two poses for each of its demands, one of them strong enough.
     *
     * @param rungs poses of its ladder that come before it
     */
    private boolean canPrepare(Pose peak, Set<String> rungs) {
        Set<String> almost = Preparation.lastButOne(pool.catalogue(), peak);
        for (ActionUse use : peak.actions()) {
            if (use.demands() < 2) continue;
            int poses = 0;
            boolean strong = false;
            for (Pose pose : pool.catalogue().poses()) {
                if (!Cover.prepares(pose, peak, use)) continue;
                if (!rungs.contains(pose.id()) && !pool.has(pose.id())) continue;
                poses++;
                strong |= pose.prepares(use.action()) >= use.demands() || almost.contains(pose.id());
            }
            if (poses < 2 || !strong) return false;
        }
        return true;
    }

    /** A peak out of the theme: one of the few that have most of it in them, chosen by the dice. */
    private Optional<Goal> fromFocus(Dice dice) {
        Focus focus = pool.brief().focus();
        // a short class has its theme in everything, and no time to lead anywhere
        if (focus.isEmpty() || pool.brief().minutes() < Brief.SHORT_MINUTES) return Optional.empty();
        List<Pose> peaks = pool.catalogue().ladders().stream()
                .map(Ladder::peak)
                .filter(Objects::nonNull)
                .map(peak -> pool.catalogue().pose(peak))
                .filter(pose -> focus.in(pose) > 0)
                .sorted(Comparator.comparing((Pose pose) -> -focus.in(pose)).thenComparing(Pose::id))
                .toList();
        List<Goal> goals = new ArrayList<>();
        for (Pose peak : peaks) {
            towards(peak).filter(Goal::isAsAsked).ifPresent(goals::add);
            if (goals.size() == BEST) break;
        }
        if (goals.isEmpty()) return peaks.isEmpty() ? Optional.empty() : towards(peaks.get(0));
        return Optional.of(goals.get(dice.of("peak").pick("", goals.size())));
    }
}
