package gurukram.web.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;

/** A database server of a test's own, as the start command has one; it can be killed, and followed by a standby. */
public final class PrivateServer {
    public static final Path TOOLS = Path.of("..", "tools").toAbsolutePath().normalize();
    private static final Pattern EXPORT = Pattern.compile("(\\w+)=('[^']*'|[^ \\n]*)");

    private final Path home;
    private final Map<String, String> settings;
    private final Map<String, String> environment = new HashMap<>();

    /** @param home with pg in its name, where the server's own account can get; @param more settings of the script, names and values */
    public PrivateServer(Path home, String... more) {
        this.home = home;
        settings = new HashMap<>(Map.of(
                "PG_DIR",
                home.toString(),
                "PG_DB",
                "gurukram",
                "PG_USER",
                "gurukram",
                "PG_PASSWORD",
                "secret",
                "PG_FAST",
                "0"));
        for (int i = 0; i < more.length; i += 2) settings.put(more[i], more[i + 1]);
    }

    /** A folder the server's own account can get to, in memory where there is one. */
    public static Path folder(String name) throws IOException, InterruptedException {
        Path memory = Path.of("/dev/shm");
        Path base =
                Files.isWritable(memory) ? Files.createTempDirectory(memory, name) : Files.createTempDirectory(name);
        Ran.command(Map.of(), "chmod", "755", base.toString());
        return base;
    }

    private Ran does(String... command) throws IOException, InterruptedException {
        String[] whole = new String[command.length + 1];
        whole[0] = TOOLS.resolve("private-postgres.sh").toString();
        System.arraycopy(command, 0, whole, 1, command.length);
        Ran ran = Ran.command(settings, whole);
        assertThat(ran.status()).as(ran.output()).isZero();
        return ran;
    }

    public void start() throws IOException, InterruptedException {
        environment.putAll(exports(does("start")));
    }

    /** Makes a standby there, and waits for it from then on. @return where an app finds whichever is the primary */
    public String standby(PrivateServer there) throws IOException, InterruptedException {
        return exports(does("standby", there.home.toString())).get("SPRING_DATASOURCE_URL");
    }

    public void promote() throws IOException, InterruptedException {
        does("promote");
        environment.putAll(exports(does("env")));
    }

    private static Map<String, String> exports(Ran ran) {
        Map<String, String> all = new HashMap<>();
        Matcher export = EXPORT.matcher(ran.output());
        while (export.find()) all.put(export.group(1), export.group(2).replace("\\", ""));
        return all;
    }

    /** What its commands and an app need to reach it. */
    public Map<String, String> environment() {
        return Map.copyOf(environment);
    }

    public Connection connect() throws SQLException {
        return DriverManager.getConnection(environment.get("SPRING_DATASOURCE_URL"), "gurukram", "secret");
    }

    public void migrate() {
        Flyway.configure()
                .dataSource(environment.get("SPRING_DATASOURCE_URL"), "gurukram", "secret")
                .locations("classpath:db/migration")
                .load()
                .migrate();
    }

    public Ran backup(String... command) throws IOException, InterruptedException {
        String[] whole = new String[command.length + 1];
        whole[0] = TOOLS.resolve("backup.sh").toString();
        System.arraycopy(command, 0, whole, 1, command.length);
        return Ran.command(environment, whole);
    }

    /** The server is gone when this returns: who starts it again must not take it for running. */
    public void kill() throws IOException, InterruptedException {
        String pid = pid();
        signal("-9", pid);
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (ProcessHandle.of(Long.parseLong(pid))
                        .filter(ProcessHandle::isAlive)
                        .isPresent()
                && System.nanoTime() < until) Thread.sleep(50);
    }

    /** Of the server itself. */
    public String pid() throws IOException {
        return Files.readAllLines(home.resolve("data/postmaster.pid")).get(0).strip();
    }

    public static void signal(String which, String pid) throws IOException, InterruptedException {
        Ran ran = Ran.command(Map.of(), "kill", which, pid);
        assertThat(ran.status()).as(ran.output()).isZero();
    }

    public void destroy() throws IOException, InterruptedException {
        does("destroy");
        String[] left = home.getParent().toFile().list();
        if (left != null && left.length == 0) Files.delete(home.getParent());
    }

    /** Rows and a sum over all of them, by table. */
    public Map<String, String> sums() throws SQLException {
        Map<String, String> sums = new TreeMap<>();
        try (Connection db = connect();
                Statement statement = db.createStatement()) {
            ResultSet tables = statement.executeQuery(
                    "select table_name from information_schema.tables where table_schema = 'public' order by 1");
            while (tables.next()) sums.put(tables.getString(1), "");
            for (String table : sums.keySet()) {
                ResultSet sum = statement.executeQuery(
                        "select count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' order by t::text)), '') from %s t"
                                .formatted(table));
                sum.next();
                sums.put(table, sum.getString(1));
            }
        }
        return sums;
    }

    public long count(String query) throws SQLException {
        try (Connection db = connect();
                Statement statement = db.createStatement()) {
            ResultSet count = statement.executeQuery(query);
            count.next();
            return count.getLong(1);
        }
    }
}
