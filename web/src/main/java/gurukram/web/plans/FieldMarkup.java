package gurukram.web.plans;

import org.springframework.web.util.HtmlUtils;

/**
 * A field as markup. Some two hundred stand on a class page; as a template with its dozen expressions each they took
 * most of an answer's time, so this one part is written here.
 */
final class FieldMarkup {
    private final StringBuilder html = new StringBuilder(600);
    private final Field field;

    private FieldMarkup(Field field) {
        this.field = field;
    }

    /** @param changeUrl where the value is sent */
    static String of(Field field, String changeUrl) {
        FieldMarkup markup = new FieldMarkup(field);
        markup.write(changeUrl);
        return markup.html.toString();
    }

    private void write(String changeUrl) {
        boolean wrong = !field.error().isEmpty();
        html.append("<span class=\"edit").append(wrong ? " wrong" : "").append('"');
        attribute("id", field.id() + "-edit");
        html.append('>');
        words("before", field.before());
        if (field.isChoice()) select(changeUrl);
        else if (field.rows() > 0) lines(changeUrl);
        else input(changeUrl);
        words("after", field.after());
        if (wrong) {
            html.append("<span class=\"fault\" role=\"alert\"");
            attribute("id", field.id() + "-error");
            html.append('>').append(HtmlUtils.htmlEscape(field.error())).append("</span>");
        }
        html.append("</span>");
    }

    private void select(String changeUrl) {
        html.append("<select");
        common(changeUrl);
        html.append('>');
        for (Field.Option option : field.options()) {
            html.append("<option");
            attribute("value", option.value());
            if (option.value().equals(field.value())) html.append(" selected=\"selected\"");
            html.append('>').append(HtmlUtils.htmlEscape(option.words())).append("</option>");
        }
        html.append("</select>");
    }

    private void input(String changeUrl) {
        nudge("-1", "−");
        html.append("<input type=\"text\" autocomplete=\"off\"");
        attribute("class", field.isNumber() ? "number" : "words");
        attribute("value", field.value());
        attribute("size", String.valueOf(field.width()));
        attribute("placeholder", field.isNumber() ? "auto" : field.label());
        if (field.isNumber()) attribute("inputmode", "decimal");
        common(changeUrl);
        html.append('>');
        nudge("1", "+");
    }

    private void lines(String changeUrl) {
        html.append("<textarea class=\"words\" spellcheck=\"false\"");
        attribute("rows", String.valueOf(field.rows()));
        attribute("cols", String.valueOf(field.width()));
        common(changeUrl);
        html.append(">\n").append(HtmlUtils.htmlEscape(field.value())).append("</textarea>");
    }

    private void common(String changeUrl) {
        attribute("id", field.id());
        attribute("name", "value");
        attribute("hx-post", changeUrl);
        attribute("hx-trigger", "change");
        attribute("data-node", field.node());
        attribute("data-field", field.name());
        attribute("aria-label", field.label());
        if (field.error().isEmpty()) return;
        attribute("aria-invalid", "true");
        attribute("aria-describedby", field.id() + "-error");
    }

    private void nudge(String by, String sign) {
        if (!field.isNumber()) return;
        html.append("<button type=\"button\" class=\"nudge\" tabindex=\"-1\" aria-hidden=\"true\"");
        attribute("data-nudge", by);
        html.append('>').append(sign).append("</button>");
    }

    private void words(String place, String words) {
        if (words.isEmpty()) return;
        html.append("<span class=\"")
                .append(place)
                .append("\">")
                .append(HtmlUtils.htmlEscape(words))
                .append("</span>");
    }

    private void attribute(String name, String value) {
        html.append(' ')
                .append(name)
                .append("=\"")
                .append(HtmlUtils.htmlEscape(value))
                .append('"');
    }
}
