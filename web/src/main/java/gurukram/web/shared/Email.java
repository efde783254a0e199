package gurukram.web.shared;

import java.util.regex.Pattern;

/** What is taken for an e-mail address. */
public final class Email {
    private static final Pattern FORM = Pattern.compile("[^\\s@\\p{Cc}]+@[^\\s@\\p{Cc}]+\\.[^\\s@\\p{Cc}]+");

    private Email() {}

    public static boolean is(String typed, int most) {
        return typed.length() <= most && FORM.matcher(typed).matches();
    }
}
