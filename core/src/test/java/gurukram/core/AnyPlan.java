package gurukram.core;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.manner.Use;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.CueLevel;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.plan.settings.Thresholds;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Ways;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Plans at random, with everything the model has; they hold the rules, and the same seed gives the same plan. */
public final class AnyPlan {
    private static final List<Pose> POSES = List.copyOf(Plans.CATALOGUE.poses());
    private static final List<String> WORDS = List.of(
            "tide",
            "rope",
            "Half moon",
            "\"quoted\"",
            "a, b; c",
            "x // y",
            "note: z",
            "- dash",
            "„knot“",
            "ā ī ū ṛ ṣ ṇ",
            "5 breaths",
            "end flow",
            "class: no",
            "> quay",
            "(0, 1)",
            "both",
            "left first",
            "1:30",
            "é",
            "#",
            "🙂",
            "round 2: in");

    private final Random random;
    private int ids;

    private AnyPlan(Random random) {
        this.random = random;
    }

    public static ClassPlan of(long seed) {
        return new AnyPlan(new Random(seed)).plan();
    }

    private ClassPlan plan() {
        return new ClassPlan(settings(), some(0, 4, this::section));
    }

    private NodeId id() {
        return new NodeId("a" + ids++);
    }

    private <T> List<T> some(int least, int most, Supplier<T> one) {
        return IntStream.range(0, least + random.nextInt(most - least + 1))
                .mapToObj(i -> one.get())
                .toList();
    }

    private boolean rarely() {
        return random.nextInt(5) == 0;
    }

    private int from(int least, int most) {
        return least + random.nextInt(most - least + 1);
    }

    private <E> E one(List<E> values) {
        return values.get(random.nextInt(values.size()));
    }

    private <E extends Enum<E>> E one(Class<E> type) {
        return one(List.of(type.getEnumConstants()));
    }

    private <T> T maybe(Supplier<T> value) {
        return rarely() ? value.get() : null;
    }

    private String words() {
        return rarely() ? String.join(" ", some(1, 3, () -> one(WORDS))) : "";
    }

    private ClassSettings settings() {
        return new ClassSettings(
                "T " + words(),
                new Theme(words(), words(), words(), words(), words(), words(), words(), words(), words()),
                from(5, 240),
                one(Style.class),
                one(Level.class),
                rarely(),
                rarely() ? "%02d:%02d".formatted(from(0, 23), from(0, 59)) : "",
                maybe(() -> one(POSES).id()),
                one(Side.class),
                school(),
                words() + "\n" + words(),
                mutes(),
                rarely());
    }

    private School school() {
        return new School(
                maybe(() -> one(Dose.Pattern.Holds.class)),
                maybe(() -> from(1, 60)),
                maybe(() -> from(500, 5_000)),
                maybe(() -> one(School.LegRule.class)),
                maybe(() -> one(School.Knees.class)),
                maybe(() -> one(School.Voice.class)),
                maybe(() -> one(School.Names.class)),
                maybe(this::rarely),
                maybe(() -> one(School.Roll.class)),
                maybe(() -> one(Cueing.class)),
                rarely() ? breaths() : BreathLengths.UNSET,
                rarely() ? new Thresholds(Map.of("one-leg", List.of(60, 90, from(91, 200)))) : null);
    }

    private BreathLengths breaths() {
        boolean ratio = rarely();
        return new BreathLengths(
                maybe(() -> from(1_500, 60_000)),
                maybe(() -> from(1_500, 60_000)),
                maybe(() -> from(3_000, 30_000)),
                maybe(() -> from(3_000, 30_000)),
                rarely() ? some(1, 4, () -> from(30, 200)) : List.of(),
                ratio ? from(1, 20) : null,
                ratio ? from(1, 20) : null);
    }

    private TypedPace pace() {
        TypedPace.Per per = one(TypedPace.Per.class);
        return per == TypedPace.Per.IN_AND_OUT
                ? TypedPace.inAndOut(from(1_000, 60_000), from(1_000, 60_000))
                : TypedPace.of(per, from(1_000, 60_000));
    }

