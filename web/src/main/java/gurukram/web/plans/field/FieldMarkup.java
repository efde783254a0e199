package gurukram.web.plans.field;

import gurukram.web.shared.Html;

/** A field as markup: a box or a list that sends its value as soon as it is changed. */
public final class FieldMarkup {
    private final Html html = new Html();
    private final Field field;

    private FieldMarkup(Field field) {
        this.field = field;
    }

    public static String of(Field field) {
        FieldMarkup markup = new FieldMarkup(field);
        markup.write();
        return markup.html.toString();
    }

    private void write() {
        boolean wrong = !field.error().isEmpty();
        html.element("span", wrong ? "edit wrong" : "edit").attribute("id", field.id() + "-edit");
        html.words("span", "before", field.before());
        if (field.isChoice()) select();
        else if (field.isTick()) tick();
        else if (field.rows() > 0) lines();
        else input();
        html.words("span", "after", field.after());
        if (wrong) {
            html.element("span", "fault")
                    .attribute("role", "alert")
                    .attribute("id", field.id() + "-error")
                    .text(field.error())
                    .end("span");
        }
        html.end("span");
    }

    /** Of a long list only the choice made is written; the page fills in the others, which it has once, when it is opened. */
    private void select() {
        html.element("select");
        common();
        html.attributeIf(!field.list().isEmpty(), "data-list", field.list());
        for (Field.Option option : field.options()) {
            boolean chosen = option.value().equals(field.value());
            if (!chosen && !field.list().isEmpty()) continue;
            html.element("option")
                    .attribute("value", option.value())
                    .attributeIf(chosen, "selected", "selected")
                    .text(option.words())
                    .end("option");
        }
        html.end("select");
    }

    private void tick() {
        html.element("input")
                .attribute("type", "checkbox")
                .attributeIf(field.value().equals("yes"), "checked", "checked");
        common();
        html.text("");
    }

    private void input() {
        nudge("-1", "−");
        html.element("input", field.isNumber() ? "number" : field.isAmount() ? "amount" : "words")
                .attribute("type", "text")
                .attribute("autocomplete", "off")
                .attribute("value", field.value())
                .attribute("size", String.valueOf(field.width()))
                .attribute("placeholder", field.isNumber() ? "auto" : field.label());
        html.attributeIf(field.isNumber(), "inputmode", "decimal");
        common();
        html.text("");
        nudge("1", "+");
    }

    private void lines() {
        html.element("textarea", "words")
                .attribute("spellcheck", "false")
                .attribute("rows", String.valueOf(field.rows()))
                .attribute("cols", String.valueOf(field.width()));
        common();
        html.markup("\n").text(field.value()).end("textarea");
    }

    private void common() {
        html.attribute("id", field.id())
                .attribute("name", "value")
                .attribute("data-node", field.node())
                .attribute("data-field", field.name())
                .attributeIf(!field.level().isEmpty(), "data-of", field.level())
                .attribute("aria-label", field.label());
        if (field.error().isEmpty()) return;
        html.attribute("aria-invalid", "true").attribute("aria-describedby", field.id() + "-error");
    }

    private void nudge(String by, String sign) {
        if (!field.isNumber() && !field.isAmount()) return;
        html.element("button", "nudge")
                .attribute("type", "button")
                .attribute("tabindex", "-1")
                .attribute("aria-hidden", "true")
                .attribute("data-nudge", by)
                .text(sign)
                .end("button");
    }
}
