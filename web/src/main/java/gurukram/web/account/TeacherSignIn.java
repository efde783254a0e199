package gurukram.web.account;

import gurukram.web.shared.Busy;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
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
import org.springframework.stereotype.Component;

/** Checks e-mail and password, slowed by the {@link SignInBrake}. */
@Component
class TeacherSignIn implements AuthenticationProvider {
    /** Tried too often, or too many at once: carries how long to wait. */
    static final class TooOften extends LockedException {
        private static final long serialVersionUID = 1L;
        private final long seconds;
        private final boolean busy;

        TooOften(long seconds, boolean busy) {
            super("too many tries");
            this.seconds = seconds;
            this.busy = busy;
        }

        /** What to tell whoever tried. */
        String words() {
            String why = busy ? "Many people are signing in just now." : "That was tried too often.";
            return "%s Please wait %d second%s, then try again.".formatted(why, seconds, seconds == 1 ? "" : "s");
        }
    }

    /** The password is right, and the account has a second factor. */
    static final class CodeNeeded extends BadCredentialsException {
        private static final long serialVersionUID = 1L;
        private final boolean wrong;

        CodeNeeded(boolean wrong) {
            super("a code is needed");
            this.wrong = wrong;
        }

        String words() {
            return wrong
                    ? "This code is not of this moment, or was used already. Password and code once more, please."
                    : "This account has a second factor: password and code, please.";
        }
    }

    private final AccountStore accounts;
    private final SignInBrake brake;
    private final KnownDeviceStore devices;
    private final SignInStore signIns;
    private final PasswordEncoder passwords;
    private final SecondFactor factor;
    private final Demo demo;
    private final HttpServletRequest request;
    private String nobodysHash;

    /** @param request stands for the one of the moment */
    TeacherSignIn(
            AccountStore accounts,
            SignInBrake brake,
            KnownDeviceStore devices,
            SignInStore signIns,
            PasswordEncoder passwords,
            SecondFactor factor,
            Demo demo,
            HttpServletRequest request) {
        this.accounts = accounts;
        this.brake = brake;
        this.devices = devices;
        this.signIns = signIns;
        this.passwords = passwords;
        this.factor = factor;
        this.demo = demo;
        this.request = request;
    }

    /** Made when the first comes, whoever that is: a start has no time for it. */
    private synchronized String nobodysHash() {
        if (nobodysHash == null) nobodysHash = passwords.encode("nobody");
        return nobodysHash;
    }

    @Override
    public Authentication authenticate(Authentication typed) {
        String email = fold(typed.getName());
        String password =
                typed.getCredentials() == null ? "" : typed.getCredentials().toString();
        String address = request.getRemoteAddr();
        SignInBrake.Try one = new SignInBrake.Try(email, address, devices.known(email));
        long wait = brake.take(one);
        if (wait > 0) throw new TooOften(wait, false);
        Optional<AccountStore.Account> account =
                accounts.byEmail(email).filter(found -> !found.teacher().demo() || demo.mayEnter(request));
        // An unknown e-mail costs the same time as a known one, so that nobody can tell them apart.
        boolean right = matches(
                password, account.map(AccountStore.Account::passwordHash).orElse(nobodysHash()));
        if (!right || account.isEmpty()) {
            account.ifPresent(found -> signIns.note(found.teacher(), address));
            throw new BadCredentialsException("wrong e-mail or password");
        }
        checkCode(account.get().teacher(), address);
        brake.right(one);
        devices.remember(account.get().teacher());
        return tokenFor(account.get().teacher());
    }

    /** A wrong code counts as a wrong password does. */
    private void checkCode(Teacher teacher, String address) {
        if (!factor.isOn(teacher)) return;
        String code = request.getParameter("code");
        if (code == null || code.isBlank()) throw new CodeNeeded(false);
        if (factor.takes(teacher, code)) return;
        signIns.note(teacher, address);
        throw new CodeNeeded(true);
    }

    private boolean matches(String password, String hash) {
        try {
            return passwords.matches(password, hash);
        } catch (Busy e) {
            throw new TooOften(e.seconds(), true);
        }
    }

    static UsernamePasswordAuthenticationToken tokenFor(Teacher teacher) {
        return UsernamePasswordAuthenticationToken.authenticated(
                teacher, null, List.of(new SimpleGrantedAuthority("ROLE_TEACHER")));
    }

    static String fold(String email) {
        String trimmed = email == null ? "" : email.strip().toLowerCase(Locale.ROOT);
        String plain = trimmed.replace("\u0000", "");
        return plain.length() <= 100 ? plain : plain.substring(0, 100);
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
