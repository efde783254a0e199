package gurukram.web.account;

import gurukram.web.account.MailedSecretStore.Found;
import gurukram.web.outbox.Delivery;
import gurukram.web.outbox.OutboxStore;
import gurukram.web.shared.Email;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A forgotten password, and another e-mail address: both by a link that is mailed. */
@Controller
class ForgottenController {
    private static final int MOST_EMAIL = 100;

    private final AccountStore accounts;
    private final MailedSecretStore secrets;
    private final OutboxStore outbox;
    private final Delivery delivery;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;
    private final PresentPassword present;
    private final Sessions sessions;
    private final KnownDeviceStore devices;
    private final Outside outside;
    private final TransactionTemplate transactions;

    ForgottenController(
            AccountStore accounts,
            MailedSecretStore secrets,
            OutboxStore outbox,
            Delivery delivery,
            PasswordEncoder passwords,
            SignInBrake brake,
            PresentPassword present,
            Sessions sessions,
            KnownDeviceStore devices,
            Outside outside,
            TransactionTemplate transactions) {
        this.accounts = accounts;
        this.secrets = secrets;
        this.outbox = outbox;
        this.delivery = delivery;
        this.passwords = passwords;
        this.brake = brake;
        this.present = present;
        this.sessions = sessions;
        this.devices = devices;
        this.outside = outside;
        this.transactions = transactions;
    }

    @GetMapping("/forgotten")
    String forgotten(Model model) {
        model.addAttribute("mails", delivery.isThere());
        return "account/forgotten";
    }

    /** Says the same whether there is such an account or not. */
    @PostMapping("/forgotten")
    String ask(
            @RequestParam(defaultValue = "") String email,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        long wait = brake.takeRegistration(request.getRemoteAddr());
        if (wait > 0) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            model.addAttribute("problem", "Asked too often from here. Please wait %d seconds.".formatted(wait));
            return forgotten(model);
        }
        String folded = TeacherSignIn.fold(email);
        if (!delivery.isThere()) return forgotten(model);
        if (folded.length() <= MOST_EMAIL && !folded.isBlank())
            accounts.byEmail(folded)
                    .map(AccountStore.Account::teacher)
                    .filter(teacher -> !teacher.demo())
                    .ifPresent(teacher -> mail(teacher, request));
        model.addAttribute(
                "told", "If there is an account of this e-mail, a link is on its way to it. It holds for an hour.");
        return forgotten(model);
    }

    private void mail(Teacher teacher, HttpServletRequest request) {
        transactions.executeWithoutResult(status -> outbox.send(teacher.email(), "A new password", """
                Somebody, we hope you, has forgotten the password of this account. Choose a new one here, within an hour:

                %s

                If it was not you, let it be: nothing is changed.
                """.formatted(
                        outside.address(request, "/forgotten/" + secrets.make(teacher, null)))));
    }

    @GetMapping("/forgotten/{secret}")
    String choose(@PathVariable String secret, Model model) {
        Found found = secrets.find(secret, true).orElseThrow(NotFound::new);
        model.addAttribute("secret", secret);
        model.addAttribute("email", found.teacher().email());
        return "account/new-password";
    }

    /** Ends every sign-in; whoever has the mail signs in with the new password. */
    @PostMapping("/forgotten/{secret}")
    String change(
            @PathVariable String secret,
            @RequestParam(defaultValue = "") String password,
            HttpServletResponse response,
            Model model) {
        Teacher teacher = secrets.find(secret, true).orElseThrow(NotFound::new).teacher();
        String problem = Passwords.problem(password, List.of(teacher.name(), teacher.email()));
        if (problem != null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", problem);
            return choose(secret, model);
        }
        String hash = passwords.encode(password);
        boolean changed = Boolean.TRUE.equals(transactions.execute(status -> {
            if (!secrets.use(secret)) return false;
            accounts.changePassword(teacher, hash);
            devices.forgetAll(teacher);
            return true;
        }));
        if (!changed) throw new NotFound();
        sessions.endAll(teacher.email());
        model.addAttribute("email", teacher.email());
        model.addAttribute("problem", "");
        model.addAttribute("notice", "The password is changed. Sign in with it; everywhere else you are signed out.");
        model.addAttribute("demo", false);
        return "account/sign-in";
    }

    @GetMapping("/account/email")
    String email(@AuthenticationPrincipal Teacher teacher, Model model) {
        if (teacher.demo()) throw new NotFound();
        model.addAttribute("email", teacher.email());
        model.addAttribute("mails", delivery.isThere());
        return "account/email";
    }

    /** Nothing is changed before the link that is mailed there was followed. */
    @PostMapping("/account/email")
    String askEmail(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String wanted,
            @RequestParam(defaultValue = "") String current,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (teacher.demo()) throw new NotFound();
        if (!delivery.isThere()) return email(teacher, model);
        String folded = TeacherSignIn.fold(wanted);
        Optional<String> problem = problem(teacher, folded, current);
        if (problem.isPresent()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", problem.get());
            model.addAttribute("wanted", wanted.replaceAll("\\p{Cc}", " "));
            return email(teacher, model);
        }
        transactions.executeWithoutResult(status -> outbox.send(folded, "Is this your address?", """
                An account of %s wants to sign in with this address from now on. If that is you, say so here, within an hour:

                %s

                If not, let it be: nothing is changed.
                """.formatted(
                        teacher.name(), outside.address(request, "/account/email/" + secrets.make(teacher, folded)))));
        model.addAttribute(
                "told", "A link is on its way to %s. Until it is followed nothing changes.".formatted(folded));
        return email(teacher, model);
    }

    private Optional<String> problem(Teacher teacher, String wanted, String current) {
        if (!Email.is(wanted, MOST_EMAIL)) return Optional.of("This is no e-mail address.");
        return present.problem(teacher, current);
    }

    @GetMapping("/account/email/{secret}")
    String confirm(@AuthenticationPrincipal Teacher teacher, @PathVariable String secret, Model model) {
        Found found = mine(teacher, secret);
        model.addAttribute("wanted", found.wanted());
        model.addAttribute("secret", secret);
        return "account/email-confirm";
    }

    private Found mine(Teacher teacher, String secret) {
        return secrets.find(secret, false)
                .filter(found -> found.teacher().id().equals(teacher.id()))
                .orElseThrow(NotFound::new);
    }

    /** From now on one signs in with the other address; everywhere one is signed out, since sign-ins go by it. */
    @PostMapping("/account/email/{secret}")
    String changeEmail(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String secret,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Found found = mine(teacher, secret);
        try {
            transactions.executeWithoutResult(status -> {
                if (!secrets.use(secret)) throw new NotFound();
                accounts.changeEmail(teacher, found.wanted());
                outbox.send(
                        teacher.email(),
                        "Your address was changed",
                        "Your account signs in with %s from now on.\n".formatted(found.wanted()));
            });
        } catch (DuplicateKeyException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", "There is an account of this address already. Nothing is changed.");
            return email(teacher, model);
        }
        sessions.endAll(teacher.email());
        request.getSession().invalidate();
        return "redirect:/sign-in";
    }
}
