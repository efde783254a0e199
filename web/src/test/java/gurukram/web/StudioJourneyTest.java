package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A studio founded, somebody asked, a class shared, reviewed and taught in somebody's place; by keyboard. */
class StudioJourneyTest extends BrowserTests {
    StudioJourneyTest(TestApp app) {
        super(app);
    }

    private String mailed(String to, String path) {
        String body = app.bean(JdbcClient.class)
                .sql("select body from outgoing_mail where recipient = ? order by made_at desc limit 1")
                .param(to)
                .query(String.class)
                .single();
        Matcher link = Pattern.compile(path + "/[\\w-]{43}").matcher(body);
        link.find();
        return link.group();
    }

    @Test
    void aSubstituteStandsIn() {
        Teacher maren = app.newTeacher();
        Teacher ines = app.newTeacher();
        ClassId harbour = app.newClass(maren, "standing:", "tree, both, 5 breaths", "triangle, both, 5 breaths");
        signIn(maren.email());
        page.navigate(app.url("/studios"));
        axeFindsNothing();
        page.locator("[name=name]").fill("The Ropewalk");
        enter();
        page.locator("[name=email]").fill(ines.email());
        page.locator("form[action$=invitations] [name=role]").selectOption("substitute");
        page.locator("[name=email]").focus();
        enter();
        assertThat(page.locator("main")).containsText(ines.email());
        axeFindsNothing();
        phone();
        page.navigate(app.url("/classes/" + harbour + "/share-in-studio"));
        page.locator("text=Share in The Ropewalk").focus();
        enter();
        assertThat(page.locator("h1")).hasText("Test class");
        page.locator("summary").nth(1).focus();
        page.keyboard().press("Enter");
        page.keyboard().press("Tab");
        page.keyboard().type("Longer, for those who come late?");
        enter();
        assertThat(page.locator(".remark")).containsText("Longer, for those who come late?");
        axeFindsNothing();
        phone();
        String shared = page.url().replaceFirst("#.*", "");
        page.locator("text=Sign out").click();
        page.waitForURL(Pattern.compile(".*/sign-in.*"));
        signIn(ines.email());
        page.navigate(app.url(mailed(ines.email(), "/come")));
        axeFindsNothing();
        page.locator("text=Come in").focus();
        enter();
        assertThat(page.locator("main")).containsText("You are substitute");
        page.navigate(shared);
        assertThat(page.locator("text=End sharing")).hasCount(0);
        page.locator("text=Stand in and teach it").focus();
        enter();
        assertThat(page.locator("#teach")).isVisible();
    }

    @Test
    void aForgottenPasswordAndASecondFactor() {
        Teacher ines = app.newTeacher();
        page.navigate(app.url("/sign-in"));
        page.locator("text=Password forgotten?").focus();
        enter();
        axeFindsNothing();
        page.locator("#email").fill(ines.email());
        enter();
        assertThat(page.locator(".told")).containsText("on its way");
        page.navigate(app.url(mailed(ines.email(), "/forgotten")));
        axeFindsNothing();
        page.locator("#password").fill("three ropes one harbour wall");
        enter();
        assertThat(page.locator(".told")).containsText("The password is changed.");
        page.locator("#password").fill("three ropes one harbour wall");
        page.locator("#email").fill(ines.email());
        enter();
        page.waitForURL(app.url("/"));
        page.navigate(app.url("/account/second-factor"));
        page.locator("#current").fill("three ropes one harbour wall");
        enter();
        assertThat(page.locator(".qr")).isVisible();
        axeFindsNothing();
        phone();
        page.navigate(app.url("/account/email"));
        axeFindsNothing();
        phone();
    }
}
