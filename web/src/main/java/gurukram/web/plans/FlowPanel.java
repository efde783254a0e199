package gurukram.web.plans;

import static gurukram.web.plans.Panel.captioned;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowPace;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides.Leads;
import gurukram.core.plan.FlowSides.Turn;
import gurukram.core.plan.Mode;
import gurukram.core.plan.Names;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.plans.Field.Option;
import gurukram.web.plans.Panel.Captioned;
import gurukram.web.plans.Panel.Group;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** All there is about a flow: how its rounds are counted, meet and differ. */
final class FlowPanel {
    /** Rounds with fields of their own; those behind them are changed as text. */
    private static final int MOST_ROUNDS = 12;

    private static final int WIDE = 34;
    private static final List<Option> MODES = Arrays.stream(Mode.values())
            .map(mode -> new Option(mode.name(), mode.word()))
            .toList();
    private static final List<Option> TURNS = List.of(
            new Option(Turn.NONE.name(), "the same each time"),
            new Option(Turn.BY_ROUND.name(), "changes from round to round"),
            new Option(Turn.BY_CLASS.name(), "changes from class to class"));
    private static final List<Option> LEADS = List.of(
            new Option(Leads.ALTERNATING.name(), "sides take turns"),
            new Option(Leads.ALWAYS_FIRST.name(), "always the first side"));

    private final Flow flow;
    private final String id;
    private final Refusal refusal;

    private FlowPanel(Flow flow, Refusal refusal) {
        this.flow = flow;
        this.id = flow.id().value();
        this.refusal = refusal;
    }

    static Panel of(Flow flow, Score score, PoseCatalogue catalogue, Refusal refusal) {
        FlowPanel panel = new FlowPanel(flow, refusal);
        NodeText text = new NodeText(catalogue, Names.numbers());
        NodeTotal total = score.totals().get(flow.id());
        String name = flow.settings().name();
        List<Captioned> words = new ArrayList<>(MarkFields.words(flow.texts(), panel.id, refusal));
        words.addAll(MarkFields.marks(flow.marks(), panel.id, refusal));
        return new Panel(
                "flow",
                panel.id,
                name.isEmpty() ? "Flow" : name,
                total == null ? "0:00" : Millis.show(total.lengthMs()) + " = " + StepRows.sum(total),
                List.of(
                        new Group("Rounds and sides", true, panel.sides()),
                        new Group("Round by round", true, panel.rounds()),
                        new Group("Words and marks", false, words),
                        new Group("As text", false, panel.text(text))),
                null);
    }

    private Captioned choice(String caption, String field, String value, List<Option> options) {
        return captioned(caption, Field.choice(id, field, value, caption, options), refusal);
    }

    private List<Captioned> sides() {
        FlowSettings s = flow.settings();
        List<Captioned> fields = new ArrayList<>();
        fields.add(captioned("Rounds", Field.number(id, "rounds", s.rounds(), "Rounds", "", ""), refusal));
        fields.add(choice("A round", "counting", s.counting().name(), Lists.COUNTING));
        if (s.hasSides()) {
            fields.add(choice("Order", "order", s.sides().order().name(), Lists.ORDER));
            fields.add(choice("First side", "first", s.sides().first().name(), Lists.FIRST));
            fields.add(choice("The first side", "turn", s.sides().turn().name(), TURNS));
            fields.add(choice("In one-sided rounds", "leads", s.sides().leads().name(), LEADS));
        }
        String join = s.join().words();
        String atEnd = s.roundJoin() == null ? "" : s.roundJoin().words();
        List<Option> ends = new ArrayList<>(List.of(new Option("", "as everywhere")));
        ends.addAll(Lists.with(atEnd, Lists.JOINS).stream()
                .filter(o -> !o.value().isEmpty())
                .toList());
        fields.add(choice("Passes meet", "join", join, Lists.with(join, Lists.JOINS)));
        fields.add(choice("Where a round ends", "round-join", atEnd, ends));
        return fields;
    }

    private List<Captioned> rounds() {
        FlowPace pace = flow.settings().pace();
        List<Captioned> fields = new ArrayList<>();
        String all = pace.positionMillis() == null ? "" : Millis.seconds(pace.positionMillis());
        fields.add(captioned(
                "Pace of all rounds; empty is your own",
                Field.number(id, "position", all, "Seconds a position", "", "s a position"),
                refusal));
        int rounds = Math.min(MOST_ROUNDS, flow.settings().rounds());
        for (int round = 1; round <= rounds; round++) {
            Integer typed = pace.byRound().isEmpty() ? null : pace.positionMillisIn(round);
            Field mode = Field.choice(id, "mode-" + round, pace.modeIn(round).name(), "Mode of round " + round, MODES);
            Field seconds = Field.number(
                    id,
                    "pace-" + round,
                    typed == null ? "" : Millis.seconds(typed),
                    "Seconds a position in round " + round,
                    "",
                    "s");
            List<Field> both =
                    List.of(mode.inPanel().orRefused(refusal), seconds.inPanel().orRefused(refusal));
            fields.add(new Captioned("Round " + round, both));
        }
        return fields;
    }

    private List<Captioned> text(NodeText text) {
        return List.of(
                captioned(
                        "The flow’s line",
                        Field.text(id, FieldEdit.LINE, text.line(flow), "The flow’s line as text", WIDE),
                        refusal),
                captioned(
                        "Notes and marks, one a line",
                        Field.lines(
                                id, FieldEdit.LINES, text.lines(flow), "Notes and marks of the flow, one a line", ""),
                        refusal));
    }
}
