package gurukram.web.account;

import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;

/** Checks e-mail and password, slowed by the {@link SignInBrake}. */
@Component
class TeacherSignIn implements AuthenticationProvider {
    /** Tried too often: carries how long to wait. */
    static final class TooOften extends LockedException {
        private static final long serialVersionUID = 1L;
        private final long seconds;

        TooOften(long seconds) {
            super("too many tries");
            this.seconds = seconds;
        }

        long seconds() {
            return seconds;
        }
    }

    private final AccountStore accounts;
    private final SignInBrake brake;
    private final PasswordEncoder passwords;
    private final String nobodysHash;

    TeacherSignIn(AccountStore accounts, SignInBrake brake, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.brake = brake;
        this.passwords = passwords;
        this.nobodysHash = passwords.encode("nobody");
    }

    @Override
    public Authentication authenticate(Authentication typed) {
        String email = fold(typed.getName());
        String password =
                typed.getCredentials() == null ? "" : typed.getCredentials().toString();
        String address =
                typed.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "unknown";
        long wait = brake.secondsToWait(email, address);
        if (wait > 0) throw new TooOften(wait);
        Optional<AccountStore.Account> account = accounts.byEmail(email);
        // An unknown e-mail costs the same time as a known one, so that nobody can tell them apart.
        boolean right = passwords.matches(
                password, account.map(AccountStore.Account::passwordHash).orElse(nobodysHash));
        if (!right || account.isEmpty()) {
            brake.failed(email, address);
            throw new BadCredentialsException("wrong e-mail or password");
        }
        brake.succeeded(email);
        return tokenFor(account.get().teacher());
    }

    static UsernamePasswordAuthenticationToken tokenFor(Teacher teacher) {
        return UsernamePasswordAuthenticationToken.authenticated(
                teacher, null, List.of(new SimpleGrantedAuthority("ROLE_TEACHER")));
    }

    static String fold(String email) {
        String trimmed = email == null ? "" : email.strip().toLowerCase(Locale.ROOT);
        return trimmed.length() <= 100 ? trimmed : trimmed.substring(0, 100);
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
