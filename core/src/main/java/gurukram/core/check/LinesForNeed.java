package gurukram.core.check;

import gurukram.core.body.Base;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.score.Transitions;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Lines beside the clock for people with a need, wherever a change is wanted for it. What is held may be any pose that fits into the
 * time; in a flow the line as a whole has to go: from one pose to the next no further than the others go, or than half a breath is
 * enough for. So cat, cow and dog are done with the forearms down, a plank is another one.
 */
final class LinesForNeed {
    private static final Set<Base> LEANING = EnumSet.of(Base.DOG, Base.PLANK, Base.FOREARMS);
    /** Beside what the caution names: forearms for hands. */
    private static final Map<String, List<String>> ALSO = Map.of(
            "low-push-up",
            List.of("forearm-plank-knees"),
            "plank-taps",
            List.of("forearm-plank", "forearm-plank-knees"));

    /** Who cannot lie on the back can turn. */
    private static final String ON_THE_SIDE = "side-lying-rest";

    private static final Set<String> ELSEWHERE = Set.of("wall", "chair");
    private static final int MOST_TURNS = 60;

    /** What may be different about a pose without anything to fetch, so that a change is not wanted any more. */
    private static final List<String> EASING = List.of("forearms down");

    /** What is left of a pose on hands and knees when the rest of it is left out. */
    private static final List<String> PLAIN = List.of("table", "cat");

    private final Subject subject;
    private final Need need;
    /** What is chosen for each step or flow of the class that has a line now. */
    private final Map<NodeId, Lines> chosen = new LinkedHashMap<>();

    private LinesForNeed(Subject subject, Need need) {
        this.subject = subject;
        this.need = need;
    }

    /** @param steps those that have a line now, by their ids; {@code names} what is done in it */
    record Lines(Map<NodeId, Step> steps, Set<String> names) {
        private static final Lines NONE = new Lines(Map.of(), Set.of());
    }

    /** All of them as they are chosen first; only where that takes longer than the clock has, one by one. */
    static Lines of(Subject subject, Need need) {
        LinesForNeed lines = new LinesForNeed(subject, need);
        for (Section section : subject.plan().sections())
            for (Item item : section.items())
                lines.choose(item, item instanceof Step step ? lines.first(step) : lines.line((Flow) item));
        lines.settleInTime();
        Map<NodeId, Step> steps = new LinkedHashMap<>();
        Set<String> names = new LinkedHashSet<>();
        lines.chosen.values().forEach(one -> {
            steps.putAll(one.steps());
            names.addAll(one.names());
        });
        return new Lines(steps, names);
    }

    /** What takes too long is looked at by itself, and chosen anew where it does so then. */
    private void settleInTime() {
        List<Item> items = subject.plan().sections().stream()
                .flatMap(section -> section.items().stream())
                .toList();
        Set<NodeId> over = tooLong(chosen.values());
        for (int i = 0; i < items.size(); i++) {
            if (!over.contains(items.get(i).id())) continue;
            // who comes from elsewhere may be late where nothing else is done
            int from = i;
            while (from > 0 && !chosen.containsKey(items.get(from).id())) from--;
            Item item = items.get(from);
            Lines first = chosen.get(item.id());
            if (first == null || tooLong(List.of(first)).isEmpty()) continue;
            chosen.remove(item.id());
            choose(item, inTime(item));
        }
    }

    private void choose(Item item, Lines lines) {
        if (!lines.steps().isEmpty()) chosen.put(item.id(), lines);
    }

    /** The steps and flows whose line takes longer than the clock has for it, which it did not before. */
    private Set<NodeId> tooLong(Collection<Lines> lines) {
        Map<NodeId, Step> all = new HashMap<>();
        lines.forEach(one -> all.putAll(one.steps()));
        if (all.isEmpty()) return Set.of();
        return NeedLine.over(subject, subject.plan().with(all), need).keySet();
    }

