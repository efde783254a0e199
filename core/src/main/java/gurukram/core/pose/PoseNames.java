package gurukram.core.pose;

import gurukram.core.text.Words;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * All that a pose is called.
 *
 * @param english the name shown first; in another language where the teacher reads names in it
 * @param sanskrit in IAST with diacritics; empty where there is none in use
 * @param also other names, by school or habit; each belongs to one pose only
 * @param loosely words that may mean this pose among others: {@code pigeon}, {@code goddess}
 * @param misspelt how it is often typed
 */
public record PoseNames(
        String english, String sanskrit, List<String> also, List<String> loosely, List<String> misspelt) {
    public PoseNames {
        also = List.copyOf(also);
        loosely = List.copyOf(loosely);
        misspelt = List.copyOf(misspelt);
    }

    /** With the first of these names shown instead of the English one, which stays among the others. */
    PoseNames called(List<String> foreign) {
        if (foreign.isEmpty()) return this;
        String first = foreign.get(0);
        String shown = Words.capital(first);
        Set<String> others = new LinkedHashSet<>(foreign.subList(1, foreign.size()));
        others.add(english);
        others.addAll(also);
        others.removeIf(name -> Words.fold(name).equals(Words.fold(shown)));
        return new PoseNames(shown, sanskrit, List.copyOf(others), loosely, misspelt);
    }

    /** The Sanskrit name in plain letters, as teachers spell it: {@code Vrikshasana}; empty without one. */
    public String plainSanskrit() {
        return Sanskrit.plain(sanskrit);
    }

    /** Every name that means this pose and no other, folded. */
    public Set<String> own() {
        Set<String> names = new LinkedHashSet<>();
        names.add(Words.fold(english));
        if (!sanskrit.isBlank()) {
            names.add(Words.fold(sanskrit));
            names.add(Words.fold(plainSanskrit()));
        }
        also.forEach(name -> {
            names.add(Words.fold(name));
            names.add(Words.fold(Sanskrit.plain(name)));
        });
        misspelt.forEach(name -> names.add(Words.fold(name)));
        // what is written in other letters only cannot be typed, and must not stand for every line of none
        names.remove("");
        return names;
    }
}
