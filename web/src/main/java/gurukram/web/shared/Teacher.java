package gurukram.web.shared;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** The teacher who is signed in. Kept in the session, so it holds only what pages need. */
public record Teacher(UUID id, UUID studio, String email, String name, boolean demo)
        implements Principal, Serializable {
    /** A teacher on whose behalf something is looked up though nobody is signed in; only the names are known. */
    public static Teacher named(UUID studio, UUID id) {
        return new Teacher(id, studio, "", "", false);
    }

    @Override
    public String getName() {
        return email;
    }
}
