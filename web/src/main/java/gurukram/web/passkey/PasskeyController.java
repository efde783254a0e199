package gurukram.web.passkey;

import gurukram.web.account.Entrance;
import gurukram.web.account.PresentPassword;
import gurukram.web.account.Zones;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Passkeys: made and taken away on the account's page, and the way in with one. */
@Controller
class PasskeyController {
    private static final Logger LOG = LoggerFactory.getLogger(PasskeyController.class);
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).withLocale(Locale.UK);
    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    private static final String TO_MAKE = "passkey to make";
    private static final String NOT_KNOWN = "This passkey is not known here; sign in with the password.";
    private static final int MOST = 10;
    private static final int MOST_LABEL = 60;
    private static final int MOST_LETTERS = 20_000;

    private final Passkeys passkeys;
    private final PasskeyStore store;
    private final PresentPassword password;
    private final Entrance entrance;
    private final Zones zones;

    PasskeyController(Passkeys passkeys, PasskeyStore store, PresentPassword password, Entrance entrance, Zones zones) {
        this.passkeys = passkeys;
        this.store = store;
        this.password = password;
        this.entrance = entrance;
        this.zones = zones;
    }

    /** @param id in hex */
    public record Key(String id, String label, String made, String used) {}

    private static void notTheDemo(Teacher teacher) {
        if (teacher.demo()) throw new NotFound();
    }

    @GetMapping("/account/passkeys")
    String show(@AuthenticationPrincipal Teacher teacher, Model model) {
        notTheDemo(teacher);
        model.addAttribute("host", passkeys.host());
        model.addAttribute(
                "keys",
                store.of(teacher).stream()
                        .map(key -> new Key(
                                HexFormat.of().formatHex(key.getCredentialId().getBytes()),
                                key.getLabel(),
                                DAY.format(key.getCreated().atZone(zones.of(teacher))),
                                DAY.format(key.getLastUsed().atZone(zones.of(teacher)))))
                        .toList());
        return "passkey/passkeys";
    }

    /** What the device is to make; whoever asks says the password, since a browser that was left open makes none. */
    @PostMapping(value = "/account/passkeys/ask", produces = "application/json")
    ResponseEntity<String> toMake(
            @AuthenticationPrincipal Teacher teacher,
            Authentication who,
            @RequestParam(defaultValue = "") String current,
            HttpServletRequest request) {
        notTheDemo(teacher);
        if (store.of(teacher).size() >= MOST)
            return problem("You have %d passkeys; take one away first.".formatted(MOST));
        Optional<String> wrong = password.problem(teacher, current);
        if (wrong.isPresent()) return problem(wrong.get());
        PublicKeyCredentialCreationOptions options = passkeys.toMake(request, who);
        request.getSession().setAttribute(TO_MAKE, options);
        return ResponseEntity.ok(JSON.writeValueAsString(options));
    }

    private static ResponseEntity<String> problem(String words) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .body(JSON.writeValueAsString(Map.of("problem", words)));
    }

    /** @param label how she calls it */
    @PostMapping(value = "/account/passkeys", consumes = "application/json", produces = "application/json")
    ResponseEntity<String> made(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String label,
            @RequestBody String body,
            HttpServletRequest request) {
        notTheDemo(teacher);
        PublicKeyCredentialCreationOptions asked = asked(request);
        if (asked == null || body.length() > MOST_LETTERS) return problem("That took too long; begin again.");
        String name = label.replaceAll("\\p{Cc}", " ").strip();
        try {
            PublicKeyCredential<AuthenticatorAttestationResponse> key =
                    JSON.readValue(body, new TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>>() {});
            passkeys.made(
                    request,
                    asked,
                    key,
                    name.isEmpty() ? "Passkey" : name.substring(0, Math.min(name.length(), MOST_LABEL)));
        } catch (RuntimeException e) {
            LOG.info("a passkey was not taken: {}", e.getClass().getSimpleName());
            return problem("This passkey could not be taken.");
        }
        return ResponseEntity.ok("{}");
    }

    @PostMapping("/account/passkeys/{id}/away")
    String away(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
        notTheDemo(teacher);
        if (!id.matches("([0-9a-f]{2}){1,1024}") || !store.away(teacher, id)) throw new NotFound();
        return "redirect:/account/passkeys";
    }

    // --- the way in

    @PostMapping(value = "/passkey/ask", produces = "application/json")
    ResponseEntity<String> toEnter(HttpServletRequest request) {
        return ResponseEntity.ok(JSON.writeValueAsString(passkeys.toEnter(request)));
    }

    @PostMapping(value = "/passkey/enter", consumes = "application/json", produces = "application/json")
    ResponseEntity<String> enter(@RequestBody String body, HttpServletRequest request, HttpServletResponse response) {
        if (body.length() > MOST_LETTERS) return problem(NOT_KNOWN);
        Optional<Teacher> who;
        try {
            PublicKeyCredential<AuthenticatorAssertionResponse> key =
                    JSON.readValue(body, new TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>>() {});
            who = passkeys.entered(request, key);
        } catch (RuntimeException e) {
            LOG.info("nobody came in with a passkey: {}", e.getClass().getSimpleName());
            who = Optional.empty();
        }
        if (who.isEmpty()) return problem(NOT_KNOWN);
        entrance.enterWithPasskey(who.get(), request, response);
        return ResponseEntity.ok("{}");
    }

    /** What she was asked to make, once. */
    private static PublicKeyCredentialCreationOptions asked(HttpServletRequest request) {
        HttpSession session = request.getSession();
        Object asked = session.getAttribute(TO_MAKE);
        session.removeAttribute(TO_MAKE);
        return asked instanceof PublicKeyCredentialCreationOptions options ? options : null;
    }
}
