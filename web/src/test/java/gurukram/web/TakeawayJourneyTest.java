package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Everything taken from one account to another in the browser, and a class handed on by a link. */
class TakeawayJourneyTest extends BrowserTests {
    TakeawayJourneyTest(TestApp app) {
        super(app);
    }

    /** The same with so much ballast that it has to go in pieces. */
    private static void heavy(Path from, Path to) throws IOException {
        byte[] ballast = new byte[2_500_000];
        new Random(1).nextBytes(ballast);
        try (InputStream in = Files.newInputStream(from);
                ZipInputStream old = new ZipInputStream(in);
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            for (ZipEntry entry = old.getNextEntry(); entry != null; entry = old.getNextEntry()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                old.transferTo(out);
            }
            out.putNextEntry(new ZipEntry("ballast.bin"));
            out.write(ballast);
        }
    }

    @Test
    void everythingGoesFromOneAccountToAnother(@TempDir Path dir) throws IOException {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 5 breaths");
        signIn(teacher.email());
        page.navigate(app.url("/account/everything"));
        axeFindsNothing();
        Download download =
                page.waitForDownload(() -> page.locator(".button.strong").click());
        Path file = dir.resolve("all.zip");
        download.saveAs(file);
        Path heavy = dir.resolve("heavy.zip");
        heavy(file, heavy);

        page.navigate(app.url("/classes/" + id + "/share"));
        axeFindsNothing();
        page.locator("button.strong").click();
        String link = page.locator(".share-link").innerText();
        page.locator("text=Sign out").first().click();
        page.waitForURL("**/sign-in**");
        page.navigate(link);
        assertThat(page.locator("main")).containsText("right, then left: 5 breaths");
        axeFindsNothing();
        page.setViewportSize(390, 844);
        until("document.documentElement.scrollWidth <= 390");
        page.setViewportSize(1280, 800);

        signIn(app.newTeacher().email());
        page.navigate(app.url("/account/everything"));
        page.locator("#file").setInputFiles(heavy);
        page.locator("text=Look into it").click();
        assertThat(page.locator("h1")).hasText("What is in the file");
        assertThat(page.locator("tr:has-text('Classes')")).containsText("1");
        axeFindsNothing();
        page.locator("text=Bring it back").click();
        assertThat(page.locator("main")).containsText("Brought back: 1 class.");
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator("[data-name=Tree]")).isVisible();
    }
}
