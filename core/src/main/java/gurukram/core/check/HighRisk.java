package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Risk;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A high-risk pose comes after a rung of its ladder, with its props, a way out that is offered and somebody who watches, by name or role.
 */
@AutoService(Check.class)
public final class HighRisk implements Check {
    private static final Set<String> WATCHING =
            Set.of("watch", "watched", "watches", "supervisor", "supervised", "spotter", "spotted", "assistant");
    private static final int MATS = 4;
    /** What stands in the note of a pose somebody watches. */
    public static final String WATCHED = "Watched by the teacher, at most " + MATS + " mats at a time.";

    private static final Card CARD = Card.of(
            "high-risk",
            "A high-risk pose has its ladder, its props, a way out and somebody who watches",
            "On the head, the shoulders or the hands a slip hurts; nobody gets there by surprise.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Set<String> seen = new LinkedHashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)
                    || subject.pose(i).risk() != Risk.HIGH
                    || !seen.add(subject.pose(i).id())) continue;
            List<String> lacks = lacks(subject, i);
            if (lacks.isEmpty()) continue;
            Pose pose = subject.pose(i);
            String what = "%s is a high-risk pose; there is no %s.".formatted(pose.name(), String.join(", no ", lacks));
            found.must(
                    subject.moment(i).node(),
                    pose.id(),
                    List.of(i),
                    what,
                    "Otherwise plan an earlier rung of its ladder.");
        }
    }

    private static String advice(Pose pose) {
        if (pose.gate() == null) return "Otherwise plan an earlier rung of its ladder.";
        return "It is for those who have reached rung %d of its ladder; the others stay on theirs."
                .formatted(pose.gate().rung());
    }

    private static List<String> lacks(Subject subject, int i) {
        List<String> lacks = new ArrayList<>();
        if (rungWanted(subject, i).isPresent()) lacks.add("earlier rung before it");
        if (!hasWayOut(subject, i)) lacks.add("way out on offer");
        String props = propsWanted(subject, i);
        if (!props.isEmpty()) lacks.add("word about " + props);
        if (!isWatched(subject.step(i))) lacks.add("word about who watches");
        return lacks;
    }

    private static boolean hasWayOut(Subject subject, int i) {
        Step step = subject.step(i);
        boolean layered = step.layers().stream()
                .anyMatch(l ->
                        l.edit() instanceof Layer.Omit || (l.edit() instanceof Layer.Become b && b.pose() != null));
        return layered || Swap.tells(step, "way out") || AboveLevel.namesOption(subject, step, subject.pose(i));
    }

    /** What the rung of the pose asks for, when neither the step nor its note has it; empty otherwise. */
    private static String propsWanted(Subject subject, int i) {
        Step step = subject.step(i);
        List<String> wanted = new ArrayList<>();
        for (Prop prop : propsOf(subject.catalogue(), subject.pose(i))) {
            boolean there = step.props().stream().anyMatch(own -> own.name().equals(prop.name()))
                    || Swap.tells(step, prop.name());
            if (!there) wanted.add(prop.toString());
        }
        return Wording.and(wanted);
    }

    /** What the rung of a pose asks for; empty when nothing. */
    public static List<Prop> propsOf(PoseCatalogue catalogue, Pose pose) {
        for (Ladder ladder : catalogue.laddersWith(pose.id())) {
            List<Prop> props = ladder.rungs().get(ladder.rungOf(pose.id()) - 1).props().stream()
                    .map(use -> new Prop(use.number(), use.prop()))
                    .toList();
            if (!props.isEmpty()) return props;
        }
        return List.of();
    }

    private static boolean isWatched(Step step) {
        for (String word : Words.fold(step.note()).split(" ")) if (WATCHING.contains(word)) return true;
        return false;
    }

    /** The rung that should have come before; empty when one of the ladder has, or the pose is the first of it. */
    private static Optional<Pose> rungWanted(Subject subject, int i) {
        Pose pose = subject.pose(i);
        Optional<Pose> wanted = Optional.empty();
        for (Ladder ladder : subject.catalogue().laddersWith(pose.id())) {
            for (int rung = ladder.rungOf(pose.id()) - 1; rung >= 1; rung--) {
                String before = ladder.rungs().get(rung - 1).pose();
                if (before == null) continue;
                if (comesBefore(subject, before, i)) return Optional.empty();
                Pose other = subject.catalogue().pose(before);
                if (wanted.isEmpty() && Swap.suits(subject, other)) wanted = Optional.of(other);
            }
        }
        return wanted;
    }

    private static boolean comesBefore(Subject subject, String pose, int i) {
        for (int k = 0; k < i; k++)
            if (subject.isWork(k) && subject.pose(k).id().equals(pose)) return true;
        return false;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        int i = finding.moments().get(0);
        Step step = subject.step(i);
        Pose pose = subject.pose(i);
        List<Mend> mends = new ArrayList<>();
        guarded(subject, i).ifPresent(mends::add);
        for (Pose other : Swap.easier(subject, pose).stream().limit(2).toList()) {
            mends.add(new Mend(
                    "Do %s instead".formatted(subject.name(other.id())), Swap.edit(subject, step, pose, other)));
        }
        mends.add(new Mend("Leave %s out".formatted(subject.name(pose.id())), new PlanEdit.Remove(step.id())));
        return mends;
    }

    /** Everything that lacks, put in. */
    private static Optional<Mend> guarded(Subject subject, int i) {
        Step step = subject.step(i);
        List<PlanEdit> edits = new ArrayList<>();
        Step noted = step;
        if (!hasWayOut(subject, i)) {
            List<Pose> easier = Swap.easier(subject, subject.pose(i));
            String out = easier.isEmpty()
                    ? "stay on the rung before"
                    : subject.name(easier.get(0).id());
            noted = Swap.noted(noted, "Way out: " + out + ".").orElse(noted);
        }
        if (!isWatched(step)) {
            noted = Swap.noted(noted, WATCHED).orElse(noted);
        }
        List<String> said = new ArrayList<>();
        if (!noted.equals(step)) said.add("note the way out and who watches");
        String props = propsWanted(subject, i);
        if (!props.isEmpty()) {
            List<Prop> all = new ArrayList<>(noted.props());
            for (Prop prop : propsOf(subject.catalogue(), subject.pose(i))) {
                if (all.stream().noneMatch(own -> own.name().equals(prop.name()))) all.add(prop);
            }
            noted = noted.withProps(all);
            said.add("have " + props + " ready");
        }
        if (!noted.equals(step)) edits.add(new PlanEdit.Change(noted));
        Optional<Pose> rung = rungWanted(subject, i);
        if (rung.isPresent()) {
            NodeId top = subject.topOf(step.id());
            var place = subject.plan().placeOf(top).orElseThrow();
            SideRule sides = rung.get().sides().hasSides() ? new SideRule.Both(Side.RIGHT) : new SideRule.None();
            Dose dose = rung.get().doseFor(subject.judgedLevel());
            Step before = Step.of(
                    new NodeId(StepBetween.shortened(step.id()) + "-rung"),
                    rung.get().id(),
                    sides,
                    dose);
            edits.add(new PlanEdit.Insert(place.parent(), place.after(), before));
            said.add("put " + subject.name(rung.get().id()) + " before it");
        }
        if (edits.isEmpty()) return Optional.empty();
        return Optional.of(new Mend(Words.capital(Wording.and(said)), PlanEdit.all(edits)));
    }
}
