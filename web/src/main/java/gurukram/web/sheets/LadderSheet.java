package gurukram.web.sheets;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PropUse;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;

/** A ladder as a sheet. */
public record LadderSheet(String name, String back, String wayOut, List<Rung> rungs) {
    /** @param classes how many good classes running before the next */
    public record Rung(
            int number,
            String figure,
            String pose,
            String does,
            String dose,
            String ready,
            String props,
            String with,
            int classes,
            List<String> stages) {}

    /** @param figures by pose and side, as SVG */
    static LadderSheet of(Ladder ladder, PoseCatalogue catalogue, BinaryOperator<String> figures) {
        List<Rung> rungs = new ArrayList<>();
        for (Ladder.Rung rung : ladder.rungs()) {
            int number = rungs.size() + 1;
            rungs.add(new Rung(
                    number,
                    rung.pose() == null ? "" : figures.apply(rung.pose(), null),
                    rung.pose() == null ? "" : catalogue.pose(rung.pose()).name(),
                    rung.does(),
                    rung.dose().toString(),
                    rung.ready(),
                    rung.props().stream().map(LadderSheet::prop).collect(Collectors.joining(", ")),
                    rung.with().words(),
                    ladder.classesOn(number),
                    rung.stages()));
        }
        return new LadderSheet(ladder.name(), ladder.back(), ladder.wayOut(), rungs);
    }

    private static String prop(PropUse use) {
        return use.number() == 1 ? use.prop() : Words.count(use.number(), use.prop());
    }
}
