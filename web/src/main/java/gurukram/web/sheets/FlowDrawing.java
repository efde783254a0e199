package gurukram.web.sheets;

import gurukram.web.teach.Script;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BinaryOperator;
import org.springframework.web.util.HtmlUtils;

/** The figures of a flow in a row, with their names and their breath. */
final class FlowDrawing {
    private static final int CELL = 130;
    private static final int FIGURE = 110;
    private static final int HEIGHT = 170;

    private FlowDrawing() {}

    /** One pass of its last round, as that has everything. Empty when there is no such flow. */
    static Optional<String> of(Script script, String flow, BinaryOperator<String> figures) {
        List<Script.Line> lines = script.moments().stream()
                .filter(line -> line.flow() != null && line.flow().id().equals(flow))
                .toList();
        if (lines.isEmpty()) return Optional.empty();
        Script.Flowing last = lines.get(lines.size() - 1).flow();
        List<Script.Line> pass = lines.stream()
                .filter(line -> line.flow().round() == last.round()
                        && Objects.equals(line.flow().pass(), last.pass()))
                .toList();
        StringBuilder svg = new StringBuilder();
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$d\" height=\"%2$d\" viewBox=\"0 0 %1$d %2$d\">"
                .formatted(CELL * pass.size(), HEIGHT));
        svg.append("<title>").append(HtmlUtils.htmlEscape(last.name())).append("</title>");
        for (int i = 0; i < pass.size(); i++) {
            Script.Line line = pass.get(i);
            if (line.pose() != null)
                svg.append(figures.apply(line.pose(), line.side())
                        .replaceFirst(
                                "width=\"100\" height=\"100\"",
                                "x=\"%d\" y=\"0\" width=\"%2$d\" height=\"%2$d\""
                                        .formatted(CELL * i + (CELL - FIGURE) / 2, FIGURE)));
            text(svg, CELL * i + CELL / 2, FIGURE + 20, 700, line.name());
            text(svg, CELL * i + CELL / 2, FIGURE + 38, 400, line.breath() == null ? line.amount() : line.breath());
        }
        return Optional.of(svg.append("</svg>").toString());
    }

    private static void text(StringBuilder svg, int x, int y, int weight, String words) {
        svg.append(
                        "<text x=\"%d\" y=\"%d\" text-anchor=\"middle\" font-family=\"sans-serif\" font-size=\"13\" font-weight=\"%d\" fill=\"#10272b\">"
                                .formatted(x, y, weight))
                .append(HtmlUtils.htmlEscape(words))
                .append("</text>");
    }
}