    /** What asks for a change of a pose, where it is not told already; null for nothing. */
    private @Nullable Caution change(Pose pose) {
        return pose.cautions().stream()
                .filter(one -> one.need() == need && one.severity() != Caution.Severity.TELL)
                .findFirst()
                .orElse(null);
    }

    private boolean isWanted(Step step) {
        if (step.pose() == null || subject.momentsOf(step.id()).isEmpty() || NeedLine.answers(step, need)) return false;
        Optional<Caution> asked =
                Subject.cautionsOf(step, subject.catalogue(), Objects.requireNonNull(subject.group())).stream()
                        .filter(one -> one.need() == need && one.severity() == Caution.Severity.CHANGE)
                        .findFirst();
        if (asked.isEmpty()) return false;
        String words = asked.get().texts().isEmpty()
                ? asked.get().need().words()
                : asked.get().first();
        return !Swap.tells(step, words);
    }

    /** What is done instead: another pose, or the same with something different about it. */
    private record Choice(Pose pose, List<String> with) {}

    private String called(Choice choice) {
        String name = subject.name(choice.pose().id());
        return choice.with().isEmpty() ? name : name + ", " + String.join(", ", choice.with());
    }

    /** What may be done instead: the usual first, but in a flow the same pose otherwise, and what is near before what is not. */
    private List<Choice> instead(Step step, boolean inFlow) {
        Pose pose = subject.catalogue().pose(Objects.requireNonNull(step.pose()));
        boolean moves = isMove(step);
        Caution caution = change(pose);
        if (caution == null) return List.of();
        Set<String> ids = new LinkedHashSet<>();
        if (caution.instead() != null) ids.add(caution.instead());
        ids.addAll(ALSO.getOrDefault(pose.id(), List.of()));
        if (!moves && pose.base() == Base.SUPINE) ids.add(ON_THE_SIDE);
        List<Choice> near = new ArrayList<>();
        List<Choice> others = new ArrayList<>();
        for (String id : ids) {
            if (!subject.catalogue().has(id)) continue;
            Pose other = subject.catalogue().pose(id);
            boolean fits = change(other) == null
                    && other.risk() != Risk.HIGH
                    && !Needs.isBlocked(other, subject.group())
                    && (!moves || other.breath() == pose.breath())
                    && !(inFlow && fetches(other, pose));
            if (fits) (isNear(pose.base(), other.base()) ? near : others).add(new Choice(other, List.of()));
        }
        // in a flow what stands on the same ground is never too far from what comes before and after it
        List<Choice> eased = eased(step, pose);
        List<Choice> all = new ArrayList<>(inFlow ? eased : near);
        all.addAll(inFlow ? near : others);
        all.addAll(inFlow ? others : eased);
        return all;
    }

    /** Nobody goes to a wall or fetches a thing in the middle of a flow that the others do without. */
    private static boolean fetches(Pose other, Pose pose) {
        return other.props().stream()
                .anyMatch(use -> ELSEWHERE.contains(use.prop())
                        && pose.props().stream().noneMatch(own -> own.prop().equals(use.prop())));
    }

    private List<Choice> eased(Step step, Pose pose) {
        List<Choice> all = new ArrayList<>();
        for (String with : EASING) {
            if (eases(step, with)) all.add(new Choice(pose, List.of(with)));
            for (String id : PLAIN) {
                Pose plain = subject.catalogue().pose(id);
                boolean same = plain.base() == pose.base() && (!isMove(step) || plain.breath() == pose.breath());
                if (same && !id.equals(pose.id()) && eases(plain(step, id), with))
                    all.add(new Choice(plain, List.of(with)));
            }
        }
        return all;
    }

    /** Whether nothing is wanted of the need any more when the pose is done so, and nobody else has to leave it out for that. */
    private boolean eases(Step step, String with) {
        Pose pose = subject.catalogue().pose(Objects.requireNonNull(step.pose()));
        if (!Modifiers.shipped().named(with).orElseThrow().fits().contains(pose.base())) return false;
        Step done = step.with(step.manner().with(with(step, with)));
        return Subject.cautionsOf(done, subject.catalogue(), Objects.requireNonNull(subject.group())).stream()
                .noneMatch(one -> one.severity() == Caution.Severity.BLOCKED
                        || one.need() == need && one.severity() == Caution.Severity.CHANGE);
    }

