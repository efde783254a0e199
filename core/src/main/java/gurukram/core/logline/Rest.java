package gurukram.core.logline;

import java.util.function.Consumer;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What of a line is not understood yet: whatever is taken out of it leaves a comma. */
final class Rest {
    private String text;

    Rest(String text) {
        this.text = text;
    }

    /** Takes every match out; case does not matter. */
    void take(Pattern pattern, Consumer<MatchResult> each) {
        Matcher matcher = pattern.matcher(text);
        StringBuilder rest = new StringBuilder();
        while (matcher.find()) {
            each.accept(matcher.toMatchResult());
            matcher.appendReplacement(rest, " , ");
        }
        text = matcher.appendTail(rest).toString();
    }

    String text() {
        return text;
    }
}
