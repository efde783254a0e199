package gurukram.core.text;

/** Teachers' own words as they are kept: no control characters, no stray space, nothing a database or a text file would change. */
public final class Plain {
    private Plain() {}

    /** One line: any run of white space is one space; {@link Refused} when longer than {@code most} letters. */
    public static String line(String typed, String what, int most) {
        return checked(clean(typed, false), what, most);
    }

    /** Several lines, each cleaned; empty lines are dropped. */
    public static String lines(String typed, String what, int most) {
        return checked(clean(typed, true), what, most);
    }

    private static String checked(String text, String what, int most) {
        if (text.length() <= most) return text;
        throw new Refused("%s has at most %d letters; this one has %d.".formatted(what, most, text.length()));
    }

    private static String clean(String typed, boolean keepLines) {
        if (typed == null || typed.isEmpty()) return "";
        StringBuilder text = new StringBuilder(typed.length());
        boolean gap = false;
        for (int i = 0; i < typed.length(); i += Character.charCount(typed.codePointAt(i))) {
            int c = typed.codePointAt(i);
            if (keepLines && c == '\n') {
                if (!text.isEmpty() && text.charAt(text.length() - 1) != '\n') text.append('\n');
                gap = false;
            } else if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
                gap = true;
            } else if (isLetterOfAnyKind(c)) {
                boolean atStart = text.isEmpty() || text.charAt(text.length() - 1) == '\n';
                if (gap && !atStart) text.append(' ');
                gap = false;
                text.appendCodePoint(c);
            }
        }
        return stripLineBreaks(text);
    }

    private static boolean isLetterOfAnyKind(int c) {
        int type = Character.getType(c);
        return type != Character.CONTROL && type != Character.SURROGATE && type != Character.UNASSIGNED && c != 0xFEFF;
    }

    private static String stripLineBreaks(StringBuilder text) {
        int from = 0;
        int to = text.length();
        while (from < to && text.charAt(from) == '\n') from++;
        while (to > from && text.charAt(to - 1) == '\n') to--;
        return text.substring(from, to);
    }
}
