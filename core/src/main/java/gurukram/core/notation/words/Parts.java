package gurukram.core.notation.words;

import gurukram.core.text.Span;
import java.util.ArrayList;
import java.util.List;

/** A line cut at its commas, except inside double quotes and brackets; each part keeps its place. */
public record Parts(List<Part> parts) {
    public record Part(String text, Span span) {}

    public static Parts of(String line) {
        List<Part> parts = new ArrayList<>();
        boolean quoted = false;
        boolean bracketed = false;
        int from = 0;
        for (int i = 0; i <= line.length(); i++) {
            char c = i == line.length() ? ',' : line.charAt(i);
            if (c == '"') quoted = !quoted;
            if (!quoted && c == '(') bracketed = line.indexOf(')', i) > 0;
            if (c == ')') bracketed = false;
            boolean cut = i == line.length() || (!quoted && !bracketed && (c == ',' || c == ';'));
            if (!cut) continue;
            add(parts, line, from, i);
            from = i + 1;
        }
        return new Parts(parts);
    }

    private static void add(List<Part> parts, String line, int from, int to) {
        while (from < to && line.charAt(from) == ' ') from++;
        while (to > from && line.charAt(to - 1) == ' ') to--;
        if (from < to) parts.add(new Part(line.substring(from, to), new Span(from, to)));
    }
}
