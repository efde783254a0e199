package gurukram.core.notation.words;

/** Names in double quotes, where they could be taken for something else. */
public final class Quotes {
    private static final String OPENING = "\"“„«";

    private Quotes() {}

    /** Always quoted; a quote inside is doubled. */
    public static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    /** Quoted only where it has to be. */
    public static String ifNeeded(String name) {
        boolean plain = !name.contains("//") && !name.contains("\"") && OPENING.indexOf(name.charAt(0)) < 0;
        return plain ? name : quoted(name);
    }

    static boolean isQuoted(String text) {
        return text.length() >= 2 && OPENING.indexOf(text.charAt(0)) >= 0 && "\"”“»".indexOf(last(text)) >= 0;
    }

    /** Takes the quotes off, if there are any. */
    public static String plain(String text) {
        if (!isQuoted(text)) return text;
        String inside = text.substring(1, text.length() - 1);
        return text.charAt(0) == '"' ? inside.replace("\"\"", "\"") : inside;
    }

    private static char last(String text) {
        return text.charAt(text.length() - 1);
    }

    /** Where {@code //} begins outside double quotes; -1 when it does not. */
    public static int noteIn(String line) {
        boolean quoted = false;
        for (int i = 0; i + 1 < line.length(); i++) {
            if (line.charAt(i) == '"') quoted = !quoted;
            if (!quoted && line.charAt(i) == '/' && line.charAt(i + 1) == '/') return i;
        }
        return -1;
    }
}
