package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.cue.CueTemplate;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question.Choice;
import gurukram.core.practice.Question.Choices;
import gurukram.core.practice.Question.Kind;
import gurukram.core.practice.Question.Shown;
import gurukram.core.practice.Question.Typed;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Questions about poses: what a figure is called, how long a hold really takes, which side comes short. */
final class PoseQuestions {
    private static final int CHOICES = 4;
    private static final int FEWEST_ROUNDS = 3;
    private static final int MOST_ROUNDS = 9;
    private static final int APART_MS = 12_000;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;

    PoseQuestions(PoseCatalogue catalogue, Unfolder unfolder) {
        this.catalogue = catalogue;
        this.unfolder = unfolder;
    }

    /** The figure, and names of its family and of others on the same base. */
    List<Question> names(List<Pose> poses) {
        List<Question> all = new ArrayList<>();
        for (Pose pose : poses) {
            List<Pose> others = nearest(pose, poses);
            if (others.size() < CHOICES - 1) continue;
            List<Pose> choices = new ArrayList<>(others);
            choices.add(pose);
            choices.sort(Comparator.comparing(Pose::name).thenComparing(Pose::id));
            all.add(new Question(
                    "name/" + pose.id(),
                    Kind.NAME,
                    "What is this pose called?",
                    new Shown(pose.id(), Side.RIGHT, ""),
                    new Choices(
                            choices.stream()
                                    .map(one -> new Choice(one.name(), null))
                                    .toList(),
                            choices.indexOf(pose)),
                    "It is %s.".formatted(pose.name()),
                    choices.stream()
                            .map(one -> new Shown(one.id(), Side.RIGHT, one.name()))
                            .toList()));
        }
        return all;
    }

    /** The three that are most like it; of those alike, other ones for each pose. */
    private static List<Pose> nearest(Pose pose, List<Pose> poses) {
        List<Pose> nearest = new ArrayList<>();
        List<Integer> how = new ArrayList<>();
        for (Pose other : poses) {
            if (other.id().equals(pose.id()) || other.name().equals(pose.name())) continue;
            int far = 10_000 * far(pose, other)
                    + Math.floorMod(31 * pose.id().hashCode() ^ other.id().hashCode(), 9_973);
            int at = how.size();
            while (at > 0 && how.get(at - 1) > far) at--;
            if (at == CHOICES - 1) continue;
            how.add(at, far);
            nearest.add(at, other);
            if (how.size() == CHOICES) {
                how.remove(CHOICES - 1);
                nearest.remove(CHOICES - 1);
            }
        }
        return nearest;
    }

    private static int far(Pose pose, Pose other) {
        boolean family = pose.family().equals(other.family());
        boolean base = pose.base() == other.base();
        return family && base ? 0 : family ? 1 : base ? 2 : 3;
    }

    /** A hold on both sides: what it takes with getting into it, beside what people forget. */
    List<Question> lengths(List<Pose> poses) {
        List<Question> all = new ArrayList<>();
        for (Pose pose : poses) {
            Dose dose = pose.doseFor(pose.level());
            if (!pose.sides().hasSides() || !(dose instanceof Dose.Breaths breaths)) continue;
            Score score = score(Step.of(new NodeId("s"), pose.id(), new SideRule.Both(Side.RIGHT), dose));
            List<Moment> moments = score.moments();
            if (moments.size() != 2) continue;
            long whole = score.totalMs();
            long work = moments.stream().mapToLong(Moment::workMs).sum();
            long settling = moments.get(0).settingUpMs() + moments.get(0).transitionMs();
            long oneSide = settling + moments.get(0).workMs();
            // what comes out when something is forgotten, or counted twice; the right one is now here, now there
            List<Long> less = List.of(work, oneSide, moments.get(0).workMs());
            List<Long> more = List.of(whole + settling, whole + oneSide, 2 * whole);
            int below = Math.floorMod(pose.id().hashCode(), CHOICES);
            Set<Long> lengths = new LinkedHashSet<>(List.of(whole));
            lengths.addAll(less.subList(0, below));
            lengths.addAll(more.subList(0, CHOICES - 1 - below));
            List<Long> sorted = lengths.stream().sorted().toList();
            if (sorted.size() < CHOICES || !apart(sorted)) continue;
            all.add(new Question(
                    "long/" + pose.id(),
                    Kind.LENGTH,
                    "%s, %d breaths on each side, for the first time in the class, in your way of leading: how long does it take?"
                            .formatted(pose.name(), breaths.breaths()),
                    new Shown(pose.id(), Side.RIGHT, ""),
                    new Choices(
                            sorted.stream()
                                    .map(ms -> new Choice(Millis.showWhole(ms), null))
                                    .toList(),
                            sorted.indexOf(whole)),
                    "Getting into it %s and again on the second side %s, and %s of breathing: %s."
                            .formatted(
                                    Millis.showWhole(moments.get(0).settingUpMs()
                                            + moments.get(0).transitionMs()),
                                    Millis.showWhole(moments.get(1).settingUpMs()
                                            + moments.get(1).transitionMs()),
                                    Millis.showWhole(work),
                                    Millis.showWhole(whole)),
                    List.of(
                            new Shown(
                                    pose.id(),
                                    Side.RIGHT,
                                    "right: " + Millis.showWhole(moments.get(0).lengthMs())),
                            new Shown(
                                    pose.id(),
                                    Side.LEFT,
                                    "left: " + Millis.showWhole(moments.get(1).lengthMs())))));
        }
        return all;
    }

