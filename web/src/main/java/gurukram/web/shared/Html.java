package gurukram.web.shared;

import org.springframework.web.util.HtmlUtils;

/**
 * Markup written by hand, for the few parts of a page that stand on it by the hundred: as templates with a dozen
 * expressions each they took most of an answer's time. All that is given is escaped.
 */
public final class Html {
    private final StringBuilder html = new StringBuilder(1_000);
    private boolean open;

    /** Begins an element; {@link #attribute} may follow. */
    public Html element(String name) {
        closeTag();
        html.append('<').append(name);
        open = true;
        return this;
    }

    public Html element(String name, String css) {
        return element(name).attribute("class", css);
    }

    /** An attribute of the element just begun. */
    public Html attribute(String name, String value) {
        html.append(' ')
                .append(name)
                .append("=\"")
                .append(HtmlUtils.htmlEscape(value))
                .append('"');
        return this;
    }

    public Html attributeIf(boolean has, String name, String value) {
        return has ? attribute(name, value) : this;
    }

    public Html text(String text) {
        closeTag();
        html.append(HtmlUtils.htmlEscape(text));
        return this;
    }

    public Html end(String name) {
        closeTag();
        html.append("</").append(name).append('>');
        return this;
    }

    /** An element with nothing but text; nothing at all when there is none. */
    public Html words(String name, String css, String text) {
        return text.isEmpty() ? this : element(name, css).text(text).end(name);
    }

    /** Markup that was made here before. */
    public Html markup(String made) {
        closeTag();
        html.append(made);
        return this;
    }

    private void closeTag() {
        if (open) html.append('>');
        open = false;
    }

    @Override
    public String toString() {
        closeTag();
        return html.toString();
    }
}
