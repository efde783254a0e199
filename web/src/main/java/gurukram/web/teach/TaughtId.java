package gurukram.web.teach;

import java.util.UUID;

/** Names a class as it was opened in the room. */
public record TaughtId(UUID value) {
    public static TaughtId of(String text) {
        return new TaughtId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}
