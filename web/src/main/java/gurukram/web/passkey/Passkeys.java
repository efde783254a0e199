package gurukram.web.passkey;

import gurukram.web.account.AccountStore;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Passkeys made and tried. A device is asked to make sure that it is its owner (by finger, face or code), so that a passkey is both a
 * password and a second factor. The signatures are checked by Spring Security; nothing is asked of anybody on the network.
 */
@Service
class Passkeys {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final PasskeyStore store;
    private final AccountStore accounts;
    private final Outside outside;

    Passkeys(PasskeyStore store, AccountStore accounts, Outside outside) {
        this.store = store;
        this.accounts = accounts;
        this.outside = outside;
    }

    /** The name keys are made for: what people type, or this machine. */
    String host() {
        return outside.isBehindProxy() ? outside.host() : "localhost";
    }

    private WebAuthnRelyingPartyOperations operations(HttpServletRequest request) {
        PublicKeyCredentialRpEntity we = PublicKeyCredentialRpEntity.builder()
                .id(host())
                .name("Gurukram")
                .build();
        Webauthn4JRelyingPartyOperations operations =
                new Webauthn4JRelyingPartyOperations(new People(), store, we, Set.of(outside.address(request, "")));
        operations.setCustomizeCreationOptions(
                options -> options.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        operations.setCustomizeRequestOptions(
                options -> options.userVerification(UserVerificationRequirement.REQUIRED));
        return operations;
    }

    PublicKeyCredentialCreationOptions toMake(HttpServletRequest request, Authentication who) {
        return operations(request)
                .createPublicKeyCredentialCreationOptions(new ImmutablePublicKeyCredentialCreationOptionsRequest(who));
    }

    /** Keeps a key that a device has made; an unchecked exception where it is not what was asked for. */
    void made(
            HttpServletRequest request,
            PublicKeyCredentialCreationOptions asked,
            PublicKeyCredential<AuthenticatorAttestationResponse> key,
            String label) {
        operations(request)
                .registerCredential(
                        new ImmutableRelyingPartyRegistrationRequest(asked, new RelyingPartyPublicKey(key, label)));
    }

    /** Nothing is kept of who asks: what was asked for is known by its challenge, and taken once. */
    PublicKeyCredentialRequestOptions toEnter(HttpServletRequest request) {
        PublicKeyCredentialRequestOptions options = operations(request)
                .createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(null));
        store.asked(options.getChallenge());
        return options;
    }

    /** Whose key it is; empty, or an unchecked exception, where it is nobody's, or not signed as was asked. */
    Optional<Teacher> entered(HttpServletRequest request, PublicKeyCredential<AuthenticatorAssertionResponse> key) {
        Bytes challenge = challenge(key);
        if (!store.takes(challenge)) return Optional.empty();
        PublicKeyCredentialRequestOptions asked = PublicKeyCredentialRequestOptions.builder()
                .challenge(challenge)
                .rpId(host())
                .userVerification(UserVerificationRequirement.REQUIRED)
                .allowCredentials(List.of())
                .build();
        PublicKeyCredentialUserEntity who =
                operations(request).authenticate(new RelyingPartyAuthenticationRequest(asked, key));
        return Optional.ofNullable(who)
                .flatMap(one -> PasskeyStore.teacher(one.getId()))
                .flatMap(store::email)
                .flatMap(accounts::byEmail)
                .map(AccountStore.Account::teacher)
                .filter(teacher -> !teacher.demo());
    }

    private static Bytes challenge(PublicKeyCredential<AuthenticatorAssertionResponse> key) {
        byte[] said = key.getResponse().getClientDataJSON().getBytes();
        return Bytes.fromBase64(JSON.readTree(said).path("challenge").asString());
    }

    /** Teachers as the library wants them: known by their e-mail here, by their id to devices. */
    private final class People implements PublicKeyCredentialUserEntityRepository {
        @Override
        public PublicKeyCredentialUserEntity findById(Bytes handle) {
            return PasskeyStore.teacher(handle)
                    .flatMap(id -> store.email(id).map(email -> entity(id, email)))
                    .orElse(null);
        }

        @Override
        public PublicKeyCredentialUserEntity findByUsername(String email) {
            return accounts.byEmail(email)
                    .map(account -> entity(account.teacher().id(), email))
                    .orElse(null);
        }

        private PublicKeyCredentialUserEntity entity(UUID id, String email) {
            return ImmutablePublicKeyCredentialUserEntity.builder()
                    .id(PasskeyStore.handle(id))
                    .name(email)
                    .displayName(email)
                    .build();
        }

        @Override
        public void save(PublicKeyCredentialUserEntity entity) {
            throw new UnsupportedOperationException("teachers are made elsewhere");
        }

        @Override
        public void delete(Bytes id) {
            throw new UnsupportedOperationException("teachers go elsewhere");
        }
    }
}
