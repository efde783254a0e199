package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A pose above a level comes with an option for it: a line of that level's own, or an easier form named in the note. In a
 * mixed room that holds for every level below the pose.
 */
@AutoService(Check.class)
public final class AboveLevel implements Check {
    private static final int OFFERS = 3;
    private static final Pattern OPTION = Pattern.compile(
            "(?i)\\b(options?|stages?|others?:|instead|without it|if you like|or (?:stay|keep|hold|rest|leave|just)|strap is|is whole|is enough)\\b");
    private static final Card CARD = Card.of(
            "above-level",
            "A pose above the level comes with an option",
            "Who cannot do it needs something to do meanwhile, said before and not after.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<List<Object>, List<Integer>> places = new LinkedHashMap<>();
        Set<String> told = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)
                    || without(subject, subject.step(i), subject.pose(i)).isEmpty()) continue;
            places.computeIfAbsent(
                            List.of(subject.moment(i).node(), subject.pose(i).id()), p -> new ArrayList<>())
                    .add(i);
        }
        places.forEach((place, moments) -> {
            int first = moments.get(0);
            Pose pose = subject.pose(first);
            if (!told.add(pose.id())) return; // who has an option the first time has it again
            Set<Level> without = without(subject, subject.step(first), pose);
            String whom = Wording.and(without.stream().map(Level::word).toList());
            String what = "%s is for %s; there is no option for %s."
                    .formatted(pose.name(), pose.level().word(), whom);
            List<Pose> easier = easier(subject, pose, without);
            String advice = easier.isEmpty()
                    ? "Name what to do instead."
                    : "Maybe " + subject.name(easier.get(0).id()) + ".";
            boolean far = pose.level() == Level.ADVANCED && without.contains(Level.BEGINNER);
            found.add(far ? Severity.MUST : Severity.LOOK, (NodeId) place.get(0), pose.id(), moments, what, advice);
        });
    }

    /** The levels that have to do the pose as it is although it is above them. */
    private static Set<Level> without(Subject subject, Step step, Pose pose) {
        Set<Level> without = EnumSet.noneOf(Level.class);
        if (pose.level() == Level.BEGINNER) return without;
        if (subject.level() != null || !subject.settings().mixed()) {
            if (pose.level().ordinal() > subject.judgedLevel().ordinal() && !namesOption(subject, step, pose)) {
                without.add(subject.judgedLevel());
            }
            return without;
        }
        for (Level level : Level.values()) {
            if (level.ordinal() < pose.level().ordinal() && !hasOwn(step, level)) without.add(level);
        }
        if (!without.isEmpty() && namesOption(subject, step, pose)) without.clear();
        return without;
    }

    private static boolean hasOwn(Step step, Level level) {
        return step.layers().stream()
                .anyMatch(layer -> !layer.when().levels().isEmpty()
                        && layer.when().holdsAt(level)
                        && (layer.edit() instanceof Layer.Omit
                                || (layer.edit() instanceof Layer.Become b && b.pose() != null)));
    }

    static boolean namesOption(Subject subject, Step step, Pose pose) {
        if (OPTION.matcher(step.texts().note() + " " + step.texts().say()).find()
                || !step.manner().stages().isEmpty()) return true;
        return pose.ties().easier().stream().anyMatch(id -> Swap.tells(step, subject.name(id)));
    }

    private static List<Pose> easier(Subject subject, Pose pose, Set<Level> levels) {
        Level lowest = levels.iterator().next();
        return Swap.easier(subject, pose).stream()
                .filter(other -> other.level().ordinal() <= lowest.ordinal())
                .toList();
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Step step = subject.step(finding.moments().get(0));
        Pose pose = subject.catalogue().pose(finding.about());
        Set<Level> without = without(subject, step, pose);
        List<Mend> mends = new ArrayList<>();
        for (Pose other : easier(subject, pose, without).stream().limit(OFFERS).toList()) {
            String name = subject.name(other.id());
            if (subject.level() == null && pose.id().equals(step.pose())) {
                String whom = Wording.and(without.stream().map(Level::word).toList());
                mends.add(new Mend("For %s: %s".formatted(whom, name), forLevels(subject, step, without, other)));
            } else {
                mends.add(new Mend("Do %s instead".formatted(name), Swap.edit(subject, step, pose, other)));
            }
            Swap.noted(step, "Option: " + name + ".")
                    .ifPresent(noted ->
                            mends.add(new Mend("Name %s as the option".formatted(name), new PlanEdit.Change(noted))));
        }
        if (mends.isEmpty()) {
            mends.add(new Mend("Leave %s out".formatted(subject.name(pose.id())), new PlanEdit.Remove(step.id())));
        }
        return mends;
    }

    private static PlanEdit forLevels(Subject subject, Step step, Set<Level> levels, Pose other) {
        List<Layer> layers = new ArrayList<>(step.layers());
        String id = StepBetween.shortened(step.id()) + "-easier";
        layers.add(new Layer(new NodeId(id), new When(levels, null, null), new Layer.Become(other.id(), null, null)));
        return PlanEdit.instead(subject.plan(), step.withLayers(layers));
    }
}
