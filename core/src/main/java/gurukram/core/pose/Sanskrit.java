package gurukram.core.pose;

import java.text.Normalizer;
import java.util.LinkedHashMap;
import java.util.Map;

/** From scholars' letters to the plain spelling on a class list. */
final class Sanskrit {
    private static final Map<String, String> LETTERS = new LinkedHashMap<>();

    static {
        String[] pairs = {
            "ṛ", "ri", "Ṛ", "Ri", "ṣ", "sh", "Ṣ", "Sh", "ś", "sh", "Ś", "Sh", "ch", "chh", "c", "ch", "C", "Ch"
        };
        for (int i = 0; i < pairs.length; i += 2) LETTERS.put(pairs[i], pairs[i + 1]);
    }

    private Sanskrit() {}

    /** {@code Vṛkṣāsana} becomes {@code Vrikshasana}; text in plain letters only stays as it is. */
    static String plain(String text) {
        String composed = Normalizer.normalize(text, Normalizer.Form.NFC);
        if (composed.chars().allMatch(c -> c < 128)) return text;
        StringBuilder plain = new StringBuilder();
        int i = 0;
        while (i < composed.length()) {
            String two = composed.substring(i, Math.min(i + 2, composed.length()));
            String letter = LETTERS.containsKey(two) ? two : composed.substring(i, i + 1);
            plain.append(LETTERS.getOrDefault(letter, letter));
            i += letter.length();
        }
        return Normalizer.normalize(plain, Normalizer.Form.NFD).replaceAll("\\p{M}+", "");
    }
}
