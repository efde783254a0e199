package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.body.SpineDirection;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.time.Breath;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Where the idea of a class is met outside its phrases: the spine in all directions before anything else, the theme shape small in
 * the warm-up and lying at the end, and the lines that are said on the way.
 */
public final class IdeaPart {
    private static final List<String> SEATED_BENDS = List.of("seated-side-bend");
    private static final List<String> SEATED_TURNS =
            List.of("easy-seat-twist", "open-seated-twist", "seated-leg-twist", "thread-the-needle");
    private static final List<String> LYING = List.of("reclined-side-bend", "knees-side-to-side");
    private static final List<String> ON_A_CHAIR = List.of("chair-side-bend", "chair-twist");
    /** In so many of the ideas the spine is warmed lying. */
    private static final double LYING_PART = 0.12;

    private static final int TURNED_FROM_MINUTES = 45;
    /** Which of the lines of an idea is said at the peak. */
    private static final int AT_PEAK = 2;

    private static final Set<String> HOME = Set.of("mountain", "downward-dog");
    private static final Set<String> BACK = Set.of("childs-pose", "table", "staff");

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;

    public IdeaPart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
    }

    /** Cow and cat, and the sides and turns of a seat: the spine in all its directions, before anything else. */
    public void warmSpine() {
        if (!sketch.entries(SectionRole.WARM_UP).isEmpty()) return;
        boolean fours = attempt.pool().has("cat") && attempt.pool().has("cow");
        boolean seated = attempt.pool().has("seated-cat") && attempt.pool().has("seated-cow");
        boolean lying = LYING.stream().allMatch(attempt.pool()::has)
                && attempt.dice().of("spine").turning("lying") < LYING_PART;
        Optional<String> bend = lying ? Optional.of(LYING.get(0)) : best("bend", SEATED_BENDS, ON_A_CHAIR.get(0));
        Optional<String> turn = lying ? Optional.of(LYING.get(1)) : best("turn", SEATED_TURNS, ON_A_CHAIR.get(1));
        boolean onFours = turn.filter(id -> attempt.catalogue().pose(id).base() == Base.HANDS_AND_KNEES)
                .isPresent();
        // a short class has its theme instead
        boolean isShort = attempt.brief().minutes() < Brief.SHORT_MINUTES;
        if (isShort) {
            bend = Optional.empty();
            turn = Optional.empty();
        }
        bend.ifPresent(this::putShort);
        if (!onFours) turn.ifPresent(this::putShort);
        if (fours) sketch.put(SectionRole.WARM_UP, waves("cow", "cat", "cow and cat"));
        else if (seated) sketch.put(SectionRole.WARM_UP, waves("seated-cow", "seated-cat", "seated cow and cat"));
        if (onFours) turn.ifPresent(this::putShort);
    }

    /** One of these that the group can do, another from idea to idea; else what is done on a chair. */
    private Optional<String> best(String what, List<String> ids, String onAChair) {
        return ids.stream()
                .filter(attempt.pool()::has)
                .min(Comparator.comparingDouble(id -> attempt.shown().pose(id)
                        + attempt.dice().of("spine " + what).turning(id)))
                .or(() -> Optional.of(onAChair).filter(attempt.pool()::has));
    }

    private void putShort(String id) {
        Pose pose = attempt.catalogue().pose(id);
        sketch.put(SectionRole.WARM_UP, attempt.step(SectionRole.WARM_UP, pose, new Dose.Breaths(2)));
    }

    private Flow waves(String in, String out, String name) {
        FlowSettings settings =
                FlowSettings.of(brief.minutes() >= 60 ? 5 : 3).withName(name).with(FlowSides.Counting.NO_SIDES);
        return Flow.of(
                new NodeId("cats"),
                settings,
                Step.of(new NodeId("cats-1"), in, new SideRule.None(), new Dose.Movement(Breath.INHALE)),
                Step.of(new NodeId("cats-2"), out, new SideRule.None(), new Dose.Movement(Breath.EXHALE)));
    }

    /** The idea's lines at the places where the room comes home; none where the teacher has a sentence of her own. */
    public void threads() {
        if (attempt.concept() == null || !brief.theme().sentence().isEmpty()) return;
        Deque<String> lines = new ArrayDeque<>(said(attempt.concept()));
        SectionRole middle = attempt.has(SectionRole.STANDING) ? SectionRole.STANDING : SectionRole.SALUTATIONS;
        for (SectionRole role : List.of(SectionRole.WARM_UP, middle, SectionRole.PEAK, SectionRole.COOL_DOWN)) {
            List<Sketch.Entry> entries = sketch.entries(role);
            Sketch.Entry at = null;
            for (Sketch.Entry entry : entries)
                if (entry.item() instanceof Step step
                        && isQuiet(step, role)
                        && (at == null || suits(step) >= suits(at))) at = entry;
            if (at == null || lines.isEmpty()) continue;
            Step step = (Step) at.item();
            sketch.replace(role, at, step.with(step.texts().withThread(lines.removeFirst())));
        }
    }

    /** Its lines in their order; what asks about a side is not said where there are none. */
    private List<String> said(Concept concept) {
        List<String> lines = new ArrayList<>(concept.threads());
        Pose peak = attempt.peak();
        boolean asksSide = lines.size() > AT_PEAK && lines.get(AT_PEAK).contains("side");
        if (asksSide && peak != null && !peak.sides().hasSides()) Collections.swap(lines, AT_PEAK, AT_PEAK - 1);
        return lines;
    }

    private int suits(Sketch.Entry entry) {
        return suits((Step) entry.item());
    }

    /** Where a line about the idea is said: in a shape of it before any other, then at home, and in what only brings people back at last. */
    private int suits(Step step) {
        if (step.pose() == null) return 1;
        if (isOfIdea(step)) return 3;
        if (HOME.contains(step.pose()) && step.dose() instanceof Dose.Breaths home && home.breaths() > 1) return 2;
        return BACK.contains(step.pose()) ? 0 : 1;
    }

    private boolean isOfIdea(Step step) {
        return step.pose() != null && Objects.requireNonNull(attempt.concept()).has(step.pose());
    }

    /** Whether there is room for a word: in a lesson while it is shown or between two goes, else in any hold. */
    private boolean isQuiet(Step step, SectionRole role) {
        if (step.marks().locked()) return false;
        if (role == SectionRole.PEAK) return step.pose() == null || step.pose().equals("mountain");
        return step.pose() != null && (isOfIdea(step) || step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Breaths);
    }

    /** The theme shape, small in the warm-up and lying at the end. */
    public void shapes() {
        if (attempt.concept() == null) return;
        shape(attempt.concept().small(), SectionRole.WARM_UP, false);
        shape(attempt.concept().lying(), SectionRole.COOL_DOWN, true);
    }

    /** A turn to each side in the cool-down, where no phrase has one. */
    public void lastTurn() {
        if (brief.minutes() < TURNED_FROM_MINUTES || attempt.tightness() > 2) return;
        boolean there = sketch.entries(SectionRole.COOL_DOWN).stream().anyMatch(entry -> turns(entry.item()));
        if (there) return;
        attempt.pool().poses().stream()
                .filter(pose -> pose.spine() == SpineDirection.TURNED
                        && Places.fills(SectionRole.COOL_DOWN, pose, pose.doseFor(brief.level()), false)
                        && attempt.isHandy(pose)
                        && !sketch.poses().contains(pose.id()))
                .min(Comparator.comparingDouble(pose -> attempt.shown().pose(pose.id())
                        + attempt.dice().of("last turn").turning(pose.id())))
                .ifPresent(
                        pose -> sketch.sort(SectionRole.COOL_DOWN, attempt.wide(SectionRole.COOL_DOWN, pose), false));
    }

    private boolean turns(Item item) {
        List<Step> steps = item instanceof Flow flow ? flow.steps() : List.of((Step) item);
        return steps.stream()
                .anyMatch(step -> step.pose() != null
                        && attempt.catalogue().pose(step.pose()).spine() == SpineDirection.TURNED);
    }

    private void shape(List<String> ids, SectionRole part, boolean last) {
        boolean there = sketch.entries(part).stream().anyMatch(entry -> has(entry.item(), ids));
        if (there || attempt.tightness() > 2) return;
        List<String> order = new ArrayList<>(ids);
        // what flows has the time of a short class, and nobody stands up among seats for a shape
        boolean isShort = attempt.isShortFlow();
        if (isShort)
            order.sort(Comparator.comparing((String id) ->
                            !Places.isFloor(attempt.catalogue().pose(id).base()))
                    .thenComparing(id -> Cover.isSided(attempt.catalogue().pose(id))));
        for (String id : order) {
            Pose pose = attempt.catalogue().pose(id);
            if (!attempt.pool().has(id)
                    || !attempt.isHandy(pose)
                    || pose.doseFor(brief.level()) instanceof Dose.Movement) continue;
            Step step = isShort
                    ? attempt.step(
                            part,
                            pose,
                            Doses.countable(pose.range(brief.level())).get(0))
                    : attempt.wide(part, pose);
            if (last) sketch.putLast(part, step);
            else sketch.sort(part, step, false);
            return;
        }
    }

    private static boolean has(Item item, List<String> ids) {
        List<Step> steps = item instanceof Flow flow ? flow.steps() : List.of((Step) item);
        return steps.stream().anyMatch(step -> step.pose() != null && ids.contains(step.pose()));
    }
}
