package gurukram.web.operations;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The backups that the start command keeps beside what is stored: how old the last one is, and no more; the app cannot read them. */
@Component
public class Backups {
    private final String folder;
    private final Clock clock;

    /** @param folder empty where nobody keeps any */
    Backups(@Value("${gurukram.backups:}") String folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** In one sentence. */
    public String words() {
        if (folder.isEmpty())
            return "Nobody keeps backups of this database; whoever runs it can, with their own means.";
        Optional<FileTime> last = last();
        if (last.isEmpty()) return "There is no backup yet; the first is made while the app runs.";
        Duration age = Duration.between(last.get().toInstant(), clock.instant());
        return "The last backup of the studio is %s old; seven days and four weeks of them are kept."
                .formatted(words(age));
    }

    private static String words(Duration age) {
        if (age.toHours() < 1) return "less than an hour";
        if (age.toHours() < 48) return age.toHours() == 1 ? "one hour" : age.toHours() + " hours";
        return age.toDays() + " days";
    }

    private Optional<FileTime> last() {
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            return files.filter(file -> file.toString().endsWith(".backup"))
                    .map(Backups::time)
                    .max(FileTime::compareTo);
        } catch (IOException e) {
            // there is no such folder yet
            return Optional.empty();
        }
    }

    private static FileTime time(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException e) {
            // one that is just being taken away
            return FileTime.fromMillis(0);
        }
    }
}
