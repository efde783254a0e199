package gurukram.web.plans.field;

import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.dose.Reps;
import gurukram.core.notation.NodeText;
import gurukram.core.notation.words.MannerWords;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.manner.Use;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Timing;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.Pace;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.plans.edit.PoseNamed;
import gurukram.web.shared.Typed;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The fields of a step. A dose is changed on the base line, or only for the level the page shows. */
public final class StepFields {
    private static final int WIDE = 34;
    private static final List<Field.Option> UNITS = List.of(
            new Field.Option("breaths", "breaths"),
            new Field.Option("seconds", "seconds"),
            new Field.Option("in", "one inhale"),
            new Field.Option("out", "one exhale"),
            new Field.Option("reps", "repetitions"),
            new Field.Option("open", "open time"));

    private static final List<Field.Option> HOLDS = List.of(
            new Field.Option("", "as the pose is"),
            new Field.Option("ACTIVE", "actively"),
            new Field.Option("PASSIVE", "passively"));
    private static final List<Field.Option> USES = List.of(
            new Field.Option("", "work"),
            new Field.Option("REST", "rest"),
            new Field.Option("DEMONSTRATION", "demonstration"),
            new Field.Option("TALK", "talk"));
    private static final List<Field.Option> WAYS = List.of(
            new Field.Option("", "as the section is"),
            new Field.Option("EXPLAINED", "explained"),
            new Field.Option("BY_THE_BREATH", "by the breath"));

    /**
     * @param flow the flow the step stands in; null outside flows
     * @param level the level whose line is shown; null is the base line
     * @param baseLine whether what is typed changes the base line rather than that level's own
     */
    public record At(Step step, Flow flow, PoseCatalogue catalogue, Level level, boolean baseLine) {
        private Pose written() {
            return step.pose() == null ? null : catalogue.pose(step.pose());
        }

        private Pose shown() {
            String pose = step.poseFor(level);
            return pose == null ? null : catalogue.pose(pose);
        }

        private String name() {
            return Naming.of(shown());
        }

        private boolean inSidedFlow() {
            return flow != null && flow.settings().hasSides();
        }

        private String sidesList() {
            return Options.sidesOf(step, written(), inSidedFlow());
        }
    }

    private static final Fields<At, Step> FIELDS =
            new Fields<>(at -> at.step().id().value());

    private static final Declared<At, Step> POSE = FIELDS.declare(
            "pose", "Pose", (at, f) -> f.text(at.name().toLowerCase(), "Pose", 24), StepFields::withPose);
    public static final Declared<At, Step> DOSE = FIELDS.declare(
            "dose",
            "Dose",
            (at, f) -> f.amount(at.step().doseFor(at.level()).toString(), "Dose of " + at.name()),
            (at, typed) -> withDose(at, typedDose(at.step().doseFor(at.level()), typed)));
    static final Declared<At, Step> UNIT = FIELDS.declare(
            "unit",
            "Unit",
            (at, f) -> f.choice(DoseUnit.of(at.step().doseFor(at.level())).word(), "Unit", units(at)),
            (at, typed) -> withDose(
                    at,
                    Typed.named(DoseUnit.class, typed)
                            .convert(at.step().doseFor(at.level()), at.written(), Pace.defaults())));
    public static final Declared<At, Step> SIDES = FIELDS.declare(
            "sides",
            "Sides",
            (at, f) -> {
                String sides = at.step().sides().words();
                String list = at.sidesList();
                return f.choice(sides, "Sides of " + at.name(), Options.with(sides, Options.named(list)))
                        .fromList(list);
            },
            (at, typed) -> at.step().withSides(SideRule.parse(typed)));
    private static final Declared<At, Step> SAME = FIELDS.declare(
            "same",
            "This level",
            (at, f) -> f.tick(false, "take the base line’s dose, " + at.step().dose()),
            (at, typed) -> at.step().withDoseFor(at.level(), null));
    private static final Declared<At, Step> SAY = FIELDS.declare(
            "say",
            "Said in place of the usual cue",
            (at, f) -> f.text(at.step().texts().say(), "Your own cue", WIDE),
            (at, typed) -> at.step().with(at.step().texts().withSay(said(at, typed))));
    private static final Declared<At, Step> SETTING_UP = FIELDS.declare(
            "setting-up",
            "Getting into it; empty is usual",
            (at, f) -> f.text(settingUp(at.step().timing()), "Seconds of getting into it, as in 40 s / 20 s", 12),
            (at, typed) -> at.step().with(withSettingUp(at.step().timing(), typed)));
    private static final Declared<At, Step> BREATH = FIELDS.declare(
            "breath",
            "One breath",
            (at, f) -> f.text(BreathField.words(at.step().timing().breathMillis()), "Seconds a breath", 8),
            (at, typed) -> at.step().with(at.step().timing().withBreath(BreathField.millis(typed))));
    private static final Declared<At, Step> HOLD = FIELDS.declare(
            "hold",
            "Held",
            (at, f) -> f.choice(
                    at.step().timing().hold() == null
                            ? ""
                            : at.step().timing().hold().name(),
                    "How it is held",
                    HOLDS),
            (at, typed) -> at.step()
                    .with(at.step().timing().withHold(typed.isEmpty() ? null : Typed.named(Hold.class, typed))));
    private static final Declared<At, Step> PACE = FIELDS.declare(
            "pace",
            "Pace of its own",
            (at, f) -> f.text(FlowFields.words(at.step().timing().pace()), "Pace, as in 5 s a position", 18),
            (at, typed) -> at.step().withPace(FlowFields.pace(typed)));
    private static final Declared<At, Step> CUEING = FIELDS.declare(
            "cueing",
            "Way of cueing",
            (at, f) -> f.choice(
                    at.step().timing().cueing() == null
                            ? ""
                            : at.step().timing().cueing().name(),
                    "Way of cueing",
                    WAYS),
            (at, typed) ->
                    at.step().with(at.step().timing().with(typed.isEmpty() ? null : Typed.named(Cueing.class, typed))));
    private static final Declared<At, Step> WITH = FIELDS.declare(
            "with",
            "With",
            (at, f) ->
                    f.text(String.join(", ", at.step().manner().with()), "Arms, binds, supports, knees, heels", WIDE),
            (at, typed) -> at.step().with(at.step().manner().with(with(typed))));
    private static final Declared<At, Step> SIDE_NAMES = FIELDS.declare(
            "side-names",
            "What the side names; empty for none",
            (at, f) -> f.text(at.step().manner().sideNames(), "What the side names, as in the lifted arm", 24),
            StepFields::withSideNames);
    private static final Declared<At, Step> WAY = FIELDS.declare(
            "way",
            "Way there",
            (at, f) -> f.text(way(at.step().manner()), "Way there, as in by stepping, 5 s", 18),
            (at, typed) -> at.step().with(withWay(at.step().manner(), typed)));
    private static final Declared<At, Step> USE = FIELDS.declare(
            "use",
            "Its time is",
            (at, f) -> f.choice(
                    at.step().manner().use() == null
                            ? ""
                            : at.step().manner().use().name(),
                    "What its time is for",
                    USES),
            (at, typed) ->
                    at.step().with(at.step().manner().with(typed.isEmpty() ? null : Typed.named(Use.class, typed))));
    private static final MarkFields<At, Step> MARKS = new MarkFields<>(
            FIELDS,
            new MarkFields.Words<>(
                    at -> at.step().texts(), (at, texts) -> at.step().with(texts)),
            new MarkFields.Marked<>(
                    at -> at.step().marks(), (at, marks) -> at.step().with(marks)));