    private Texts texts() {
        return new Texts(words() + "\n" + words(), words(), words());
    }

    private Marks marks() {
        return new Marks(rarely(), rarely(), maybe(() -> from(1, 9)), mutes());
    }

    private List<Marks.Mute> mutes() {
        return rarely() ? some(1, 2, () -> new Marks.Mute("rule-" + from(1, 9), words())) : List.of();
    }

    private Section section() {
        Supplier<Item> item = () -> rarely() ? flow() : step(null);
        return new Section(
                id(),
                one(SectionRole.class),
                words(),
                maybe(() -> one(Cueing.class)),
                some(0, 5, item),
                texts(),
                marks(),
                maybe(() -> from(1_500, 60_000)),
                maybe(() -> from(1, 60)),
                maybe(() -> new Way(one(Ways.shipped().names()), maybe(() -> from(0, 9_000)))));
    }

    private Flow flow() {
        FlowSettings settings = flowSettings();
        return new Flow(
                id(),
                settings,
                some(0, 6, () -> step(settings)),
                some(0, 1, () -> link(settings)),
                texts(),
                marks(),
                rarely() ? tags() : Tags.NONE);
    }

    private Tags tags() {
        return new Tags(
                rarely() ? Set.of(one(Style.class)) : Set.of(),
                Level.BEGINNER,
                one(Level.class),
                rarely() ? List.of("open", "side to side") : List.of(),
                words(),
                rarely() ? List.of(one(POSES).id()) : List.of());
    }

    private FlowSettings flowSettings() {
        FlowSides sides = new FlowSides(
                one(FlowSides.Counting.class),
                one(FlowSides.Order.class),
                one(Side.class),
                one(FlowSides.Turn.class),
                one(FlowSides.Leads.class),
                one(FlowSides.LeadNames.class));
        List<Mode.Run> modes = rarely() ? some(1, 3, () -> new Mode.Run(from(1, 3), one(Mode.class))) : List.of();
        int rounds = modes.isEmpty()
                ? from(1, 7)
                : modes.stream().mapToInt(Mode.Run::rounds).sum();
        boolean byRound = rarely();
        FlowPace pace = new FlowPace(
                byRound ? null : maybe(this::pace),
                byRound ? some(2, 4, this::pace) : List.of(),
                modes,
                rarely() ? some(1, 3, () -> one(CueLevel.class)) : List.of());
        return new FlowSettings(words(), rounds, sides, pace, join(), maybe(this::join), school());
    }

    private Join join() {
        return switch (from(1, 3)) {
            case 1 -> new Join.Separate();
            case 2 -> new Join.Shared(from(0, 3), from(1, 3));
            default -> new Join.Rested(from(1, 600), one(Join.Rested.Unit.class));
        };
    }

    private When when(boolean inFlow) {
        Set<Level> levels = Set.copyOf(some(0, 2, () -> one(Level.class)));
        if (!inFlow) return levels.isEmpty() ? When.at(Level.BEGINNER) : new When(levels, null, null);
        Rounds rounds = maybe(() ->
                rarely() ? Rounds.LAST : rarely() ? Rounds.from(from(1, 108)) : Rounds.of(from(1, 3), from(3, 9)));
        When when = new When(levels, rounds, maybe(() -> from(1, 2)));
        if (rarely()) when = new When(levels, Set.of(one(Need.class)), false, rounds, when.pass());
        else if (rarely()) when = new When(Set.of(), Set.of(), true, rounds, when.pass());
        return when.equals(When.ALWAYS) ? When.in(Rounds.of(2, 2)) : when;
    }

    private Link link(FlowSettings flow) {
        return new Link(id(), when(true), rarely(), some(0, 3, () -> bareStep(flow)), marks());
    }

    private Step step(FlowSettings flow) {
        Step step = bareStep(flow);
        return step.withLayers(rarely() ? some(1, 3, () -> layer(step, flow)) : List.of());
    }

