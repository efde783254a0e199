package gurukram.web.plans;

import java.util.UUID;

/** Names a class. */
public record ClassId(UUID value) {
    public static ClassId of(String text) {
        return new ClassId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}
