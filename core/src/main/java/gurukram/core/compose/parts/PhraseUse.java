package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.body.SideBehaviour;
import gurukram.core.check.Needs;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A phrase as a class can do it: what the group, the room or the level leaves out, and the peak that is still to be taught, is
 * another pose on the same base, or a hold less. A movement for which there is nothing else ends the phrase.
 */
final class PhraseUse {
    private static final int FAR = 3;
    /** Nobody stays in these for their own sake. */
    private static final Set<String> PASSING =
            Set.of("half-lift", "wide-half-lift", "raised-arms", "palm-tree", "standing-fold", "plank", "low-push-up");

    private final Pool pool;
    private final Attempt attempt;
    private final Set<String> notYet;
    private Map<NodeId, List<String>> easier = Map.of();

    /** @param notYet poses that come later in the class for the first time */
    PhraseUse(Attempt attempt, Set<String> notYet) {
        this.attempt = attempt;
        this.pool = attempt.pool();
        this.notYet = notYet;
    }

    /** Empty when the phrase cannot be done without what is left out. */
    Optional<Flow> adapted(PhraseLine line) {
        Flow flow = line.flow();
        easier = easier(line);
        List<Step> steps = new ArrayList<>();
        for (Step step : flow.steps()) {
            Optional<Step> now = adapted(step);
            if (now.isEmpty() && isMove(step)) return Optional.empty();
            if (now.isEmpty()) now = stayed(step, steps);
            boolean again = now.isPresent() && !now.get().equals(step) && isHeldAlready(now.get(), steps);
            if (now.isPresent() && !again) steps.add(now.get());
        }
        List<Link> links = new ArrayList<>();
        for (Link link : flow.links()) {
            List<Step> own = new ArrayList<>();
            for (Step step : link.steps()) adapted(step).ifPresent(own::add);
            if (own.size() == link.steps().size())
                links.add(new Link(link.id(), link.when(), link.replacesLast(), own, link.marks()));
        }
        if (steps.isEmpty() || flow.settings().hasSides() && !hasSides(steps)) return Optional.empty();
        return Optional.of(new Flow(flow.id(), flow.settings(), steps, links, flow.texts(), flow.marks(), flow.tags()));
    }

    /** Whether there is something left that is done on a side; else both sides would be the same. */
    private boolean hasSides(List<Step> steps) {
        return steps.stream()
                .anyMatch(step -> step.pose() != null
                        && pool.catalogue().pose(step.pose()).sides() != SideBehaviour.SYMMETRIC);
    }

    /** Where what is held falls away, the pose one came from is held instead, so that the rounds still end in staying. */
    private Optional<Step> stayed(Step step, List<Step> steps) {
        boolean becomes = step.layers().stream()
                .anyMatch(layer -> layer.edit() instanceof Layer.Become become && become.pose() != null);
        if (steps.isEmpty() || becomes) return Optional.empty();
        Step last = steps.get(steps.size() - 1);
        if (!isMove(last) || last.pose() == null || !last.sides().equals(step.sides())) return Optional.empty();
        Pose pose = pool.catalogue().pose(last.pose());
        boolean works = !PASSING.contains(pose.id())
                && pose.effort() >= 2
                && pose.doseFor(pool.brief().level()) instanceof Dose.Breaths;
        return works ? Optional.of(other(step, pose)) : Optional.empty();
    }

    /** Whether what takes the place of a hold is held right before it. */
    private static boolean isHeldAlready(Step step, List<Step> steps) {
        if (steps.isEmpty() || isMove(step)) return false;
        Step last = steps.get(steps.size() - 1);
        return !isMove(last) && Objects.equals(last.pose(), step.pose());
    }

    /** What the phrase itself has for lower levels, by its step. */
    private static Map<NodeId, List<String>> easier(PhraseLine line) {
        Map<NodeId, List<String>> easier = new LinkedHashMap<>();
        line.phrase().written().walk(node -> {
            if (!(node instanceof Step step)) return;
            List<String> poses = new ArrayList<>();
            for (Layer layer : step.layers()) {
                boolean level = !layer.when().levels().isEmpty() && layer.when().rounds() == null;
                if (level && layer.edit() instanceof Layer.Become become && become.pose() != null)
                    poses.add(become.pose());
            }
            if (!poses.isEmpty()) easier.put(step.id(), poses);
        });
        return easier;
    }

    private static boolean isMove(Step step) {
        return step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Movement;
    }

