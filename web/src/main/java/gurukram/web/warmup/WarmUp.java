package gurukram.web.warmup;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.web.account.AccountStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Opening;
import gurukram.web.shared.Teacher;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.core.io.ClassPathResource;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Opens and edits classes through its own door for some seconds before it opens, so that the machine has learnt how before the first
 * teacher comes: many who come at once would all wait for it. Whoever practised is forgotten afterwards.
 */
@Component
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final int AT_ONCE = 4;
    private static final int EDITS_BETWEEN_PAGES = 6;
    private static final Pattern TOKEN = Pattern.compile("name=\"csrf\" content=\"([^\"]+)\"");
    private static final Pattern ROW = Pattern.compile("data-row=\"([^\"]+)\" data-name");
    private static final Pattern VERSION = Pattern.compile("(?:name=\"version\" value|data-version)=\"(\\d+)\"");

    private final Opening opening;
    private final AccountStore accounts;
    private final ClassEditor editor;
    private final Poses poses;
    private final PasswordEncoder passwords;
    private final Environment environment;
    private final int seconds;

    WarmUp(
            Opening opening,
            AccountStore accounts,
            ClassEditor editor,
            Poses poses,
            PasswordEncoder passwords,
            Environment environment,
            @Value("${gurukram.warm-up}") int seconds) {
        this.opening = opening;
        this.accounts = accounts;
        this.editor = editor;
        this.poses = poses;
        this.passwords = passwords;
        this.environment = environment;
        this.seconds = seconds;
    }

    @EventListener(ApplicationReadyEvent.class)
    void practise() {
        String email = AccountStore.PRACTISES + UUID.randomUUID() + "@gurukram.invalid";
        if (seconds == 0) {
            accounts.removePractised(email);
            return;
        }
        try {
            int edits = practised(email);
            LOG.info("Practised for {} s: {} edits.", seconds, edits);
        } catch (RuntimeException e) {
            LOG.warn("Could not practise before opening; the first visitors will wait a little.", e);
        } finally {
            opening.open();
            accounts.removePractised(email);
        }
    }

    private int practised(String email) {
        String password = UUID.randomUUID().toString();
        Teacher nobody = accounts.register("Practice", email, "Nobody", passwords.encode(password), false);
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        List<Practice> all = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++)
            all.add(new Practice(editor.create(nobody, read(), null), email, password, end));
        all.forEach(Thread::start);
        int edits = 0;
        for (Practice one : all) {
            try {
                one.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            edits += one.edits;
        }
        return edits;
    }

    private ClassPlan read() {
        try {
            String text = new ClassPathResource("samples/a-first-class.txt").getContentAsString(StandardCharsets.UTF_8);
            Random random = new Random(1);
            return new NotationReader(poses.shipped(), () -> NodeId.random(random))
                    .read(text)
                    .planOrRefused();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One who edits a class as a page does. */
    private final class Practice extends Thread {
        private final ClassId id;
        private final String email;
        private final String password;
        private final long end;
        private final HttpClient client = HttpClient.newHttpClient();
        /** Kept by hand: behind a proxy they are for https alone, which is not spoken here. */
        private final Map<String, String> cookies = new TreeMap<>();

        private String token = "";
        private volatile int edits;

        Practice(ClassId id, String email, String password, long end) {
            super("practice");
            this.id = id;
            this.email = email;
            this.password = password;
            this.end = end;
        }

        @Override
        public void run() {
            try {
                ask("/sign-in");
                ask("/sign-in", "email", email, "password", password);
                while (System.nanoTime() < end) {
                    ask("/");
                    edit(ask("/classes/" + id));
                }
            } catch (IOException | RuntimeException e) {
                LOG.debug("practice ended early", e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        private void edit(String page) throws IOException, InterruptedException {
            List<String> rows =
                    ROW.matcher(page).results().map(found -> found.group(1)).toList();
            String version = first(VERSION, page);
            for (int i = 0; i < EDITS_BETWEEN_PAGES && System.nanoTime() < end && !rows.isEmpty(); i++) {
                String row = rows.get(edits % rows.size());
                String change = ask(
                        "/classes/" + id + "/change",
                        "node",
                        row,
                        "field",
                        "note",
                        "value",
                        "word " + edits,
                        "version",
                        version,
                        "view",
                        "BEGINNER");
                edits++;
                String next = first(VERSION, change);
                if (next.isEmpty()) return;
                version = next;
            }
        }

        private String ask(String path, String... fields) throws IOException, InterruptedException {
            String host = environment.getProperty("server.address", "127.0.0.1");
            String base = "http://" + host + ":" + environment.getProperty("local.server.port");
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                    .timeout(Duration.ofSeconds(20))
                    .header(Opening.HEADER, opening.secret());
            String kept = cookies.entrySet().stream()
                    .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                    .collect(Collectors.joining("; "));
            if (!kept.isEmpty()) request.header("Cookie", kept);
            if (fields.length > 0) {
                List<String> pairs = new ArrayList<>();
                for (int i = 0; i < fields.length; i += 2)
                    pairs.add(fields[i] + "=" + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
                request.header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-CSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(String.join("&", pairs)));
                if (path.startsWith("/classes/")) request.header("HX-Request", "true");
            }
            HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            for (String set : answer.headers().allValues("Set-Cookie")) {
                String[] cookie = set.split(";", 2)[0].split("=", 2);
                cookies.put(cookie[0], cookie[1]);
            }
            String body = answer.body();
            String fresh = first(TOKEN, body);
            if (!fresh.isEmpty()) token = fresh;
            return body;
        }

        private static String first(Pattern pattern, String text) {
            Matcher found = pattern.matcher(text);
            return found.find() ? found.group(1) : "";
        }
    }
}
