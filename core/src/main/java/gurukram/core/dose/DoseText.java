package gurukram.core.dose;

import gurukram.core.text.NumberWords;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.List;

/** Reads a dose as a teacher writes it: {@code 8 breaths}, {@code 5b}, {@code 1:30}, {@code 10 reps x 2, rest 40 s}, {@code in}. */
public final class DoseText {
    private DoseText() {}

    /** Reads what {@link Dose#toString()} writes and more; {@link Refused} when some of it is not understood. */
    public static Dose parse(String typed) {
        DoseWords words = new DoseWords();
        String rest = NumberWords.inDigits(typed.strip());
        while (!rest.isEmpty()) {
            String shorter = words.takeFromEnd(rest);
            if (shorter == null) throw notUnderstood(rest);
            rest = shorter;
        }
        return words.dose().orElseThrow(() -> notUnderstood(typed));
    }

    private static Refused notUnderstood(String typed) {
        String shown = typed.length() <= 40 ? typed : typed.substring(0, 40) + "…";
        return new Refused(new Problem(
                typed.isBlank() ? "How much? Nothing was typed." : "“" + shown + "” is not a dose I know.",
                "Maybe “5 breaths”, “30 s”, “10 reps x 2, rest 40 s”, “in” or “3 min open”.",
                List.of()));
    }
}