    private static Step plain(Step step, String pose) {
        return step.withPose(pose).withSides(new SideRule.None());
    }

    private static List<String> with(Step step, String more) {
        List<String> all = new ArrayList<>(step.manner().with());
        if (!all.contains(more)) all.add(more);
        return all;
    }

    /** The step with a line for the need; empty where the other pose would need both sides and the step has none. */
    private Optional<Step> lined(Step step, Choice choice) {
        if (choice.with().isEmpty()) return NeedLine.at(step, need, choice.pose());
        boolean same = choice.pose().id().equals(step.pose());
        List<Layer> layers = new ArrayList<>(step.layers());
        layers.add(new Layer(
                NeedLine.name(step, need),
                When.forNeeds(Set.of(need)),
                new Layer.Become(
                        same ? null : choice.pose().id(),
                        same || !step.sides().isSided() ? null : new SideRule.None(),
                        null,
                        with(step, choice.with().get(0)))));
        return Optional.of(step.withLayers(layers));
    }

    /** The first choice, however long it takes. */
    private Lines first(Step step) {
        if (subject.parentOf(step.id()) instanceof Layer) return Lines.NONE;
        return held(step, false, choice -> lined(step, choice));
    }

    /** What the clock has time for, step by step. */
    private Lines inTime(Item item) {
        if (item instanceof Step step) return held(step, false, choice -> fitting(step, choice));
        Map<NodeId, Step> steps = new LinkedHashMap<>();
        Set<String> names = new LinkedHashSet<>();
        for (Step step : ((Flow) item).steps()) {
            Lines one = held(step, true, choice -> fitting(step, choice));
            steps.putAll(one.steps());
            names.addAll(one.names());
        }
        return new Lines(steps, names);
    }

    private Optional<Step> fitting(Step step, Choice choice) {
        return choice.with().isEmpty() ? NeedLine.fitting(subject, step, need, choice.pose()) : lined(step, choice);
    }

    private Lines held(Step step, boolean inFlow, Function<Choice, Optional<Step>> made) {
        if (!isWanted(step)) return Lines.NONE;
        Pose pose = subject.catalogue().pose(Objects.requireNonNull(step.pose()));
        for (Choice choice : instead(step, inFlow)) {
            if (isMove(step) && !isNear(pose.base(), choice.pose().base())) continue;
            Optional<Step> with = made.apply(choice);
            if (with.isPresent()) return new Lines(Map.of(step.id(), with.get()), Set.of(called(choice)));
        }
        return Lines.NONE;
    }

    private static boolean isMove(Step step) {
        return step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Movement;
    }

    private Lines line(Flow flow) {
        List<List<Step>> runs = new ArrayList<>(List.of(flow.steps()));
        for (Link link : flow.links()) runs.add(link.steps());
        Map<NodeId, Step> changed = new LinkedHashMap<>();
        Set<String> called = new LinkedHashSet<>();
        for (List<Step> run : runs) new Run(run, run == flow.steps()).changed(changed, called);
        return new Lines(changed, called);
    }

    /** Whether half a breath is enough for it: the same base, or forearms for hands. */
    private static boolean isNear(Base a, Base b) {
        return a == b || LEANING.contains(a) && LEANING.contains(b);
    }

    private static int legs(Base a, Base b) {
        return isNear(a, b) ? 0 : Transitions.shipped().route(a, b).size();
    }

    /** Steps that follow each other, and what is chosen for each. */
    private final class Run {
        private final List<Step> run;
        private final boolean around;
        private final List<List<Choice>> choices = new ArrayList<>();
        /** Which of its choices each has; one past the last is what everybody does. */
        private final int[] chosen;

