package gurukram.web.operations;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupsTest {
    private static final Instant NOW = Instant.parse("2026-11-29T12:00:00Z");

    @TempDir
    Path dir;

    private String words(String folder) {
        return new Backups(folder, Clock.fixed(NOW, ZoneOffset.UTC)).words();
    }

    private void backup(String name, Duration age) throws IOException {
        Path file = Files.writeString(dir.resolve(name), "x");
        Files.setLastModifiedTime(file, FileTime.from(NOW.minus(age)));
    }

    @Test
    void theLastOneIsTold() throws IOException {
        assertThat(words("")).contains("Nobody keeps backups");
        assertThat(words(dir.resolve("none").toString())).contains("no backup yet");
        assertThat(words(dir.toString())).contains("no backup yet");
        backup("day-2026-11-26.backup", Duration.ofDays(3));
        assertThat(words(dir.toString())).contains("is 3 days old");
        backup("day-2026-11-29.backup", Duration.ofMinutes(90));
        backup("notes.txt", Duration.ZERO);
        assertThat(words(dir.toString())).contains("is one hour old");
        backup("mine.backup", Duration.ofMinutes(3));
        assertThat(words(dir.toString())).contains("is less than an hour old");
    }
}