    private StepFields() {}

    private static String settingUp(Timing timing) {
        if (timing.settingUpMillis() == null) return "";
        String first = Millis.seconds(timing.settingUpMillis()) + " s";
        Integer second = timing.secondSettingUpMillis();
        return second == null ? first : first + " / " + Millis.seconds(second) + " s";
    }

    private static Timing withSettingUp(Timing timing, String typed) {
        if (typed.isBlank()) return timing.withSettingUp(null, null);
        String[] sides = typed.split("/", 2);
        Integer second = sides.length == 1 ? null : TypedSeconds.millis(sides[1], Timing.SETTING_UP_MILLIS);
        return timing.withSettingUp(TypedSeconds.millis(sides[0], Timing.SETTING_UP_MILLIS), second);
    }

    private static List<String> with(String typed) {
        if (typed.isBlank()) return List.of();
        return MannerWords.modifiers(typed)
                .orElseThrow(() -> new Refused(new Problem(
                        "“" + typed.strip() + "” is nothing I know about a pose.",
                        "Maybe: "
                                + Modifiers.shipped().all().stream()
                                        .map(Modifiers.Modifier::name)
                                        .collect(Collectors.joining(", "))
                                + ".",
                        List.of())));
    }

    private static String way(Manner manner) {
        return manner.way() == null ? "" : manner.way().toString();
    }

    /** With a way as it is typed, with or without “by”; {@link Refused} for one that is not known. */
    static Manner withWay(Manner manner, String typed) {
        Way none = null;
        if (typed.isBlank()) return manner.with(none);
        String said = typed.strip().toLowerCase(Locale.ROOT).startsWith("by ") ? typed.strip() : "by " + typed.strip();
        return MannerWords.read(said, manner).orElseGet(() -> manner.with(new Way(said, null)));
    }

    /** A symmetric pose with something to name has both sides, or the lead of its flow; with nothing it has none. */
    private static Step withSideNames(At at, String typed) {
        Step named = at.step().with(at.step().manner().withSideNames(typed));
        if (typed.isBlank()) return named.withSides(new SideRule.None());
        return named.sides().isSided() ? named : named.withSides(SideRule.parse(at.inSidedFlow() ? "lead" : "both"));
    }

