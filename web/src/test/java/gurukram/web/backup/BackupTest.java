package gurukram.web.backup;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.PrivateServer;
import gurukram.web.support.Ran;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup under load, the server killed, a new one restored from it: nothing is missing, nothing is half. */
class BackupTest {
    private static final Path TOOLS = Path.of("..", "tools").toAbsolutePath().normalize();
    private static final Pattern EXPORT = Pattern.compile("(\\w+)=('[^']*'|[^ \\n]*)");
    private static final String A_CLASS = """
            with s as (insert into studio (id, name, created_at) values (gen_random_uuid(), 'Studio', now()) returning id),
                 t as (insert into teacher (id, studio_id, email, name, password_hash, created_at)
                       select gen_random_uuid(), id, md5(random()::text) || '@x.example', 'T', 'x', now() from s returning id, studio_id),
                 c as (insert into yoga_class (studio_id, id, teacher_id, title, theme, style, level, slot_minutes, length_ms, plan, head, version, created_at, changed_at)
                       select studio_id, gen_random_uuid(), id, 'Harbour', '', 'HATHA', 'BEGINNER', 60, 1, '{"a": "ö"}', 0, 1, now(), now() from t returning studio_id, id)
            insert into revision (studio_id, class_id, seq, label, at) select studio_id, id, 0, 'made', now() from c""";

    @TempDir
    Path dir;

    private PrivateServer server;
    private PrivateServer other;

    @BeforeEach
    void start() throws Exception {
        // the server's own account has to get there
        Path base = Files.createTempDirectory("pg-backup-");
        new ProcessBuilder("chmod", "755", base.toString()).start().waitFor();
        server = new PrivateServer(base.resolve("pg-a"));
        other = new PrivateServer(base.resolve("pg-b"));
        server.start();
        server.migrate();
    }

    @AfterEach
    void destroy() throws Exception {
        server.destroy();
        other.destroy();
    }

    private static void insert(PrivateServer server, int times) throws SQLException {
        try (Connection db = server.connect();
                Statement statement = db.createStatement()) {
            for (int i = 0; i < times; i++) statement.executeUpdate(A_CLASS);
        }
    }

    @Test
    void whatIsBackedUpUnderLoadIsWholeAndWhatStandsStillIsTheSame() throws Exception {
        insert(server, 200);
        AtomicBoolean on = new AtomicBoolean(true);
        AtomicInteger written = new AtomicInteger();
        Thread load = new Thread(() -> {
            try {
                while (on.get()) {
                    insert(server, 5);
                    written.addAndGet(5);
                }
            } catch (SQLException killed) {
                // that is the end of it
            }
        });
        load.start();
        Awaitility.await().atMost(30, TimeUnit.SECONDS).until(() -> written.get() > 20);
        String file = dir.resolve("under-load.backup").toString();
        Ran made = server.backup("make", file);
        assertThat(made.status()).as(made.output()).isZero();
        server.kill();
        load.join(30_000);
        on.set(false);

        other.start();
        Ran restored = other.backup("restore", file, "9999");
        assertThat(restored.status()).as(restored.output()).isZero();
        long classes = other.count("select count(*) from yoga_class");
        assertThat(classes).isGreaterThan(220);
        assertThat(other.count("select count(*) from revision")).isEqualTo(classes);
        assertThat(other.count("select count(*) from teacher")).isEqualTo(classes);

        Map<String, String> before = other.sums();
        assertThat(before).hasSizeGreaterThan(20);
        String still = dir.resolve("still.backup").toString();
        assertThat(other.backup("make", still).status()).isZero();
        insert(other, 3);
        assertThat(other.sums()).isNotEqualTo(before);
        other.kill();
        other.start();
        Ran again = other.backup("restore", still, "9999");
        assertThat(again.status()).as(again.output()).isZero();
        assertThat(other.sums()).as("0 differences").isEqualTo(before);
        other.migrate();
    }

    @Test
    void whatIsDamagedHalfOrNewerChangesNothing() throws Exception {
        insert(server, 20);
        Path file = dir.resolve("a.backup");
        assertThat(server.backup("make", file.toString()).status()).isZero();
        byte[] whole = Files.readAllBytes(file);
        Map<String, String> before = server.sums();

        Path half = dir.resolve("half.backup");
        Files.write(half, Arrays.copyOf(whole, whole.length / 2));
        Path damaged = dir.resolve("damaged.backup");
        byte[] other = whole.clone();
        other[whole.length / 2] ^= 1;
        Files.write(damaged, other);
        Path text = dir.resolve("text.backup");
        Files.writeString(text, "no backup");
        Map<Path, String> wrong =
                Map.of(half, "part of one", damaged, "damaged", text, "no backup", dir.resolve("none"), "no file");
        for (var one : wrong.entrySet()) {
            Ran ran = server.backup("restore", one.getKey().toString(), "9999");
            assertThat(ran.status()).as(one.getValue()).isNotZero();
            assertThat(ran.output()).contains(one.getValue());
        }
        Ran newer = server.backup("restore", file.toString(), "1");
        assertThat(newer.status()).isNotZero();
        assertThat(newer.output()).contains("newer Gurukram");
        assertThat(server.sums()).isEqualTo(before);
    }

    /** A disk that is full, as a limit on how long a file may become. */
    @Test
    void aFullDiskLeavesTheOldOneAndSevenDaysAndFourWeeksAreKept() throws Exception {
        insert(server, 5);
        Path file = dir.resolve("a.backup");
        assertThat(server.backup("make", file.toString()).status()).isZero();
        byte[] old = Files.readAllBytes(file);
        Ran full = Ran.command(
                server.environment(),
                "bash",
                "-c",
                "ulimit -f 8; exec \"$0\" make \"$1\"",
                TOOLS.resolve("backup.sh").toString(),
                file.toString());
        assertThat(full.status()).isNotZero();
        assertThat(Files.readAllBytes(file)).isEqualTo(old);
        try (Stream<Path> left = Files.list(dir)) {
            assertThat(left).as("no half ones either").containsExactly(file);
        }

        Path backups = Files.createDirectory(dir.resolve("backups"));
        for (int day = 1; day <= 20; day++)
            Files.writeString(backups.resolve("day-2026-01-%02d.backup".formatted(day)), "x");
        for (int week = 1; week <= 9; week++)
            Files.writeString(backups.resolve("week-2026-0%d.backup".formatted(week)), "x");
        Files.writeString(backups.resolve("mine.backup"), "x");
        assertThat(server.backup("daily", backups.toString()).status()).isZero();
        assertThat(server.backup("daily", backups.toString()).status()).isZero();
        try (Stream<Path> kept = Files.list(backups)) {
            Map<String, Long> kinds = new TreeMap<>();
            kept.forEach(path -> kinds.merge(path.getFileName().toString().replaceAll("-.*", ""), 1L, Long::sum));
            assertThat(kinds).isEqualTo(Map.of("day", 7L, "week", 4L, "mine.backup", 1L));
        }
    }
}
