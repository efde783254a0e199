package gurukram.web.plans.spine;

import gurukram.web.drawing.SpineBar;
import gurukram.web.plans.field.FieldMarkup;
import gurukram.web.plans.findings.FindingsPanel;
import gurukram.web.plans.findings.RowMark;
import gurukram.web.shared.Html;

/** A row of the spine as markup: a row of a tree grid, its cells in the order of its head. */
public final class RowMarkup {
    private static final String CELL = "gridcell";

    private RowMarkup() {}

    /**
     * @param mark that there is something to look at in it
     * @param at when it begins, as it is shown; {@code clock} by the clock on the wall, empty when that does not matter
     */
    public static String of(Row row, RowMark mark, String at, String clock) {
        Html html = new Html();
        if (row instanceof Row.SectionRow section) section(html, section, mark, at, clock);
        else if (row instanceof Row.FlowRow flow) flow(html, flow, mark, at, clock);
        else if (row instanceof Row.LinkRow link) link(html, link, mark, at, clock);
        else if (row instanceof Row.StepRow step) step(html, step, mark, at, clock);
        return html.end("div").toString();
    }

    private static void begin(
            Html html, Row row, RowMark mark, String css, int level, String label, String at, String clock) {
        html.element("div", "entry " + css)
                .attribute("role", "row")
                .attribute("tabindex", "-1")
                .attribute("id", "row-" + row.id())
                .attribute("data-row", row.id())
                .attribute("data-name", row.name())
                .attribute("aria-level", String.valueOf(level))
                .attribute("aria-selected", "false")
                .attribute("aria-label", label)
                .attributeIf(row.locked(), "data-locked", "yes");
        if (row instanceof Row.FlowRow || row instanceof Row.SectionRow) html.attribute("aria-expanded", "true");
        cell(html, "at num");
        if (!mark.isNone()) html.markup(mark(row.id(), mark));
        html.words("span", "elapsed", at);
        html.element("span", "clock").text(clock).end("span").end("span");
    }

    private static Html cell(Html html, String css) {
        return html.element("span", css).attribute("role", CELL);
    }

    private static void section(Html html, Row.SectionRow row, RowMark mark, String at, String clock) {
        begin(html, row, mark, "section-row", 1, "Section " + row.name() + ", " + row.length(), at, clock);
        cell(html, "lanes knot").end("span");
        cell(html, "what").element("h2").text(row.name()).end("h2");
        html.words("span", "role", row.role()).words("span", "role", row.cueing());
        html.words("span", "hint", row.empty() ? "nothing here yet" : "").end("span");
        cell(html, "length num")
                .text(row.length())
                .element("small")
                .text(row.share())
                .end("small")
                .end("span");
        more(html, row);
    }

    private static void flow(Html html, Row.FlowRow row, RowMark mark, String at, String clock) {
        begin(html, row, mark, "flow-row", 2, row.name() + ", " + row.counts() + ", " + row.length(), at, clock);
        lanes(html, row.bar(), null);
        cell(html, "what bracket bracket-top").element("span", "flow-line");
        fold(html, row);
        html.element("span", "flow-name").markup(FieldMarkup.of(row.title())).end("span");
        row.fields().forEach(field -> html.markup(FieldMarkup.of(field)));
        html.end("span")
                .element("span", "under")
                .words("span", "counts", row.counts())
                .words("span", "how", row.how());
        html.words("span", "feet", row.feet())
                .words("span", "flags", row.flags())
                .end("span");
        row.impossible().forEach(why -> html.words("span", "fault", why));
        if (!row.rounds().isEmpty()) rounds(html, row);
        html.words("span", "hint", row.empty() ? "type its first step below" : "")
                .end("span");
        cell(html, "length num").text(row.length()).end("span");
        more(html, row);
    }

    private static void fold(Html html, Row.FlowRow row) {
        html.element("button", "fold")
                .attribute("type", "button")
                .attribute("tabindex", "-1")
                .attribute("data-fold", row.id())
                .attribute("aria-label", "Fold or unfold " + row.name())
                .attribute("title", "fold or unfold (F)")
                .text("▾")
                .end("button");
    }

    /** The strip on which each round says what it is. */
    private static void rounds(Html html, Row.FlowRow row) {
        html.element("span", "rounds").attribute("role", "group").attribute("aria-label", "Rounds of " + row.name());
        for (Row.RoundCell cell : row.rounds()) {
            html.element("span", "round mode-" + cell.mode())
                    .element("b")
                    .text(cell.rounds())
                    .end("b");
            html.words("span", "round-mode", cell.mode()).words("span", "round-pace num", cell.pace());
            cell.changes().forEach(change -> html.words("span", "round-change", change));
            html.end("span");
        }
        html.end("span");
    }

