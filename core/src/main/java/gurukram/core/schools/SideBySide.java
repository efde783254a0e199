package gurukram.core.schools;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Ways of a salutation side by side, position by position, and what each comes to. None of them is the right one.
 *
 * @param columns in the order asked for
 * @param rows position by position; a column that is shorter has nothing in the last ones
 */
public record SideBySide(List<Column> columns, List<Row> rows) {
    /** More than these nobody can compare at a look. */
    public static final int MOST = 4;

    /** What may be compared: a way of a list, or a flow of one's own. @param own null for the list the way names */
    public record Asked(String title, Way way, @Nullable Flow own) {}

    /** @param sums of all the rounds */
    public record Column(Asked asked, Sums sums, List<Cell> cells) {}

    /**
     * One position of a column.
     *
     * @param front the foot in front in the first half, {@code other} in the second; null where they are side by side
     * @param breath {@code in}, {@code out then in}
     */
    public record Cell(
            String pose,
            String breath,
            @Nullable Side front,
            @Nullable Side other) {}

    /**
     * One position of all columns; what differs is not the same in all of them.
     *
     * @param n from 1
     * @param cells null where a column has no such position
     */
    public record Row(
            int n, List<@Nullable Cell> cells, boolean poseDiffers, boolean breathDiffers, boolean frontDiffers) {
        public boolean differs() {
            return poseDiffers || breathDiffers || frontDiffers;
        }
    }

    public SideBySide {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** The positions at which they are not all alike. */
    public List<Integer> differing() {
        return rows.stream().filter(Row::differs).map(Row::n).toList();
    }

    /**
     * @param settings how many rounds, and at which pace; the rest is as each way says
     */
    public static SideBySide of(List<Asked> asked, FlowSettings settings, PoseCatalogue catalogue, Unfolder unfolder) {
        List<Column> columns = asked.stream()
                .map(one -> column(one, settings, catalogue, unfolder))
                .toList();
        List<Row> rows = new ArrayList<>();
        int most =
                columns.stream().mapToInt(column -> column.cells().size()).max().orElse(0);
        for (int i = 0; i < most; i++) {
            List<@Nullable Cell> cells = new ArrayList<>();
            for (Column column : columns)
                cells.add(i < column.cells().size() ? column.cells().get(i) : null);
            rows.add(new Row(
                    i + 1,
                    cells,
                    differ(cells, Cell::pose),
                    differ(cells, Cell::breath),
                    differ(cells, cell -> Optional.ofNullable(cell.front()))
                            || differ(cells, cell -> Optional.ofNullable(cell.other()))));
        }
        return new SideBySide(columns, rows);
    }

    private static boolean differ(List<@Nullable Cell> cells, Function<Cell, Object> what) {
        return cells.stream()
                        .map(cell -> cell == null ? Optional.empty() : Optional.of(what.apply(cell)))
                        .distinct()
                        .count()
                > 1;
    }

    private static Column column(Asked asked, FlowSettings settings, PoseCatalogue catalogue, Unfolder unfolder) {
        Way way = asked.way();
        LegRule legs = way.legs() == null ? LegRule.RETURNING : way.legs();
        FlowSides sides = settings.sides()
                .with(way.round() == null ? FlowSides.Counting.BOTH_SIDES : way.round())
                .with(way.first() == null ? Side.RIGHT : way.first());
        Join join = way.join() == null ? new Join.Separate() : way.join();
        FlowSettings as = settings.with(sides).withJoins(join, null);
        Flow flow = asked.own() == null
                ? new TwelvePositions(catalogue, NodeNames.numbers())
                        .flow(Objects.requireNonNullElse(way.list(), "a"), legs, as)
                : own(asked.own(), way, as, catalogue);
        Sums sums = Sums.of(score(flow, unfolder), catalogue);
        // both halves of one round, whatever a round is called
        FlowSettings once =
                as.withRounds(1).with(sides.with(FlowSides.Counting.BOTH_SIDES)).withJoins(new Join.Separate(), null);
        Score one = score(flow.with(once), unfolder);
        List<Cell> first = cells(one, 1);
        List<Cell> second = cells(one, 2);
        List<Cell> both = new ArrayList<>();
        for (int i = 0; i < first.size(); i++) {
            Cell cell = first.get(i);
            Side other = i < second.size() ? second.get(i).front() : null;
            both.add(new Cell(cell.pose(), cell.breath(), cell.front(), other));
        }
        return new Column(asked, sums, List.copyOf(both));
    }

    /** A flow of one's own as it is written; only what the way says is changed. */
    private static Flow own(Flow flow, Way way, FlowSettings as, PoseCatalogue catalogue) {
        Flow set = flow.with(as.withName(flow.settings().name()));
        return way.legs() == null ? set : new Salutation(catalogue).under(way.legs(), set);
    }

    private static Score score(Flow flow, Unfolder unfolder) {
        Section section =
                Section.of(new NodeId("compared"), SectionRole.SALUTATIONS).withChildren(List.of(flow));
        return unfolder.unfold(
                ClassPlan.of(ClassSettings.of("Compared", 30, Style.HATHA, Level.BEGINNER), section), Level.BEGINNER);
    }

    private static List<Cell> cells(Score score, int pass) {
        Map<Integer, List<Moment>> positions = new TreeMap<>();
        for (Moment moment : score.moments())
            if (Integer.valueOf(pass).equals(moment.pass()) && moment.pose() != null && moment.position() != null)
                positions
                        .computeIfAbsent(moment.position(), n -> new ArrayList<>())
                        .add(moment);
        return positions.values().stream().map(SideBySide::cell).toList();
    }

    private static Cell cell(List<Moment> moments) {
        Moment first = moments.get(0);
        String breath = moments.stream()
                .map(moment -> moment.breaths() == null ? said(moment) : moment.breaths() + " breaths")
                .collect(Collectors.joining(" then "));
        return new Cell(Objects.requireNonNull(first.pose()), breath, first.side(), null);
    }

    private static String said(Moment moment) {
        String word =
                moment.breath() == Breath.FREE ? "natural" : moment.breath().word();
        return moment.continued() ? word + ", goes on" : word;
    }
}
