package gurukram.web.account;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a new password has to be: long enough, not among the common ones, not one's own name or e-mail. */
final class Passwords {
    static final int LEAST = 10;
    static final int MOST = 200;
    /** Guessed within ten million tries, it is no password; an account lets through a few hundred a day. */
    private static final double LEAST_GUESSES_LOG10 = 7;

    /** What has to be left when everything is taken out that everybody knows of its owner. */
    private static final int LEAST_OF_ONES_OWN = 6;

    private static final int LOOKED_AT = 60;
    private static final Zxcvbn GUESSER = new Zxcvbn();

    private Passwords() {}

    /**
     * What is wrong with a new password; null when nothing.
     *
     * @param own what everybody knows of its owner: name, studio, e-mail
     */
    static String problem(String password, List<String> own) {
        if (password.length() < LEAST) return "At least " + LEAST + " letters; a short sentence is easy to remember.";
        if (password.length() > MOST) return "At most " + MOST + " letters.";
        if (password.indexOf('\u0000') >= 0) return "There is a character in it that cannot be typed again.";
        List<String> known = new ArrayList<>(List.of("gurukram", "yoga"));
        for (String word : own)
            for (String part : word.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                if (part.length() >= 3) known.add(part);
        String others = password.toLowerCase(Locale.ROOT);
        for (String word : known) others = others.replace(word, "");
        if (others.replaceAll("[^\\p{L}\\p{N}]", "").length() < LEAST_OF_ONES_OWN)
            return "That is little more than your name or e-mail; a short sentence is easy to remember.";
        String looked = password.length() <= LOOKED_AT ? password : password.substring(0, LOOKED_AT);
        Strength strength = GUESSER.measure(looked, known);
        return strength.getGuessesLog10() < LEAST_GUESSES_LOG10
                ? "Too easily guessed: a common password, or nearly one. Three or four words that do not belong together are better."
                : null;
    }
}
