package gurukram.core.studio;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What somebody is in a studio. */
public enum Role {
    OWNER("has the studio: who is in it, what is shared"),
    TEACHER("teaches here: shares classes, reads and reviews those of others"),
    SUBSTITUTE("stands in: reads shared classes, copies and teaches them"),
    GUEST("looks on: reads shared classes");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What it means, in a few words. */
    public String words() {
        return words;
    }

    public static Optional<Role> find(String word) {
        return Arrays.stream(values()).filter(role -> role.word().equals(word)).findFirst();
    }
}
