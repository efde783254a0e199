package gurukram.core.check;

import gurukram.core.caution.Derivation;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Caution;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Level;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.EffortCurve;
import gurukram.core.score.Feet;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Tallies;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One class as the rules see it: its plan, the score of the line looked at, and what several rules want to know, worked out
 * once. Not for several threads.
 */
public final class Subject {
    private final ClassPlan plan;
    private final @Nullable Level level;
    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final School teachers;
    private final School school;
    private final People group;
    private final Score score;
    private final Pose[] poses;
    private final Map<NodeId, Node> nodes = new HashMap<>();
    private final Map<String, Pose> asDone = new HashMap<>();
    private final Map<NodeId, NodeId> parents = new HashMap<>();
    private final Map<NodeId, List<Integer>> momentsOf = new HashMap<>();
    private final Map<String, Integer> lastMoments = new HashMap<>();
    private @Nullable Tallies tallies;
    private Feet.@Nullable Tally feet;
    private @Nullable List<Double> effort;
    private @Nullable List<Cue> cues;
    private @Nullable List<MixedRoom.Beside> beside;
    private final Map<Need, List<MixedRoom.Beside>> besideOf = new EnumMap<>(Need.class);

    Subject(
            ClassPlan plan,
            @Nullable Level level,
            PoseCatalogue catalogue,
            Unfolder unfolder,
            School teachers,
            People group) {
        this.plan = plan;
        this.level = level;
        this.catalogue = catalogue;
        this.unfolder = unfolder;
        this.teachers = teachers;
        this.school = plan.settings().school().over(teachers.over(School.USUAL));
        this.group = group;
        this.score = unfolder.unfold(plan, level);
        this.poses = new Pose[score.moments().size()];
        plan.sections().forEach(section -> remember(section, NodeId.CLASS));
        Map<String, Pose> known = new HashMap<>();
        for (int i = 0; i < poses.length; i++) {
            Moment moment = moment(i);
            if (moment.pose() != null) poses[i] = known.computeIfAbsent(moment.pose(), catalogue::pose);
            if (isWork(i)) lastMoments.put(moment.pose(), i);
            at(moment.node(), i);
            if (moment.flow() != null) at(moment.flow(), i);
            at(moment.section(), i);
        }
    }

    private void remember(Node node, NodeId parent) {
        nodes.put(node.id(), node);
        parents.put(node.id(), parent);
        node.children().forEach(child -> remember(child, node.id()));
    }

    private void at(NodeId node, int moment) {
        momentsOf.computeIfAbsent(node, n -> new ArrayList<>()).add(moment);
    }

    public ClassPlan plan() {
        return plan;
    }

    ClassSettings settings() {
        return plan.settings();
    }

    /** The line looked at; null is the base line. */
    public @Nullable Level level() {
        return level;
    }

    /** The level judged by: that of the line, for the base line that of the class. */
    Level judgedLevel() {
        return level == null ? settings().level() : level;
    }

    public PoseCatalogue catalogue() {
        return catalogue;
    }

    Unfolder unfolder() {
        return unfolder;
    }

    /** The pace it is taught at. */
    public Pace pace() {
        return unfolder.pace();
    }

    /** Every setting decided: the class's, else the teacher's, else the usual one. */
    School school() {
        return school;
    }

    /** The class's school and the teacher's, with what neither says left open. */
    School ownSchool() {
        return settings().school().over(teachers);
    }

    /** Null when the class is for nobody in particular. */
    /** The people it is for. */
    public People group() {
        return group;
    }

    public Score score() {
        return score;
    }

    public List<Moment> moments() {
        return score.moments();
    }

    Moment moment(int i) {
        return score.moments().get(i);
    }

    /** The pose of a moment; null for open time without one. */
    Pose pose(int i) {
        return poses[i];
    }

    /** Whether something is done in a pose at a moment: no pause, no time without a pose. */
    boolean isWork(int i) {
        return poses[i] != null && moment(i).kind() != Moment.Kind.PAUSE;
    }

    /** The last moment something is done in a pose; -1 when it does not come. */
    int lastMomentOf(Pose pose) {
        return lastMoments.getOrDefault(pose.id(), -1);
    }

    /** The moments of a step, flow or section, in order. */
    public List<Integer> momentsOf(NodeId node) {
        return momentsOf.getOrDefault(node, List.of());
    }

    /** The part of the plan with this name; null for the class itself. */
    @Nullable
    Node node(NodeId id) {
        return nodes.get(id);
    }

    Step step(NodeId id) {
        return (Step) Objects.requireNonNull(nodes.get(id));
    }

    Flow flow(NodeId id) {
        return (Flow) Objects.requireNonNull(nodes.get(id));
    }

    Section section(NodeId id) {
        return (Section) Objects.requireNonNull(nodes.get(id));
    }

    Step step(int moment) {
        return step(moment(moment).node());
    }

    @Nullable
    Flow flow(int moment) {
        NodeId id = moment(moment).flow();
        return id == null ? null : flow(id);
    }

    NodeId parent(NodeId id) {
        return Objects.requireNonNull(parents.get(id));
    }

    SectionRole role(int moment) {
        return section(moment(moment).section()).role();
    }

    /** The score of the base line, which is the clock of a mixed room. */
    Score baseScore() {
        return level == null ? score : unfolder.unfold(plan, null);
    }

