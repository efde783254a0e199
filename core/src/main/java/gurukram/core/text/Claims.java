package gurukram.core.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words that state a benefit as a fact. The app never uses them, and points them out in a teacher's own text. */
public final class Claims {
    private static final Pattern CLAIM = Pattern.compile(
            "(?i)\\b(cur(?:e|es|ed|ing)|heal(?:s|ed|ing)?|detox\\w*|treat(?:s|ed|ing|ment)?|remed(?:y|ies)|"
                    + "balances? (?:the )?(?:brain|hormones?|chakras?)|burns? (?:the )?fat|wrings?(?: out)?(?: the)? organs?|"
                    + "massages? (?:the )?organs?|boosts? (?:the )?immun\\w*|prevents? \\w+|relieves? \\w+|therap(?:y|eutic)|"
                    + "infertility|depression|cleanses? \\w+|stimulates? (?:the )?\\w+)\\b");

    private Claims() {}

    /** The claims a text makes, as written. */
    public static List<String> in(String text) {
        List<String> claims = new ArrayList<>();
        Matcher claim = CLAIM.matcher(text);
        while (claim.find()) claims.add(claim.group());
        return claims;
    }
}
