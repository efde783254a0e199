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

    private Claims() {}

    /** The claims a text makes, as written. */
    public static List<String> in(String text) {
        List<String> claims = new ArrayList<>();
        Matcher claim = CLAIM.matcher(text);
        while (claim.find()) claims.add(claim.group());
        return claims;
    }
}