    /** The lines beside the clock, of needs and of the other choice. */
    List<MixedRoom.Beside> beside() {
        if (beside == null) beside = MixedRoom.beside(plan, unfolder, this::baseScore);
        return beside;
    }

    /** Those of one need. */
    List<MixedRoom.Beside> beside(Need need) {
        return besideOf.computeIfAbsent(need, one -> MixedRoom.beside(plan, unfolder, baseScore(), one));
    }

    /** The pose of a moment as it is done there: what is different about it changes what it asks of people. */
    Pose asDone(int moment) {
        Pose pose = pose(moment);
        List<String> with = moment(moment).how().with();
        return asDone.computeIfAbsent(pose.id() + with, key -> asDone(pose, with, catalogue()));
    }

    /** What a step asks of a group's needs, with what is different about its pose. */
    public static List<Caution> cautionsOf(Step step, PoseCatalogue catalogue, People group) {
        if (step.pose() == null) return List.of();
        return Needs.cautions(asDone(catalogue.pose(step.pose()), step.manner().with(), catalogue), group);
    }

    private static Pose asDone(Pose pose, List<String> with, PoseCatalogue catalogue) {
        if (with.isEmpty()) return pose;
        List<Mechanism> mechanisms = new ArrayList<>(pose.facts().mechanisms());
        for (String name : with) {
            Modifiers.Modifier modifier = Modifiers.shipped().named(name).orElseThrow();
            mechanisms.removeIf(modifier.eases()::contains);
            modifier.adds().stream().filter(one -> !mechanisms.contains(one)).forEach(mechanisms::add);
        }
        CautionFacts facts = pose.facts();
        CautionFacts changed = new CautionFacts(mechanisms, facts.milder(), facts.overrides(), facts.written());
        return Derivation.one(pose.with(changed), catalogue.poses());
    }

    /** The part of the plan a part stands in; null for sections. */
    public @Nullable Node parentOf(NodeId id) {
        return nodes.get(parents.get(id));
    }

    /** The flow a step stands in, also by a link of it; null outside flows. */
    @Nullable
    Flow flowAround(NodeId id) {
        Node parent = parentOf(id);
        if (parent instanceof Link link) parent = parentOf(link.id());
        return parent instanceof Flow flow ? flow : null;
    }

    /** The step or flow of a section that a part stands in, or is. */
    NodeId topOf(NodeId node) {
        NodeId at = node;
        while (!(parentOf(at) instanceof Section)) at = parent(at);
        return at;
    }

    /** The moment that is on at a time; the last one afterwards. */
    int momentAt(long ms) {
        int i = 0;
        while (i < moments().size() - 1 && moment(i).endMs() <= ms) i++;
        return i;
    }

    int value(Threshold threshold) {
        return threshold.at(judgedLevel(), school.thresholds());
    }

    Tallies tallies() {
        if (tallies == null) tallies = Tallies.of(score, catalogue);
        return tallies;
    }

    Feet.Tally feet() {
        if (feet == null) feet = Feet.tally(score, catalogue);
        return feet;
    }

    /** Effort minute by minute. */
    List<Double> effort() {
        if (effort == null) effort = EffortCurve.of(score, catalogue);
        return effort;
    }

    /** What is said at each moment. */
    List<Cue> cues() {
        if (cues == null) cues = Cues.of(score, plan, catalogue, teachers);
        return cues;
    }

    /** A pose as it is named in the middle of a sentence. */
    String name(@Nullable String pose) {
        return new Naming(catalogue).poseInSentence(pose);
    }

    /** When it comes, ms; what is about no moment comes last. */
    long startOf(Finding finding) {
        return momentOf(finding).map(i -> moment(i).startMs()).orElse(score.totalMs());
    }

    /** The moment at which a finding is met: the first of its own part among those it is about; empty when it is about none. */
    public Optional<Integer> momentOf(Finding finding) {
        if (finding.node().equals(NodeId.CLASS)) return Optional.empty();
        List<Integer> own = momentsOf(finding.node());
        Set<Integer> about = new HashSet<>(finding.moments());
        Optional<Integer> both = own.stream().filter(about::contains).findFirst();
        if (both.isPresent()) return both;
        return own.isEmpty() ? finding.moments().stream().findFirst() : Optional.of(own.get(0));
    }

    /** The mute that keeps a finding silent: at its node, at a part around it, or for the class. */
    Optional<Marks.Mute> muteOf(Finding finding) {
        for (NodeId at = finding.node(); at != null && !at.equals(NodeId.CLASS); at = parent(at)) {
            Optional<Marks.Mute> mute = mute(marks(Objects.requireNonNull(nodes.get(at))), finding);
            if (mute.isPresent()) return mute;
        }
        return mute(settings().mutes(), finding);
    }

    private static Optional<Marks.Mute> mute(List<Marks.Mute> mutes, Finding finding) {
        return mutes.stream().filter(mute -> mute.rule().equals(finding.rule())).findFirst();
    }

    private static List<Marks.Mute> marks(Node node) {
        if (node instanceof Section section) return section.marks().mutes();
        if (node instanceof Flow flow) return flow.marks().mutes();
        if (node instanceof Step step) return step.marks().mutes();
        if (node instanceof Link link) return link.marks().mutes();
        return List.of();
    }
}
