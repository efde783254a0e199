package gurukram.web.account;

import gurukram.web.shared.Teacher;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Asks somebody who is signed in for the password once more: a browser that was left open changes nothing that matters. */
@Component
public class PresentPassword {
    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;

    PresentPassword(AccountStore accounts, PasswordEncoder passwords, SignInBrake brake) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.brake = brake;
    }

    /** What is wrong with it, in words; empty where it is the password. */
    public Optional<String> problem(Teacher teacher, String typed) {
        long wait = brake.takePresentPassword(teacher.email());
        if (wait > 0)
            return Optional.of("That was tried too often. Please wait %d seconds, then try again.".formatted(wait));
        String hash = accounts.byEmail(teacher.email()).orElseThrow().passwordHash();
        if (!passwords.matches(typed, hash)) return Optional.of("This is not your present password.");
        brake.rightPresentPassword(teacher.email());
        return Optional.empty();
    }
}