    private static boolean apart(List<Long> sorted) {
        for (int i = 1; i < sorted.size(); i++) if (sorted.get(i) - sorted.get(i - 1) < APART_MS) return false;
        return true;
    }

    private Score score(Step step) {
        return unfolder.unfold(
                ClassPlan.of(
                        ClassSettings.of("One", 30, Style.HATHA, Level.BEGINNER),
                        Section.of(new NodeId("p"), SectionRole.STANDING, step)),
                Level.BEGINNER);
    }

    /** One-sided rounds by turns: which side has one more, if any. */
    List<Question> shortSides() {
        List<Question> all = new ArrayList<>();
        for (int rounds = FEWEST_ROUNDS; rounds <= MOST_ROUNDS; rounds++)
            for (Side first : List.of(Side.RIGHT, Side.LEFT)) all.add(shortSide(rounds, first));
        return all;
    }

    private Question shortSide(int rounds, Side first) {
        FlowSettings settings = FlowSettings.of(rounds)
                .with(FlowSides.BOTH.with(FlowSides.Counting.ONE_SIDE).with(first));
        Flow flow = Flow.of(
                new NodeId("f"),
                settings,
                Step.of(new NodeId("s"), "high-lunge", new SideRule.Lead(), new Dose.Breaths(1)));
        Score score = unfolder.unfold(
                ClassPlan.of(
                        ClassSettings.of("One", 30, Style.HATHA, Level.BEGINNER),
                        Section.of(new NodeId("p"), SectionRole.STANDING, flow)),
                Level.BEGINNER);
        long right = score.moments().stream()
                .filter(moment -> moment.side() == Side.RIGHT)
                .count();
        long left = score.moments().stream()
                .filter(moment -> moment.side() == Side.LEFT)
                .count();
        int at = right == left ? 2 : right < left ? 0 : 1;
        return new Question(
                "short/%d/%s".formatted(rounds, first.word()),
                Kind.SHORT_SIDE,
                "%d rounds, one side each by turns, %s first: which side comes short?".formatted(rounds, first.word()),
                null,
                new Choices(
                        List.of(
                                new Choice("the right", null),
                                new Choice("the left", null),
                                new Choice("neither", null)),
                        at),
                "Right %d, left %d.%s".formatted(right, left, at == 2 ? "" : " One round more makes them even."),
                List.of(
                        new Shown("high-lunge", Side.RIGHT, "right: " + times(right)),
                        new Shown("high-lunge", Side.LEFT, "left: " + times(left))));
    }

    private static String times(long n) {
        return n == 1 ? "once" : n + " times";
    }

    /** A cue for one side; it is said again for the other. */
    List<Question> otherSides(List<Pose> poses, School school) {
        List<Question> all = new ArrayList<>();
        for (Pose pose : poses) {
            CueTemplate cue = new CueTemplate(pose.cues().enter().full());
            if (!pose.sides().hasSides() || !cue.isSided() || pose.twist() != null) continue;
            String right = words(cue, pose, Side.RIGHT, school);
            String left = words(cue, pose, Side.LEFT, school);
            Typed answer = new Typed(pose, Side.LEFT, left);
            if (!OtherSide.judge(pose, Side.LEFT, left, left).right()
                    || OtherSide.judge(pose, Side.LEFT, left, right).right()) continue;
            all.add(new Question(
                    "other/" + pose.id(),
                    Kind.OTHER_SIDE,
                    "%s. You said: “%s.” Now for the other side: what do you say?".formatted(pose.name(), right),
                    new Shown(pose.id(), Side.RIGHT, ""),
                    answer,
                    "For the other side: “%s.”".formatted(left),
                    List.of(
                            new Shown(pose.id(), Side.RIGHT, "as you said it"),
                            new Shown(pose.id(), Side.LEFT, "the other side"))));
        }
        return all;
    }

    private static String words(CueTemplate cue, Pose pose, Side side, School school) {
        return Words.capital(cue.words(pose, side, null, school));
    }

    /** Poses as people meet them, named apart. */
    List<Pose> usual() {
        return catalogue.poses().stream()
                .filter(pose ->
                        !pose.family().equals("transitions") && !pose.family().equals("breathing"))
                .sorted(Comparator.comparing(pose -> pose.id().toLowerCase(Locale.ROOT)))
                .toList();
    }
}
