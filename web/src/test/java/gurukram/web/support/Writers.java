package gurukram.web.support;

import gurukram.core.plan.Item;
import gurukram.core.plan.Step;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;

/**
 * Teachers who each type lines into a class of their own, every line another, and ask again under the same key until they are answered,
 * as the page does.
 */
public final class Writers {
    private static final Pattern VERSION = Pattern.compile("(?:name=\"version\" value|data-version)=\"(\\d+)\"");
    private static final int AGAIN_AFTER_MS = 200;
    private static final int THINK_MS = 20;

    private final TestApp app;
    private final List<Writer> all = new ArrayList<>();

    /** @param app where they sign in, and where what is kept is read */
    public Writers(TestApp app, int many) {
        this.app = app;
        for (int i = 0; i < many; i++) all.add(new Writer());
    }

    /** What happens meanwhile. */
    public interface Trouble {
        void make() throws Exception;
    }

    /**
     * What came of it.
     *
     * @param asked how often a line was asked for; more than {@code answered} where answers were lost
     * @param lost answered, and not there
     * @param twice there more than once
     * @param longest between two answers of one writer, ms
     */
    public record Told(int answered, int asked, int lost, int twice, long longest) {
        @Override
        public String toString() {
            return "%d lines answered, asked for %d times; lost %d, there twice %d"
                    .formatted(answered, asked, lost, twice);
        }
    }

    /** All type while trouble is made, until each has its last line answered. @param copies addresses of the app, asked at random */
    public Told write(List<String> copies, Trouble trouble) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService hands = Executors.newFixedThreadPool(all.size());
        List<Future<?>> typing = new ArrayList<>();
        for (Writer writer : all) typing.add(hands.submit(() -> writer.write(copies, over)));
        try {
            trouble.make();
        } finally {
            over.set(true);
        }
        for (Future<?> one : typing) one.get(120, TimeUnit.SECONDS);
        hands.shutdown();
        int answered = 0;
        int asked = 0;
        int lost = 0;
        int twice = 0;
        long longest = 0;
        for (Writer writer : all) {
            List<String> kept = writer.kept();
            answered += writer.answered.size();
            asked += writer.asked.get();
            longest = Math.max(longest, writer.longest);
            List<String> gone = new ArrayList<>(writer.answered);
            gone.removeAll(kept);
            lost += gone.size();
            twice += kept.size() - new HashSet<>(kept).size();
        }
        return new Told(answered, asked, lost, twice, longest);
    }

    private final class Writer {
        final Teacher teacher = app.newTeacher();
        final ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        final List<String> answered = Collections.synchronizedList(new ArrayList<>());
        final AtomicInteger asked = new AtomicInteger();
        final Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        volatile long longest;
        private String version = "1";

        void write(List<String> copies, AtomicBoolean over) {
            Random random = new Random(id.hashCode());
            for (int i = 1; !over.get(); i++) {
                long begun = System.nanoTime();
                String key = UUID.randomUUID().toString();
                while (!isTaken(http.at(copies.get(random.nextInt(copies.size()))), key, i)) pause(AGAIN_AFTER_MS);
                answered.add("line " + i);
                longest = Math.max(longest, (System.nanoTime() - begun) / 1_000_000);
                pause(THINK_MS);
            }
        }

        private boolean isTaken(Http there, String key, int i) {
            asked.incrementAndGet();
            try {
                HttpResponse<String> answer = there.once(
                        key,
                        "/classes/" + id + "/line",
                        "line",
                        "mountain, 2 breaths // line " + i,
                        "version",
                        version,
                        "view",
                        "INTERMEDIATE");
                Matcher found = VERSION.matcher(answer.body());
                boolean has = found.find();
                if (has && (answer.statusCode() == 200 || answer.statusCode() == 409)) version = found.group(1);
                return has && answer.statusCode() == 200;
            } catch (RuntimeException e) {
                return false;
            }
        }

        /** The notes of the lines that are there. */
        List<String> kept() {
            List<Item> items = Awaitility.await()
                    .atMost(60, TimeUnit.SECONDS)
                    .ignoreExceptions()
                    .until(
                            () -> app.bean(ClassStore.class)
                                    .find(teacher, id)
                                    .orElseThrow()
                                    .plan()
                                    .sections()
                                    .get(0)
                                    .items(),
                            found -> true);
            return items.stream()
                    .filter(Step.class::isInstance)
                    .map(item -> ((Step) item).note())
                    .filter(note -> note != null && note.startsWith("line "))
                    .toList();
        }
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
