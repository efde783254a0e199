package gurukram.web.poses;

import gurukram.core.compose.ThemeWords;
import gurukram.core.text.Refused;
import gurukram.web.shared.Teacher;
import org.springframework.stereotype.Service;

/** What the words of a theme come to for a teacher: the words that ship with the app, and the teacher's own. */
@Service
public class OwnWords {
    private static final int MOST_LETTERS = 20_000;

    private final OwnWordsStore store;
    private final Poses poses;

    OwnWords(OwnWordsStore store, Poses poses) {
        this.store = store;
        this.poses = poses;
    }

    public ThemeWords of(Teacher teacher) {
        ThemeWords shipped = ThemeWords.shipped(poses.of(teacher));
        try {
            return shipped.and(store.words(teacher));
        } catch (Refused e) {
            // a pose of the teacher's own that a line speaks of has gone since
            return shipped;
        }
    }

    /** As they were typed. */
    public String typed(Teacher teacher) {
        return store.words(teacher);
    }

    /** @throws Refused where a line cannot be understood */
    public void keep(Teacher teacher, String words) {
        if (words.length() > MOST_LETTERS) throw new Refused("Own words have at most " + MOST_LETTERS + " letters.");
        ThemeWords.shipped(poses.of(teacher)).and(words);
        store.change(teacher, words);
    }
}