    private static void link(Html html, Row.LinkRow row, RowMark mark, String at, String clock) {
        begin(html, row, mark, "link-row", 3, row.name(), at, clock);
        cell(html, "lanes").end("span");
        cell(html, "what bracket").words("span", "link-words", row.name()).end("span");
        cell(html, "length").end("span");
        more(html, row);
    }

    private static void step(Html html, Row.StepRow row, RowMark mark, String at, String clock) {
        boolean inside = !row.in().equals("section");
        String css = "step-row in-" + row.in() + (row.lines().isEmpty() ? "" : " mixed-row");
        begin(html, row, mark, css, inside ? 3 : 2, row.name() + ", " + row.length(), at, clock);
        lanes(html, row.bar(), row.figures());
        String bracket = !inside ? "" : row.ends() ? " bracket bracket-end" : " bracket";
        cell(html, "what" + bracket);
        html.element("span", "pose-name").text(row.name()).end("span");
        under(html, row);
        html.end("span");
        if (row.lines().isEmpty()) amounts(html, row);
        else levels(html, row);
        cell(html, "length num")
                .attribute("title", row.sum())
                .text(row.length())
                .end("span");
        more(html, row);
    }

    private static void under(Html html, Row.StepRow row) {
        if (row.under().isEmpty()) return;
        html.element("span", row.sanskrit() ? "under sanskrit" : row.differs() ? "under differs" : "under marks")
                .attributeIf(row.sanskrit(), "lang", "sa-Latn")
                .attributeIf(!row.sanskrit(), "title", row.under())
                .text(row.under())
                .end("span");
    }

    private static void amounts(Html html, Row.StepRow row) {
        cell(html, "dose");
        if (!row.breath().isEmpty()) {
            html.element("svg", "breath")
                    .attribute("viewBox", "0 0 20 20")
                    .attribute("aria-hidden", "true")
                    .element("use")
                    .attribute("href", "#breath-" + row.breath())
                    .end("use")
                    .end("svg");
        }
        html.markup(FieldMarkup.of(row.dose())).end("span");
        cell(html, "side");
        if (row.sides() != null) html.markup(FieldMarkup.of(row.sides()));
        html.end("span");
    }

    private static void levels(Html html, Row.StepRow row) {
        cell(html, "level-lines");
        for (Row.LevelLine line : row.lines()) {
            html.element("span", "level-line" + (line.over() ? " over" : ""));
            html.element("b").text(line.level().substring(0, 1).toUpperCase()).end("b");
            html.markup(FieldMarkup.of(line.dose()));
            html.words("span", "level-pose", line.pose()).words("span", "level-fits num", line.fits());
            html.end("span");
        }
        html.end("span");
    }

    private static void lanes(Html html, SpineBar bar, Row.Hung figures) {
        cell(html, "lanes");
        html.element("svg", "mats")
                .attribute("viewBox", SpineBar.VIEW)
                .attribute("preserveAspectRatio", "none")
                .attribute("aria-hidden", "true")
                .markup(bar.shapes())
                .end("svg");
        if (figures != null) {
            figure(html, "fig fig-left", figures.left());
            figure(html, "fig fig-centre", figures.centre());
            figure(html, "fig fig-right", figures.right());
        }
        html.words("span", "visually-hidden", bar.words()).end("span");
    }

    private static void figure(Html html, String css, String address) {
        if (address.isEmpty()) return;
        html.element("img", css)
                .attribute("src", address)
                .attribute("alt", "")
                .attribute("width", "48")
                .attribute("height", "48")
                .attribute("loading", "lazy")
                .text("");
    }

    /** The handle: dragged it moves the row, pressed it opens all there is about it. */
    private static void more(Html html, Row row) {
        cell(html, "handle");

        html.element("button", "grip")
                .attribute("type", "button")
                .attribute("tabindex", "-1")
                .attribute("data-grip", row.id())
                .attribute("aria-label", "All about " + row.name())
                .attribute("title", "all about it (.), or drag to move")
                .text("")
                .end("button")
                .end("span");
    }

    /** That there is something to look at: its weight by shape and word, its first sentence for those who ask. */
    public static String mark(String row, RowMark mark) {
        return new Html()
                .element("button", "row-mark " + FindingsPanel.css(mark.severity()))
                .attribute("type", "button")
                .attribute("tabindex", "-1")
                .attribute("data-open-panel", row)
                .attribute("aria-label", mark.said())
                .attribute("title", mark.said())
                .text("")
                .end("button")
                .toString();
    }
}