    private Step bareStep(FlowSettings flow) {
        if (rarely() && rarely()) {
            return Step.of(id(), null, new SideRule.None(), rarely() ? openRange() : new Dose.Open(from(1, 7_200)));
        }
        Pose pose = one(POSES);
        SideRule sides = sides(pose, flow);
        if (sides instanceof SideRule.None && rarely()) sides = new SideRule.Both(one(Side.class));
        Dose dose = dose(sides);
        Dose single = dose.at(Dose.Reading.LOW);
        boolean moves = single instanceof Dose.Movement || single instanceof Reps;
        Integer settingUp = maybe(() -> from(0, 600_000));
        return new Step(
                id(),
                pose.id(),
                sides,
                dose,
                new Timing(
                        moves ? maybe(this::pace) : null,
                        settingUp,
                        settingUp == null ? null : maybe(() -> from(0, 600_000)),
                        maybe(() -> one(Hold.class)),
                        maybe(() -> from(1_500, 60_000)),
                        maybe(() -> one(Cueing.class))),
                texts(),
                marks(),
                rarely()
                        ? some(1, 2, () -> new Prop(from(1, 4), one(List.of("block", "strap", "long blanket"))))
                        : List.of(),
                List.of(),
                manner(pose, sides));
    }

    private Manner manner(Pose pose, SideRule sides) {
        boolean symmetric = pose.sides() == SideBehaviour.SYMMETRIC && sides.isSided();
        Manner named = Manner.USUAL.withSideNames(symmetric ? "the lifted arm" : "");
        if (!rarely()) return named;
        List<String> possible = Modifiers.shipped().all().stream()
                .filter(modifier -> modifier.fits().contains(pose.base())
                        && Plans.CATALOGUE
                                .named(pose.name() + " " + modifier.name())
                                .isEmpty())
                .map(Modifiers.Modifier::name)
                .toList();
        return new Manner(
                named.sideNames(),
                possible.isEmpty() ? List.of() : List.of(one(possible)),
                maybe(() -> new Way(one(Ways.shipped().names()), maybe(() -> from(0, 9_000)))),
                rarely() ? some(1, 3, this::stageOfPose) : List.of(),
                maybe(() -> one(Use.class)));
    }

    private Stage stageOfPose() {
        return new Stage(
                "one foot light",
                one(List.of(new Dose.Breaths(3), new Dose.Seconds(20), new Dose.Counts(5))),
                rarely(),
                rarely() ? "2 blocks" : "",
                rarely() ? "sit down" : "");
    }

    private Layer layer(Step step, FlowSettings flow) {
        Layer.Edit edit = switch (step.pose() == null ? 0 : from(0, 4)) {
            case 1 -> new Layer.Before(bareStep(flow).withLayers(rarely() ? List.of(leftOut(flow)) : List.of()));
            case 2 -> new Layer.After(bareStep(flow));
            case 3 -> replacement(step, flow);
            case 4 -> new Layer.Become(null, null, dose(step.sides()));
            default -> new Layer.Omit();
        };
        return new Layer(id(), when(flow != null), edit);
    }

    private Layer leftOut(FlowSettings flow) {
        return new Layer(id(), when(flow != null), new Layer.Omit());
    }

    private Layer.Become replacement(Step step, FlowSettings flow) {
        Pose pose = one(POSES);
        SideRule sides = sides(pose, flow);
        return new Layer.Become(pose.id(), sides, dose(sides));
    }

    private SideRule sides(Pose pose, FlowSettings flow) {
        Side first = one(Side.class);
        if (pose.sides() == SideBehaviour.SYMMETRIC) {
            return rarely() ? new SideRule.TwoDirections(null) : new SideRule.None();
        }
        List<SideRule> rules = new ArrayList<>(List.of(
                new SideRule.Both(first),
                new SideRule.Only(first),
                new SideRule.Alternating(first, rarely()),
                new SideRule.TwoDirections(first)));
        if (pose.sides() == SideBehaviour.CROSSING) rules.add(new SideRule.Crossing(first));
        if (flow != null && flow.hasSides()) rules.addAll(List.of(new SideRule.Lead(), new SideRule.Other()));
        if (pose.sides() == SideBehaviour.COMPOUND) {
            rules.add(new SideRule.Compound(new SideRule.Both(first), rarely()));
            rules.add(new SideRule.Compound(new SideRule.Only(first), rarely()));
        }
        return one(rules);
    }

