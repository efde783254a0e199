package gurukram.core.pose;

import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds poses by what was typed: any name, part of a name, a word that several share, or a misspelling. */
final class PoseSearch {
    /** Farther than this is no find any more: about one letter in three is wrong. */
    private static final double FAR = 0.66;

    /** A word that may mean several poses comes right after a name that means one. */
    private static final double LOOSE = 0.02;

    private record Name(Pose pose, String folded, String[] words, double loose) {}

    private final List<Name> names = new ArrayList<>();

    void add(Pose pose) {
        PoseCatalogue.names(pose).forEach(name -> add(pose, name, 0));
        pose.names().loosely().forEach(word -> add(pose, Words.fold(word), LOOSE));
    }

    private void add(Pose pose, String folded, double loose) {
        if (!folded.isEmpty()) names.add(new Name(pose, folded, folded.split(" "), loose));
    }

    /** All poses with how far their nearest name is, nearest first; of equals, the lower level and then the name. */
    List<Map.Entry<Pose, Double>> ranked(String typed) {
        String folded = withoutPose(Words.fold(typed));
        String[] words = folded.split(" ");
        Map<Pose, Double> best = new LinkedHashMap<>();
        for (Name name : names) {
            double soFar = best.getOrDefault(name.pose(), 9.0);
            best.put(name.pose(), Math.min(soFar, farness(folded, words, name) + name.loose()));
        }
        return best.entrySet().stream()
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

    /** 0 is the same; from 0.1 it begins so; from 0.2 it holds the words; above that letters are wrong. */
    private static double farness(String typed, String[] words, Name name) {
        if (typed.isEmpty()) return 1;
        if (name.folded().equals(typed)) return 0;
        double gap = Math.abs(typed.length() - name.folded().length()) / 1000.0;
        if (name.folded().startsWith(typed)) return 0.1 + gap;
        if (beginWords(words, name.words())) return 0.2 + gap;
        if (Arrays.asList(words).containsAll(Arrays.asList(name.words()))) return 0.25 + gap;
        double whole = (double) Words.distance(typed, name.folded())
                / Math.max(typed.length(), name.folded().length());
        return 0.3 + Math.min(whole, byWords(words, name.words()));
    }

    /** Whether every typed word begins a word of the name, each another one. */
    private static boolean beginWords(String[] typed, String[] name) {
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

    /** How far the typed words are from the nearest words of the name, and a little for every word left over. */
    private static double byWords(String[] typed, String[] name) {
        double sum = 0;
        for (String word : typed) {
            double nearest = 1;
            for (String other : name) {
                int length = Math.max(word.length(), other.length());
                nearest = Math.min(nearest, (double) Words.distance(word, other) / length);
                if (other.length() > word.length() && word.length() > 3) {
                    String begin = other.substring(0, word.length());
                    nearest = Math.min(nearest, 0.08 + (double) Words.distance(word, begin) / word.length());
                }
            }
            sum += nearest;
        }
        int over = Math.max(0, name.length - typed.length);
        return sum / typed.length + 0.05 + 0.05 * over;
    }
}
