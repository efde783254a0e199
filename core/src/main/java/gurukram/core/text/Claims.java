package gurukram.core.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Words that state a benefit as a fact, from {@code resources/said/promises.txt}. The app never uses them, and points them out in a
 * teacher's own text.
 */
public final class Claims {
    private static final Pattern CLAIM = Pattern.compile(
            "\\b(?:"
                    + Table.of("/said/promises.txt", "\n", 1).stream()
                            .map(row -> row.cell(0))
                            .collect(Collectors.joining("|"))
                    + ")\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Remembered<String, List<String>> READ = new Remembered<>(Claims::read);

    private Claims() {}

    private static final Pattern DENIAL = Pattern.compile(
            "(?is).*\\b(?:never|not|nothing|no|don[’']t|without|rather than|nobody)(?:\\s+\\w+){0,3}\\s+$");

    /** Whether what stands at a place is denied by the words before it: “nothing to heal”, “never force”. */
    public static boolean isDenied(String text, int at) {
        return DENIAL.matcher(text.substring(Math.max(0, at - 40), at)).matches();
    }

    /** The claims a text makes, as written. */
    public static List<String> in(String text) {
        return READ.of(text);
    }

    private static List<String> read(String text) {
        List<String> claims = new ArrayList<>();
        Matcher claim = CLAIM.matcher(text);
        while (claim.find()) if (!isDenied(text, claim.start())) claims.add(claim.group());
        return List.copyOf(claims);
    }
}
