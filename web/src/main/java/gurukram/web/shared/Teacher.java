package gurukram.web.shared;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** The teacher who is signed in. Kept in the session, so it holds only what pages need. */
public record Teacher(UUID id, UUID studio, String email, String name, boolean demo)
        implements Principal, Serializable {
    @Override
    public String getName() {
        return email;
    }
}