        /** @param around whether the first comes after the last again */
        Run(List<Step> run, boolean around) {
            this.run = run;
            this.around = around;
            chosen = new int[run.size()];
            for (Step step : run) choices.add(isWanted(step) ? choices(step) : List.of());
        }

        private List<Choice> choices(Step step) {
            return instead(step, true).stream()
                    .filter(choice -> lined(step, choice).isPresent())
                    .toList();
        }

        private boolean isChanged(int i) {
            return chosen[i] < choices.get(i).size();
        }

        private @Nullable Base base(int i, boolean own) {
            if (own && isChanged(i)) return choices.get(i).get(chosen[i]).pose().base();
            String pose = run.get(i).pose();
            return pose == null ? null : subject.catalogue().pose(pose).base();
        }

        /** Whether the line goes further from one step to another than everybody else does, and one of them is a change. */
        private boolean isFar(int from, int to) {
            if (!isChanged(from) && !isChanged(to)) return false;
            Base a = base(from, true);
            Base b = base(to, true);
            Base clockA = base(from, false);
            Base clockB = base(to, false);
            if (a == null || b == null || clockA == null || clockB == null) return false;
            return legs(a, b) > Math.max(isMove(run.get(to)) ? 0 : 1, legs(clockA, clockB));
        }

        /** Another choice where the way is too far, until the whole line goes. */
        private void settle() {
            int n = run.size();
            for (int turn = 0; turn < MOST_TURNS; turn++) {
                boolean far = false;
                for (int i = around ? 0 : 1; i < n && !far; i++) {
                    int before = (i + n - 1) % n;
                    if (before == i || !isFar(before, i)) continue;
                    far = true;
                    chosen[isChanged(i) ? i : before]++;
                }
                if (!far) return;
            }
            for (int i = 0; i < n; i++) chosen[i] = choices.get(i).size();
        }

        void changed(Map<NodeId, Step> changed, Set<String> called) {
            settle();
            for (int i = 0; i < run.size(); i++) {
                if (!isChanged(i)) {
                    staying(run.get(i), changed);
                    continue;
                }
                Choice choice = choices.get(i).get(chosen[i]);
                Step with = lined(run.get(i), choice).orElseThrow();
                changed.put(with.id(), inEveryRound(with, choice));
                called.add(called(choice));
            }
        }

        /** Where only what a round makes of it asks for a change, it stays what it is. */
        private void staying(Step step, Map<NodeId, Step> changed) {
            if (step.pose() == null || NeedLine.answers(step, need)) return;
            Pose pose = subject.catalogue().pose(step.pose());
            if (change(pose) != null) return;
            Step with = inEveryRound(step, new Choice(pose, List.of()));
            if (with.layers().size() > step.layers().size()) changed.put(with.id(), with);
        }

        /** What a round or a level makes of the step for everybody is done otherwise too, or not at all. */
        private Step inEveryRound(Step step, Choice choice) {
            List<Layer> layers = new ArrayList<>(step.layers());
            int n = 0;
            for (Layer layer : step.layers()) {
                if (layer.when().isBeside()
                        || !(layer.edit() instanceof Layer.Become become)
                        || become.pose() == null
                        || change(subject.catalogue().pose(become.pose())) == null) continue;
                When when = new When(
                        layer.when().levels(),
                        Set.of(need),
                        false,
                        layer.when().rounds(),
                        layer.when().pass());
                layers.add(new Layer(
                        new NodeId(NeedLine.name(step, need).value() + "-" + ++n),
                        when,
                        inRound(step, become, choice)));
            }
            return step.withLayers(layers);
        }

        private Layer.Become inRound(Step step, Layer.Become become, Choice choice) {
            String pose = Objects.requireNonNull(become.pose());
            for (String with : EASING)
                if (eases(step.withPose(pose), with)) return new Layer.Become(pose, null, null, with(step, with));
            return new Layer.Become(choice.pose().id(), null, null);
        }
    }
}
