package gurukram.web.schools;

import gurukram.core.body.Side;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.schools.SideBySide;
import gurukram.core.schools.SideBySide.Cell;
import gurukram.core.schools.Sums;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Figures;
import java.util.ArrayList;
import java.util.List;

/**
 * What the page shows.
 *
 * @param titles of the columns
 * @param rows position by position
 * @param sums what each comes to, line by line
 */
public record SchoolsPage(List<String> titles, List<Row> rows, List<SumRow> sums, String told) {
    /** @param differs whether the columns are not alike here */
    public record Row(int n, List<Shown> cells, boolean differs) {}

    /**
     * One position of a column; all empty where it has none.
     *
     * @param figure in the first half, {@code otherFigure} in the second
     * @param front {@code right in front} in the first half, {@code otherFront} in the second; empty where the feet are side by side
     */
    public record Shown(
            String name,
            String breath,
            String front,
            String otherFront,
            String figure,
            String otherFigure,
            boolean poseDiffers,
            boolean breathDiffers,
            boolean frontDiffers) {}

    /** @param differs whether the columns are not alike */
    public record SumRow(String what, List<String> values, boolean differs) {}

    static SchoolsPage of(SideBySide beside, PoseCatalogue catalogue) {
        List<Row> rows = new ArrayList<>();
        for (SideBySide.Row row : beside.rows()) {
            List<Shown> cells = new ArrayList<>();
            for (Cell cell : row.cells()) cells.add(shown(row, cell, catalogue));
            rows.add(new Row(row.n(), cells, row.differs()));
        }
        List<Sums> sums = beside.columns().stream().map(SideBySide.Column::sums).toList();
        List<SumRow> lines = new ArrayList<>();
        line(lines, "Passes", sums.stream().map(one -> "" + one.passes()).toList());
        line(lines, "Positions", sums.stream().map(one -> "" + one.positions()).toList());
        line(
                lines,
                "Half-breaths",
                sums.stream().map(one -> "" + one.halfBreaths()).toList());
        line(lines, "How long", sums.stream().map(one -> Millis.show(one.ms())).toList());
        line(
                lines,
                "Lunges, right : left leg in front",
                sums.stream()
                        .map(one ->
                                one.right().frontLunges() + " : " + one.left().frontLunges())
                        .toList());
        line(
                lines,
                "First back, right : left foot",
                sums.stream()
                        .map(one ->
                                one.right().firstBacks() + " : " + one.left().firstBacks())
                        .toList());
        line(
                lines,
                "First forward, right : left foot",
                sums.stream()
                        .map(one ->
                                one.right().firstForwards() + " : " + one.left().firstForwards())
                        .toList());
        return new SchoolsPage(
                beside.columns().stream().map(column -> column.asked().title()).toList(),
                rows,
                lines,
                told(beside.differing()));
    }

    private static String told(List<Integer> differing) {
        if (differing.isEmpty()) return "They are alike in every position.";
        String places =
                String.join(", ", differing.stream().map(String::valueOf).toList());
        return (differing.size() == 1 ? "They differ at position " : "They differ at positions ") + places + ".";
    }

    private static void line(List<SumRow> lines, String what, List<String> values) {
        lines.add(new SumRow(what, values, values.stream().distinct().count() > 1));
    }

    private static Shown shown(SideBySide.Row row, Cell cell, PoseCatalogue catalogue) {
        if (cell == null)
            return new Shown("", "", "", "", "", "", row.poseDiffers(), row.breathDiffers(), row.frontDiffers());
        var pose = catalogue.pose(cell.pose());
        return new Shown(
                pose.name(),
                cell.breath(),
                front(cell.front()),
                front(cell.other()),
                Figures.small(pose, cell.front()),
                Figures.small(pose, cell.other()),
                row.poseDiffers(),
                row.breathDiffers(),
                row.frontDiffers());
    }

    private static String front(Side side) {
        return side == null ? "" : side.word() + " in front";
    }
}