    private static Dose typedDose(Dose now, String typed) {
        if (now instanceof Reps reps && typed.strip().matches("\\d+")) return reps.withReps(Dose.REPS.parse(typed));
        Dose parsed = DoseText.parse(DoseUnit.of(now.at(Dose.Reading.CHOSEN)).complete(typed));
        return now instanceof Attempts tries ? tries.keepingWaiting(parsed) : parsed;
    }

    private static Step withDose(At at, Dose dose) {
        boolean ownAlready = at.level() != null && at.step().hasDoseFor(at.level());
        return at.baseLine() && !ownAlready
                ? at.step().withDose(dose)
                : at.step().withDoseFor(at.level(), dose);
    }

    /** Another pose: on the base line, or for the level alone. Its sides fit it as the step's sides fitted the one before. */
    private static Step withPose(At at, String typed) {
        Pose pose = PoseNamed.in(at.catalogue(), typed);
        if (!at.baseLine()) return at.step().withPoseFor(at.level(), pose.id());
        Step other = at.step().withPose(pose.id());
        boolean symmetric = pose.sides() == SideBehaviour.SYMMETRIC;
        if (symmetric && other.sides().isSided()) return other.withSides(new SideRule.None());
        if (symmetric || other.sides().isSided()) return other;
        return other.withSides(SideRule.parse(at.inSidedFlow() ? "lead" : "both"));
    }

    private static List<Field.Option> units(At at) {
        DoseUnit unit = DoseUnit.of(at.step().doseFor(at.level()));
        List<Field.Option> units = new ArrayList<>(at.shown() == null ? UNITS.subList(5, 6) : UNITS);
        if (unit == DoseUnit.WRITTEN) units.add(new Field.Option(unit.word(), "as written"));
        return units;
    }

    /** Places in braces are looked at while it is typed; where there is no side, none can be named. */
    private static String said(At at, String typed) {
        CuePlaces.unknown(typed).ifPresent(place -> {
            throw new Refused(
                    "There is no “" + place + "”. Places are {lead}, {other}, {twist}, {name}, {knees} and {breath}.");
        });
        if (CuePlaces.isSided(typed) && !at.step().sides().isSided())
            throw new Refused("“{lead}” and “{other}” name sides, and %s is done without any.".formatted(at.name()));
        return typed;
    }

    static Step write(At at, String field, String typed) {
        return FIELDS.write(at, field, typed);
    }

    /** Null where there is nothing to choose. */
    public static Field sides(At at) {
        return at.sidesList().isEmpty() ? null : SIDES.of(at);
    }

    /** Pose, dose and sides, as a panel shows them. */
    public static List<Captioned> amounts(At at, Refusal refusal) {
        List<Declared<At, Step>> fields = new ArrayList<>();
        if (at.shown() != null) fields.add(POSE);
        fields.addAll(List.of(DOSE, UNIT));
        if (!at.sidesList().isEmpty()) fields.add(SIDES);
        boolean symmetric = at.written() != null && at.written().sides() == SideBehaviour.SYMMETRIC;
        if (symmetric && at.shown() == at.written()) fields.add(SIDE_NAMES);
        if (at.shown() != null) fields.add(WITH);
        if (at.level() != null && at.step().hasDoseFor(at.level())) fields.add(SAME);
        return fields.stream().map(field -> field.captioned(at, refusal)).toList();
    }

    /** How long getting there and one breath are, where the step says so itself. */
    public static List<Captioned> times(At at, Refusal refusal) {
        Dose dose = at.step().dose().at(Dose.Reading.LOW);
        boolean moves = dose instanceof Dose.Movement || dose instanceof Reps;
        List<Declared<At, Step>> fields = new ArrayList<>(List.of(SETTING_UP, CUEING, BREATH));
        if (at.shown() != null) fields.add(0, WAY);
        fields.add(USE);
        fields.add(moves ? PACE : HOLD);
        return fields.stream().map(field -> field.captioned(at, refusal)).toList();
    }

    /** The dose of every level. */
    public static List<Captioned> levels(At at, Refusal refusal) {
        return Stream.of(Level.values()).map(level -> level(at, level, refusal)).toList();
    }

    private static Captioned level(At at, Level level, Refusal refusal) {
        At there = new At(at.step(), at.flow(), at.catalogue(), level, at.baseLine());
        Field dose = DOSE.of(there).atLevel(level.name()).labelled("Dose for " + level.word());
        return new Captioned(level.word(), List.of(dose.inPanel().orRefused(refusal)));
    }

    /** What changes in some rounds or levels, as lines. */
    public static List<Captioned> changes(At at, NodeText text, Refusal refusal) {
        String hint = at.flow() != null
                ? "one a line, such as “round 2: high lunge”"
                : "one a line, such as “advanced: 8 breaths”";
        TextFields.At lines = new TextFields.At(at.step(), at.flow(), text);
        return List.of(
                new Captioned(hint, TextFields.LINES.captioned(lines, refusal).fields()));
    }

    public static List<Captioned> words(At at, Refusal refusal) {
        return Stream.concat(Stream.of(SAY.captioned(at, refusal)), MARKS.captioned(at, refusal))
                .toList();
    }
}
