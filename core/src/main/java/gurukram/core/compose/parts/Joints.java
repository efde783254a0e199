package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.compose.search.Way;
import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** How a piece is joined to what its part has: where it stands, and how the room comes home before it. */
final class Joints {
    private static final double AWAY = 4;
    private static final double UP = 2;
    private static final double DOWN_AGAIN = 25;
    private static final Set<Base> LOWEST = EnumSet.of(Base.SEATED, Base.SUPINE, Base.SIDE_LYING);
    private static final int LOW_LEGS = 3;
    private static final List<SectionRole> COMES_HOME =
            List.of(SectionRole.STANDING, SectionRole.FLOOR, SectionRole.BALANCE);
    private static final int HOME_BREATHS = 3;

    private final Attempt attempt;
    private final Sketch sketch;

    Joints(Attempt attempt) {
        this.attempt = attempt;
        this.sketch = attempt.sketch();
    }

    /** Puts a phrase behind what its part has, with a reset before it. */
    void join(SectionRole part, Flow flow, PhraseLine line) {
        SectionRole at = place(part, line.startsBase());
        resetBefore(at, line, lastBefore(at)).ifPresent(reset -> put(at, reset));
        put(at, flow);
    }

    /** What begins on the floor is done with what else is there before a peak on the floor. */
    private SectionRole place(SectionRole part, Base from) {
        boolean seated = from == Base.SEATED || from == Base.SUPINE;
        boolean down = part == SectionRole.STANDING && attempt.peakIsLow() && Places.isFloor(from);
        return down || part == SectionRole.STRENGTH && seated ? SectionRole.FLOOR : part;
    }

    private void put(SectionRole part, Item item) {
        if (part == SectionRole.WARM_UP) sketch.putLast(part, item);
        else sketch.put(part, item);
    }

    private @Nullable Item lastBefore(SectionRole part) {
        List<Sketch.Entry> entries = sketch.entries(part);
        return entries.isEmpty() ? null : entries.get(entries.size() - 1).item();
    }

    /** Some breaths at home between two phrases; from a dog nobody stands up for it. */
    private Optional<Step> resetBefore(SectionRole part, PhraseLine line, @Nullable Item last) {
        Base to = line.startsBase();
        boolean low = to == Base.LUNGE || to == Base.DOG || to == Base.PLANK;
        boolean first = last == null;
        String id;
        if (part == SectionRole.WARM_UP || part == SectionRole.COOL_DOWN || part == SectionRole.FLOOR) {
            if (first) return Optional.empty();
            id = switch (to) {
                case SUPINE -> part == SectionRole.COOL_DOWN ? "" : "constructive-rest";
                case SEATED -> "staff";
                case KNEELING, HANDS_AND_KNEES, PRONE -> "childs-pose";
                case LUNGE, DOG, PLANK -> "downward-dog";
                default -> "";
            };
        } else {
            boolean dog = low || Places.isFloor(to) && attempt.pool().has("downward-dog");
            id = dog ? "downward-dog" : Places.isFloor(to) ? "childs-pose" : "mountain";
        }
        boolean again = last instanceof Step step && id.equals(step.pose());
        if (id.isEmpty() || again || !attempt.pool().has(id)) return Optional.empty();
        return Optional.of(attempt.step(part, attempt.catalogue().pose(id), new Dose.Breaths(first ? 1 : 3)));
    }

    /** Where a short class comes home less often than is usual, some breaths more before its parts. */
    void comeHome() {
        for (SectionRole part : COMES_HOME) {
            List<Sketch.Entry> entries = sketch.entries(part);
            String id = part == SectionRole.FLOOR ? "childs-pose" : "mountain";
            Sketch.Entry first = entries.stream()
                    .filter(entry -> entry.place() == Sketch.Place.FIRST)
                    .findFirst()
                    .orElse(entries.isEmpty() ? null : entries.get(0));
            boolean there = first == null
                    || first.pose() != null && Craft.HOMES.contains(first.pose().id());
            if (there || !attempt.pool().has(id) || isHome()) continue;
            sketch.putInFront(part, attempt.step(part, attempt.catalogue().pose(id), new Dose.Breaths(HOME_BREATHS)));
        }
    }

    private boolean isHome() {
        ClassPlan plan = sketch.plan();
        Measure home =
                Craft.of(plan, attempt.clock().score(plan), attempt.catalogue()).get(Measure.Kind.HOME);
        return home == null || home.value() == null || home.least() == null || home.value() >= home.least();
    }

    /** What it costs to get from where the part has come to so far to where a phrase begins. */
    double away(SectionRole part, PhraseLine line) {
        Base from = sketch.baseAfter(part);
        double away = from == null ? 0 : AWAY * Way.legs(from, line.startsBase());
        if (part != SectionRole.WARM_UP) return away;
        // from low to high, and after it people stand up
        boolean downAgain = from != null && !LOWEST.contains(from) && LOWEST.contains(line.startsBase());
        return away + (downAgain ? DOWN_AGAIN : 0) + UP * Way.legs(line.endsBase(), Base.STANDING);
    }

    /** Nobody gets from standing to lying in one go: what is on the way, before the cool-down. */
    void downAgain() {
        Base from = sketch.baseBefore(SectionRole.COOL_DOWN);
        Base to = sketch.baseOf(SectionRole.COOL_DOWN);
        if (from == null || to == null) return;
        if (Way.legs(from, to) < LOW_LEGS) return;
        Stream.of("childs-pose", "staff", "easy-seat", "table")
                .filter(attempt.pool()::has)
                .map(attempt.catalogue()::pose)
                .filter(pose -> Way.legs(from, pose.base()) < LOW_LEGS && Way.legs(pose.base(), to) < LOW_LEGS)
                .findFirst()
                .ifPresent(pose -> sketch.putInFront(
                        SectionRole.COOL_DOWN, attempt.step(SectionRole.COOL_DOWN, pose, new Dose.Breaths(1))));
    }

    /** Who has warmed up lying comes up before standing up. */
    void upAgain() {
        Base from = sketch.baseAfter(SectionRole.WARM_UP);
        if (from == null || Way.legs(from, Base.STANDING) < LOW_LEGS) return;
        Pose between = from == Base.PRONE
                ? attempt.firstAllowed("table", "thunderbolt", "easy-seat")
                : attempt.firstAllowed("easy-seat", "staff", "table");
        sketch.putLast(SectionRole.WARM_UP, attempt.step(SectionRole.WARM_UP, between, new Dose.Breaths(1)));
    }
}