    private Dose dose(SideRule sides) {
        if (sides instanceof SideRule.Alternating)
            return rarely() ? repsRange() : reps(from(1, 12), from(1, 3), 20, null, null);
        return switch (from(0, 12)) {
            case 0 -> new Dose.Seconds(from(1, 300));
            case 1 -> reps(from(2, 12), from(1, 3), from(0, 60), maybe(() -> from(500, 60_000)), shown());
            case 2 -> new Reps(from(2, 12), from(1, 3), from(0, 60), null, from(1, 20), shown());
            case 3 -> new Dose.Counts(from(1, 60));
            case 4 -> pattern();
            case 5 ->
                new Attempts(
                        from(1, 5),
                        one(List.of(new Dose.Breaths(3), new Dose.Seconds(20), new Dose.Counts(5))),
                        from(0, 60),
                        from(1, 3),
                        null);
            case 6 -> new Dose.OwnPace(from(1, 600));
            case 7 -> range();
            case 8, 9 -> new Dose.Movement(some(1, 3, () -> one(Breath.class)), rarely(), maybe(() -> from(2, 20)));
            case 10 -> rarely() ? openRange() : new Dose.Open(from(1, 600), rarely());
            case 11 ->
                new Dose.Entered(
                        new Dose.Movement(some(1, 2, () -> one(Breath.class)), rarely()), new Dose.Breaths(from(1, 9)));
            default -> new Dose.Breaths(from(1, 20));
        };
    }

    private static Reps reps(int reps, int sets, int rest, Integer each, Reps.Shown shown) {
        return new Reps(reps, sets, rest, each, null, shown);
    }

    private Reps.Shown shown() {
        if (!rarely()) return null;
        boolean onTop = random.nextBoolean();
        return new Reps.Shown(from(1, 2), onTop, onTop ? maybe(() -> from(500, 20_000)) : null, rarely());
    }

    private Dose.Pattern pattern() {
        return new Dose.Pattern(some(1, 3, () -> stage(from(1, 9))), one(Dose.Pattern.Holds.class));
    }

    private Dose.Pattern.Stage stage(int cycles) {
        return new Dose.Pattern.Stage(from(1, 9), from(0, 9), from(1, 9), from(0, 9), cycles);
    }

    private Dose openRange() {
        int low = from(1, 100);
        return new Range(new Dose.Open(low), new Dose.Open(low + from(0, 60)), new Dose.Open(low + 61));
    }

    private Dose repsRange() {
        int low = from(1, 9);
        return new Range(
                reps(low, 1, 30, null, null),
                reps(low + 1, from(1, 3), 30, null, null),
                reps(low + from(1, 3), 3, 30, null, null));
    }

    private Dose range() {
        int low = from(1, 9);
        int chosen = low + from(0, 3);
        int high = low + from(3, 6);
        Dose.Pattern.Stage stage = stage(1);
        Dose.Pattern.Holds holds = one(Dose.Pattern.Holds.class);
        return switch (from(0, 5)) {
            case 0 -> range(low, chosen, high, Dose.Seconds::new);
            case 1 -> range(low, chosen, high, Dose.Counts::new);
            case 2 -> range(low, chosen, high, Dose.OwnPace::new);
            case 3 -> range(low, chosen, high, n -> new Attempts(n, new Dose.Breaths(2), 15));
            case 4 ->
                range(
                        low,
                        chosen,
                        high,
                        n -> new Dose.Pattern(
                                List.of(new Dose.Pattern.Stage(
                                        stage.in(), stage.holdIn(), stage.out(), stage.holdOut(), n)),
                                holds));
            default -> rarely() ? repsRange() : range(low, chosen, high, Dose.Breaths::new);
        };
    }

    private static Dose range(int low, int chosen, int high, IntFunction<Dose> of) {
        return new Range(of.apply(low), of.apply(chosen), of.apply(high));
    }
}
