package gurukram.web.siege;

import gurukram.web.support.Http;
import gurukram.web.support.PrivateServer;
import gurukram.web.support.Ran;
import gurukram.web.support.TestDatabase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.awaitility.Awaitility;

/** The app as the start command runs it, in a process of its own with a log of its own. */
final class AppProcess implements AutoCloseable {
    private final Path folder;
    private final int port;
    private final Process process;

    AppProcess(String... settings) throws IOException {
        this(freePort(), settings);
    }

    /** Once more where it was. */
    static AppProcess on(int port) throws IOException {
        return new AppProcess(port);
    }

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    private AppProcess(int port, String... settings) throws IOException {
        this.port = port;
        folder = Files.createTempDirectory("siege");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx1024m",
                "-cp",
                System.getProperty("java.class.path"),
                "gurukram.web.App",
                TestDatabase.setting(),
                "--server.port=" + port,
                "--logging.file.name=" + folder.resolve("app.log"),
                "--logging.threshold.console=off"));
        command.addAll(1, options());
        command.addAll(List.of(settings));
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Awaitility.await()
                .atMost(120, TimeUnit.SECONDS)
                .pollInterval(100, TimeUnit.MILLISECONDS)
                .ignoreExceptions()
                .until(() -> new Http(url()).get("/sign-in").statusCode() == 200);
    }

    private static List<String> options() throws IOException {
        try {
            Ran ran = Ran.command(
                    Map.of(), PrivateServer.TOOLS.resolve("jvm-options.sh").toString());
            if (ran.status() != 0) throw new IllegalStateException(ran.output());
            return ran.output().lines().toList();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    int port() {
        return port;
    }

    String url() {
        return "http://localhost:" + port;
    }

    boolean isAlive() {
        return process.isAlive();
    }

    /** All that it has written into its logs, bytes. */
    long logged() {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile)
                    .mapToLong(file -> file.toFile().length())
                    .sum();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the process has of the machine's memory, MB. */
    long residentMb() throws IOException {
        String status = Files.readString(Path.of("/proc", String.valueOf(process.pid()), "status"));
        String line =
                status.lines().filter(l -> l.startsWith("VmRSS:")).findFirst().orElseThrow();
        return Long.parseLong(line.replaceAll("[^0-9]", "")) / 1024;
    }

    /** What its heap holds when everything nobody needs has gone, MB. */
    long usedMb() throws IOException, InterruptedException {
        jcmd("GC.run");
        Matcher used = Pattern.compile("used (\\d+)K").matcher(jcmd("GC.heap_info"));
        long kb = 0;
        // young and old; the classes stand last and apart
        for (int i = 0; i < 2 && used.find(); i++) kb += Long.parseLong(used.group(1));
        if (kb == 0) throw new IllegalStateException("nothing was told of the heap");
        return kb / 1024;
    }

    private String jcmd(String what) throws IOException, InterruptedException {
        String tool = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        Ran ran = Ran.command(Map.of(), tool, String.valueOf(process.pid()), what);
        if (ran.status() != 0) throw new IllegalStateException(ran.output());
        return ran.output();
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
