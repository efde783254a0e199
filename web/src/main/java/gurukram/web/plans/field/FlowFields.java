package gurukram.web.plans.field;

import gurukram.core.body.Side;
import gurukram.core.notation.NodeText;
import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.FlowSides.Turn;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.time.Millis;
import gurukram.web.shared.Typed;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The fields of a flow. */
public final class FlowFields {
    /** Rounds with fields of their own; those behind them are changed as text. */
    private static final int MOST_ROUNDS = 12;

    private static final Pattern OF_ROUND = Pattern.compile("([a-z]+)-(\\d{1,3})");
    private static final List<Field.Option> TURNS = List.of(
            new Field.Option(Turn.NONE.name(), "the same each time"),
            new Field.Option(Turn.BY_ROUND.name(), "changes from round to round"),
            new Field.Option(Turn.BY_CLASS.name(), "changes from class to class"));
    private static final List<Field.Option> LEADS = List.of(
            new Field.Option(Leads.ALTERNATING.name(), "sides take turns"),
            new Field.Option(Leads.ALWAYS_FIRST.name(), "always the first side"));

    private static final Fields<Flow, Flow> FIELDS =
            new Fields<>(flow -> flow.id().value());

    public static final Declared<Flow, Flow> NAME = setting(
            "name",
            "Name",
            (flow, f) -> f.text(flow.settings().name(), "Name of the flow", 18),
            FlowSettings::withName);
    public static final Declared<Flow, Flow> ROUNDS = setting(
            "rounds",
            "Rounds",
            (flow, f) -> f.number(flow.settings().rounds(), "Rounds")
                    .between("", flow.settings().rounds() == 1 ? "round" : "rounds"),
            (s, typed) -> s.withRounds(FlowSettings.ROUNDS.parse(typed)));
    public static final Declared<Flow, Flow> COUNTING = setting(
            "counting",
            "A round",
            (flow, f) -> f.choice(flow.settings().counting().name(), "What a round is", Options.COUNTING)
                    .fromList("counting"),
            (s, typed) -> s.with(Typed.named(Counting.class, typed)));
    public static final Declared<Flow, Flow> ORDER = setting(
            "order",
            "Order",
            (flow, f) -> f.choice(flow.settings().sides().order().name(), "Order of the sides", Options.ORDER)
                    .fromList("order"),
            (s, typed) -> s.with(Typed.named(Order.class, typed)));
    public static final Declared<Flow, Flow> FIRST = setting(
            "first",
            "First side",
            (flow, f) -> f.choice(flow.settings().sides().first().name(), "First side", Options.FIRST)
                    .fromList("first"),
            (s, typed) -> s.withFirstSide(Typed.named(Side.class, typed)));
    public static final Declared<Flow, Flow> TURN = setting(
            "turn",
            "The first side",
            (flow, f) -> f.choice(flow.settings().sides().turn().name(), "The first side", TURNS),
            (s, typed) -> s.with(s.sides().with(Typed.named(Turn.class, typed))));
    public static final Declared<Flow, Flow> LEADS_BY = setting(
            "leads",
            "In one-sided rounds",
            (flow, f) -> f.choice(flow.settings().sides().leads().name(), "In one-sided rounds", LEADS),
            (s, typed) -> s.with(s.sides().with(Typed.named(Leads.class, typed))));
    public static final Declared<Flow, Flow> JOIN = setting(
            "join",
            "Passes meet",
            (flow, f) -> {
                String join = flow.settings().join().words();
                return f.choice(join, "How rounds meet", Options.with(join, Options.JOINS))
                        .fromList("joins");
            },
            (s, typed) -> s.withJoins(Join.parse(typed), s.roundJoin()));
    public static final Declared<Flow, Flow> ROUND_JOIN = setting(
            "round-join",
            "Where a round ends",
            (flow, f) -> f.choice(roundJoin(flow.settings()), "Where a round ends", roundJoins(flow.settings())),
            (s, typed) -> s.withJoins(s.join(), typed.isBlank() ? null : Join.parse(typed)));
    public static final Declared<Flow, Flow> POSITION = setting(
            "position",
            "Pace of all rounds; empty is your own",
            (flow, f) -> f.text(
                            words(flow.settings().pace().typed()),
                            "Pace, as in 5 s a position; empty follows yours",
                            18)
                    .between("pace", ""),
            (s, typed) -> s.withPace(pace(typed)));
    static final Declared<Flow, Flow> BREATH = setting(
            "breath",
            "A breath of its holds; empty is yours",
            (flow, f) -> f.text(
                    BreathField.words(flow.settings().school().breaths().activeMillis()),
                    "Seconds a breath in holds",
                    8),
            (s, typed) -> s.with(s.school().with(BreathField.over(s.school().breaths(), typed))));
    private static final MarkFields<Flow, Flow> MARKS = new MarkFields<>(
            FIELDS, new MarkFields.Words<>(Flow::texts, Flow::with), new MarkFields.Marked<>(Flow::marks, Flow::with));

