package gurukram.web.exchange;

import gurukram.core.plan.settings.Theme;

/** A class as Markdown; the teacher's own words are taken as words, not as markup. */
final class Markdown {
    private Markdown() {}

    static String of(Outline outline) {
        StringBuilder out = new StringBuilder();
        out.append("# ").append(plain(outline.title())).append("\n\n");
        out.append(outline.about())
                .append(", planned ")
                .append(outline.length())
                .append("\n");
        theme(out, outline.theme());
        for (Outline.Part part : outline.parts()) {
            out.append("\n## ").append(plain(part.title()));
            if (!part.start().isEmpty())
                out.append(" · ").append(part.start()).append(" · ").append(part.length());
            out.append("\n\n");
            for (Outline.Line line : part.lines()) line(out, line);
        }
        out.append("\n---\n").append(FileForm.MARKDOWN.leavesOut()).append('\n');
        return out.toString();
    }

    private static void theme(StringBuilder out, Theme theme) {
        for (String words : new String[] {theme.title(), theme.sentence(), theme.affirmation()}) {
            if (!words.isEmpty()) out.append("\n> ").append(plain(words)).append('\n');
        }
    }

    private static void line(StringBuilder out, Outline.Line line) {
        out.append("  ".repeat(line.depth()))
                .append("- **")
                .append(plain(line.name()))
                .append("**");
        if (!line.what().isEmpty()) out.append(": ").append(plain(line.what()));
        if (!line.length().isEmpty()) out.append(" (").append(line.length()).append(")");
        if (!line.note().isEmpty()) out.append(" · ").append(plain(line.note().replace('\n', ' ')));
        out.append('\n');
    }

    private static String plain(String words) {
        return words.replaceAll("([\\\\`*_\\[\\]<>#|~])", "\\\\$1");
    }
}
