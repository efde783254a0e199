package gurukram.core.pose;

import gurukram.core.text.Letters;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds poses by what was typed: any name, part of a name, a word that several share, or a misspelling.
 *
 * <p>Typed words are compared once with every different word of all names, and whole names only where their letters allow
 * them to be nearer than what was found already.
 */
final class PoseSearch {
    /** Farther than this is no find any more: about one letter in three is wrong. */
    private static final double FAR = 0.66;

    /** A word that may mean several poses comes right after a name that means one. */
    private static final double LOOSE = 0.02;

    /** Words and names farther apart than this are taken as having nothing in common. */
    private static final double STRANGE = 0.4;

    /** Far more than the longest name: what is longer is looked for by its beginning. */
    static final int MOST_LETTERS = 120;

    private record Named(Pose pose, List<Name> names) {}

    private record Name(String folded, Letters letters, String[] words, int[] wordNumbers, double loose) {}

    private record Word(String text, Letters letters) {}

    private final List<Named> poses = new ArrayList<>();
    private final List<Word> words = new ArrayList<>();
    private final Map<String, Integer> numbers = new LinkedHashMap<>();

    /** @param foreign its names in other languages, which come after a name that is its own */
    void add(Pose pose, List<String> foreign) {
        List<Name> names = new ArrayList<>();
        PoseCatalogue.names(pose).forEach(name -> names.add(name(name, 0)));
        pose.names().loosely().forEach(word -> names.add(name(Words.fold(word), LOOSE)));
        foreign.forEach(name -> names.add(name(Words.fold(name), LOOSE)));
        poses.add(new Named(pose, names));
    }

    private Name name(String folded, double loose) {
        String[] split = folded.split(" ");
        int[] own = Arrays.stream(split).mapToInt(this::number).toArray();
        return new Name(folded, Letters.of(folded), split, own, loose);
    }

    private int number(String word) {
        return numbers.computeIfAbsent(word, w -> {
            words.add(new Word(w, Letters.of(w)));
            return words.size() - 1;
        });
    }

    /** All poses with how far their nearest name is, nearest first; of equals, the lower level and then the name. */
    List<Map.Entry<Pose, Double>> ranked(String typed) {
        String whole = Words.fold(typed.length() <= MOST_LETTERS ? typed : typed.substring(0, MOST_LETTERS));
        Typed query = new Typed(whole, withoutPose(whole));
        List<Map.Entry<Pose, Double>> best = new ArrayList<>(poses.size());
        for (Named named : poses) {
            double nearest = 9;
            for (Name name : named.names()) nearest = Math.min(nearest, query.farness(name, nearest) + name.loose());
            best.add(Map.entry(named.pose(), nearest));
        }
        return best.stream()
                .sorted(Map.Entry.<Pose, Double>comparingByValue()
                        .thenComparing(e -> e.getKey().level())
                        .thenComparing(e -> e.getKey().name(), Comparator.naturalOrder()))
                .toList();
    }

    /** The poses a text may mean, nearest first. */
    List<Pose> find(String typed) {
        return ranked(typed).stream()
                .filter(e -> e.getValue() <= FAR)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static String withoutPose(String folded) {
        String shorter = folded.replaceFirst(" (pose|asana)$", "");
        return shorter.isEmpty() ? folded : shorter;
    }

    private final class Typed {
        /** All that was typed: {@code rock pose} is a name, where {@code rock} begins another. */
        private final String whole;

        private final String folded;
        private final Letters letters;
        private final String[] typed;
        /** How far each typed word is from each word of the names; {@code [typed][word]}. */
        private final double[][] far;

        Typed(String whole, String folded) {
            this.whole = whole;
            this.folded = folded;
            this.letters = Letters.of(folded);
            this.typed = folded.split(" ");
            this.far = new double[typed.length][];
            for (int i = 0; i < typed.length; i++) far[i] = farnesses(typed[i]);
        }

        private double[] farnesses(String word) {
            double[] farnesses = new double[words.size()];
            Letters own = Letters.of(word);
            for (int i = 0; i < farnesses.length; i++) farnesses[i] = farness(word, own, words.get(i));
            return farnesses;
        }

        private static double farness(String word, Letters own, Word other) {
            double nearest = 1;
            int length = Math.max(word.length(), other.text().length());
            if (own.farAtLeast(other.letters()) <= STRANGE) {
                nearest = (double) Words.distance(word, other.text()) / length;
            }
            if (other.text().length() > word.length()
                    && word.length() > 3
                    && word.charAt(0) == other.text().charAt(0)) {
                String begin = other.text().substring(0, word.length());
                nearest = Math.min(nearest, 0.08 + (double) Words.distance(word, begin) / word.length());
            }
            return nearest > STRANGE ? 1 : nearest;
        }

        /** 0 is the same; from 0.1 it begins so; from 0.2 it holds the words; above that letters are wrong. */
        double farness(Name name, double soFar) {
            if (folded.isEmpty()) return 1;
            if (name.folded().equals(whole)) return 0;
            if (name.folded().equals(folded)) return 0.001;
            double gap = Math.abs(folded.length() - name.folded().length()) / 1000.0;
            if (name.folded().startsWith(folded)) return 0.1 + gap;
            if (beginWords(typed, name.words())) return 0.2 + gap;
            if (Arrays.asList(typed).containsAll(Arrays.asList(name.words()))) return 0.25 + gap;
            double byWords = byWords(name);
            double atLeast = letters.farAtLeast(name.letters());
            boolean hopeless = atLeast > STRANGE || 0.3 + atLeast >= Math.min(soFar, 0.3 + byWords);
            if (hopeless) return 0.3 + byWords;
            double whole = (double) Words.distance(folded, name.folded())
                    / Math.max(folded.length(), name.folded().length());
            return 0.3 + Math.min(whole, byWords);
        }

        /** How far the typed words are from the nearest words of the name, and a little for every word left over. */
        private double byWords(Name name) {
            double sum = 0;
            for (double[] fromTyped : far) {
                double nearest = 1;
                for (int number : name.wordNumbers()) nearest = Math.min(nearest, fromTyped[number]);
                sum += nearest;
            }
            int over = Math.max(0, name.words().length - typed.length);
            return sum / typed.length + 0.05 + 0.05 * over;
        }
    }

    /** Whether every typed word begins a word of the name, each another one. */
    private static boolean beginWords(String[] typed, String[] name) {
        if (typed.length > name.length) return false;
        boolean[] used = new boolean[name.length];
        for (String word : typed) {
            boolean found = false;
            for (int i = 0; i < name.length && !found; i++) {
                found = !used[i] && name[i].startsWith(word);
                used[i] |= found;
            }
            if (!found) return false;
        }
        return true;
    }
}
