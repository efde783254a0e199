package gurukram.web.passkey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A passkey made on a device, the way in with it, and taken away; without any network. */
class PasskeyJourneyTest extends BrowserTests {
    PasskeyJourneyTest(TestApp app) {
        super(app);
    }

    /** A device of the browser's own that knows its owner. */
    private void device() {
        CDPSession session = context.newCDPSession(page);
        session.send("WebAuthn.enable", new JsonObject());
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        options.addProperty("automaticPresenceSimulation", true);
        JsonObject whole = new JsonObject();
        whole.add("options", options);
        session.send("WebAuthn.addVirtualAuthenticator", whole);
    }

    private void press(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    @Test
    void aKeyIsMadeOpensTheDoorAndIsTakenAway() {
        Teacher teacher = app.newTeacher();
        signIn(teacher.email());
        device();
        page.navigate(app.url("/account/passkeys"));
        axeFindsNothing();
        page.locator("#label").fill("Harbour telephone");
        page.locator("#current").fill("a wrong password");
        press("Make a passkey");
        assertThat(page.locator(".fault")).containsText("This is not your present password.");
        page.locator("#current").fill(TestApp.PASSWORD);
        press("Make a passkey");
        assertThat(page.locator(".places")).containsText("Harbour telephone");
        axeFindsNothing();

        page.navigate(app.url("/account/safety"));
        context.clearCookies();
        page.navigate(app.url("/sign-in"));
        axeFindsNothing();
        String[] signed = new String[1];
        page.onRequest(request -> {
            if (request.url().endsWith("/passkey/enter")) signed[0] = request.postData();
        });
        press("Sign in with a passkey");
        page.waitForURL(app.url("/"));
        page.navigate(app.url("/account/safety"));
        assertThat(page.locator(".places")).containsText("here");
        assertThat(page.locator("main")).containsText("Chrome on Linux, with a passkey");
        assertThat(page.locator("main")).containsText("Chrome on Linux, with the password");
        assertThat(app.bean(JdbcClient.class)
                        .sql("select sign_count from passkey where teacher_id = ?")
                        .param(teacher.id())
                        .query(Long.class)
                        .single())
                .as("what it has signed is counted")
                .isGreaterThan(0);

        Http thief = Http.on(app);
        thief.get("/sign-in");
        assertThat(thief.json("/passkey/enter", signed[0]).statusCode())
                .as("what was signed opens once")
                .isEqualTo(422);

        page.navigate(app.url("/account/passkeys"));
        press("Take away: Harbour telephone");
        assertThat(page.locator("main")).containsText("None yet.");
        context.clearCookies();
        page.navigate(app.url("/sign-in"));
        press("Sign in with a passkey");
        assertThat(page.locator(".passkey-told")).containsText("This passkey is not known here");
    }

    @Test
    void whatNobodySignedOpensNothing() {
        Teacher teacher = app.newTeacher();
        Http http = Http.on(app);
        http.get("/sign-in");
        assertThat(http.json("/passkey/enter", "{}").body()).contains("not known here");
        assertThat(http.post("/passkey/ask").body()).contains("challenge", "\"rpId\":\"localhost\"");
        assertThat(http.json("/passkey/enter", "{\"id\":\"AAAA\",\"rawId\":\"AAAA\",\"type\":\"public-key\"}")
                        .statusCode())
                .isEqualTo(422);
        assertThat(http.get("/account").statusCode()).isEqualTo(302);
        Http hers = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        assertThat(hers.post("/account/passkeys/ask", "current", "no").statusCode())
                .isEqualTo(422);
        assertThat(hers.json("/account/passkeys", "not even json").body()).contains("took too long");
        hers.post("/account/passkeys/ask", "current", TestApp.PASSWORD);
        assertThat(hers.json("/account/passkeys", "not even json").body()).contains("could not be taken");
        assertThat(hers.post("/account/passkeys/zz/away").statusCode()).isEqualTo(404);
    }
}