    private Optional<Step> adapted(Step step) {
        if (step.pose() == null) return Optional.of(step);
        Pose pose = pool.catalogue().pose(step.pose());
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : step.layers()) {
            Layer now = adapted(layer);
            if (now == null && layer.inserted() != null && isMove(layer.inserted())) return Optional.empty();
            if (now != null) layers.add(now);
        }
        // who must not lie on the back for long has no other line in half a breath
        if (isMove(step)
                && pose.base() == Base.SUPINE
                && pool.brief().group() != null
                && pool.brief().group().people(Need.PREGNANCY_LATER) > 0) return Optional.empty();
        if (isUsable(pose.id())) return Optional.of(step.withLayers(telling(step, layers)));
        return instead(pose, isMove(step), easier.getOrDefault(step.id(), List.of()))
                .map(other -> other(step, other))
                .map(other -> other.withLayers(telling(other, layers)));
    }

    /** Without layers that change nothing any more. */
    private static List<Layer> telling(Step step, List<Layer> layers) {
        return layers.stream()
                .filter(layer -> !(layer.edit() instanceof Layer.Become become)
                        || (become.pose() != null && !become.pose().equals(step.pose()))
                        || (become.dose() != null && !become.dose().equals(step.dose()))
                        || (become.sides() != null && !become.sides().equals(step.sides()))
                        || become.with() != null)
                .toList();
    }

    private @Nullable Layer adapted(Layer layer) {
        Step inserted = layer.inserted();
        if (inserted != null) {
            Optional<Step> now = adapted(inserted);
            return now.map(step -> (Layer) layer.withChildren(List.of(step))).orElse(null);
        }
        if (!(layer.edit() instanceof Layer.Become become) || become.pose() == null || isUsable(become.pose()))
            return layer;
        Optional<Pose> other = instead(pool.catalogue().pose(become.pose()), true, List.of());
        return other.map(pose -> new Layer(
                        layer.id(),
                        layer.when(),
                        new Layer.Become(pose.id(), become.sides(), become.dose(), become.with())))
                .orElse(null);
    }

    private static Step other(Step step, Pose pose) {
        Step other = step.withPose(pose.id());
        if (!pose.sides().hasSides() && step.sides().isSided()) other = other.withSides(new SideRule.None());
        if (!other.manner().sideNames().isEmpty())
            other = other.with(other.manner().withSideNames(""));
        return other.withProps(List.of()).withNote("");
    }

    boolean isUsable(String id) {
        Pose pose = pool.catalogue().pose(id);
        return !notYet.contains(id)
                && pool.against(pose).isEmpty()
                && pose.risk() != Risk.HIGH
                && (!isQuiet() || pool.isEasyEnough(pose))
                && !isChanged(pose);
    }

    private boolean isQuiet() {
        return pool.brief().flavour() == Flavour.RESTFUL
                || pool.brief().wishes().contains(Wish.GENTLER);
    }

    /** Whether so many of the group change it that the line itself has to change. */
    private boolean isChanged(Pose pose) {
        return Needs.cautions(pose, pool.brief().group()).stream()
                .anyMatch(caution -> caution.severity() == Caution.Severity.CHANGE
                        && pool.brief().group().people(caution.need()) * 3
                                >= pool.brief().group().mats());
    }

    /** Another pose on the same base; a hold may also be one leg away. */
    private Optional<Pose> instead(Pose pose, boolean moves, List<String> first) {
        Set<String> seen = new LinkedHashSet<>(List.of(pose.id()));
        List<String> at = new ArrayList<>(first);
        Needs.cautions(pose, pool.brief().group()).stream()
                .map(Caution::instead)
                .filter(id -> id != null)
                .forEach(at::add);
        at.addAll(pose.ties().easier());
        for (int far = 0; far < FAR; far++) {
            List<String> next = new ArrayList<>();
            for (String id : at) {
                if (!seen.add(id)) continue;
                Pose other = pool.catalogue().pose(id);
                if (isUsable(id) && isSame(pose, other, moves) && !needsThings(other, pose)) return Optional.of(other);
                next.addAll(other.ties().easier());
            }
            at = next;
        }
        return Optional.empty();
    }

    /** Nobody fetches a wall in half a breath, where the pose it stands for does without. */
    private boolean needsThings(Pose other, Pose pose) {
        return !attempt.isHandy(other) || isAtWall(other) && !isAtWall(pose);
    }

    private static boolean isAtWall(Pose pose) {
        return pose.props().stream().anyMatch(use -> use.prop().equals("wall"));
    }

    private static boolean isSame(Pose pose, Pose other, boolean moves) {
        boolean sides = pose.sides().hasSides() || !other.sides().hasSides();
        boolean breath = pose.breath() == other.breath() || !moves;
        int legs = Way.legs(pose.base(), other.base());
        boolean near = moves ? pose.base() == other.base() || isDogLike(pose.base(), other.base()) : legs <= 1;
        return sides && breath && near && Places.staysUpOrDown(pose, other);
    }

    /** Forearms and hands are one way of leaning. */
    private static boolean isDogLike(Base a, Base b) {
        return (a == Base.DOG && b == Base.FOREARMS) || (a == Base.PLANK && b == Base.FOREARMS);
    }
}