    private FlowFields() {}

    static String words(TypedPace pace) {
        return pace == null ? "" : pace.toString();
    }

    static TypedPace pace(String typed) {
        return typed.isBlank() ? null : TypedPace.parse(typed);
    }

    private static Declared<Flow, Flow> setting(
            String name,
            String caption,
            Declared.Look<Flow> look,
            BiFunction<FlowSettings, String, FlowSettings> write) {
        return FIELDS.declare(name, caption, look, (flow, typed) -> flow.with(write.apply(flow.settings(), typed)));
    }

    static String seconds(Integer millis) {
        return millis == null ? "" : Millis.seconds(millis);
    }

    private static String roundJoin(FlowSettings s) {
        return s.roundJoin() == null ? "" : s.roundJoin().words();
    }

    private static List<Field.Option> roundJoins(FlowSettings s) {
        List<Field.Option> ends = new ArrayList<>(List.of(new Field.Option("", "as everywhere")));
        Options.with(roundJoin(s), Options.JOINS).stream()
                .filter(option -> !option.value().isEmpty())
                .forEach(ends::add);
        return ends;
    }

    /** {@code mode-2} is the mode of the second round. */
    static Flow write(Flow flow, String field, String typed) {
        Matcher of = OF_ROUND.matcher(field);
        if (!of.matches()) return FIELDS.write(flow, field, typed);
        return RoundFields.write(flow, Integer.parseInt(of.group(2)), of.group(1), typed);
    }

    /** What there is to change on the flow's row. */
    public static List<Field> row(Flow flow, Refusal refusal) {
        FlowSettings s = flow.settings();
        List<Declared<Flow, Flow>> fields = new ArrayList<>(List.of(ROUNDS, COUNTING));
        if (s.hasSides()) fields.addAll(List.of(ORDER, FIRST));
        if (s.passes() > 1) fields.add(JOIN);
        fields.add(POSITION);
        return fields.stream().map(field -> field.of(flow).orRefused(refusal)).toList();
    }

    public static List<Captioned> sides(Flow flow, Refusal refusal) {
        List<Declared<Flow, Flow>> fields = new ArrayList<>(List.of(ROUNDS, COUNTING));
        if (flow.settings().hasSides()) fields.addAll(List.of(ORDER, FIRST, TURN, LEADS_BY));
        fields.addAll(List.of(JOIN, ROUND_JOIN));
        return fields.stream().map(field -> field.captioned(flow, refusal)).toList();
    }

    /** The pace of all rounds, then mode and pace of each. */
    public static List<Captioned> rounds(Flow flow, Refusal refusal) {
        List<Captioned> fields = new ArrayList<>();
        fields.add(POSITION.captioned(flow, refusal));
        int rounds = Math.min(MOST_ROUNDS, flow.settings().rounds());
        for (int round = 1; round <= rounds; round++) fields.add(RoundFields.captioned(flow, round, refusal));
        return fields;
    }

    public static List<Captioned> words(Flow flow, Refusal refusal) {
        return MARKS.captioned(flow, refusal).toList();
    }

    public static List<Captioned> text(Flow flow, NodeText text, Refusal refusal) {
        TextFields.At at = new TextFields.At(flow, null, text);
        return List.of(
                TextFields.LINE.captioned(at, refusal),
                new Captioned(
                        "Notes and marks, one a line",
                        TextFields.LINES.captioned(at, refusal).fields()));
    }
}
