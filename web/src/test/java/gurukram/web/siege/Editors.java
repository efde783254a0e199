package gurukram.web.siege;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Teachers who edit a class each, with time to think between. */
final class Editors {
    private static final long A_SECOND = 1_000_000_000L;
    private static final Pattern VERSION = Pattern.compile("id=\"version\" name=\"version\" value=\"(\\d+)\"");
    private static final Pattern CHANGED = Pattern.compile("data-version=\"(\\d+)\"");
    private static final Pattern NODE = Pattern.compile("data-row=\"([^\"]+)\" data-name=\"Triangle\"");

    private final List<One> all = new ArrayList<>();
    private final List<Edit> edits = Collections.synchronizedList(new ArrayList<>());
    private final List<String> wrong = Collections.synchronizedList(new ArrayList<>());

    private record One(Http http, String path, String node) {}

    /** @param at since all of them began, ns */
    record Edit(long at, long nanos) {}

    /** Signed in at the test's own copy, so that the one under siege is as cold as it was. @param at its address, or its balancer's */
    Editors(TestApp app, String at, int many) {
        for (int i = 0; i < many; i++) {
            Teacher teacher = app.newTeacher();
            ClassId id = app.newClass(teacher, lines(3 + i % 3));
            Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
            String page = http.get("/classes/" + id).body();
            Matcher node = NODE.matcher(page);
            if (!node.find()) throw new IllegalStateException("no triangle");
            all.add(new One(http.at(at), "/classes/" + id, node.group(1)));
        }
    }

    /** A class of an hour to an hour and a half. */
    private static String[] lines(int flows) {
        List<String> lines = new ArrayList<>(List.of("section arrive", "easy seat, 3 min open", "section standing"));
        for (int i = 0; i < flows; i++) {
            lines.add("flow tide " + i + ", 3 rounds, both sides");
            lines.addAll(List.of(
                    "  high lunge, in", "  warrior 2, out", "  reverse warrior, in", "  side angle, out", "end flow"));
            lines.addAll(List.of("triangle, both, 3 breaths", "chair, 3 breaths", "tree, both, 4 breaths"));
        }
        lines.addAll(List.of("section rest", "final rest, 8 min"));
        return lines.toArray(String[]::new);
    }

    Told edit(int seconds, int thinkFromMs, int thinkToMs) throws InterruptedException {
        return edit(seconds, thinkFromMs, thinkToMs, thinkToMs);
    }

    /** Each opens the class, edits and thinks in turn for so long; they come one after another within {@code arriveMs}. */
    Told edit(int seconds, int thinkFromMs, int thinkToMs, int arriveMs) throws InterruptedException {
        edits.clear();
        wrong.clear();
        long begin = System.nanoTime();
        long end = begin + seconds * A_SECOND;
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            One one = all.get(i);
            Random random = new Random(i);
            Thread thread = new Thread(() -> edit(one, random, begin, end, thinkFromMs, thinkToMs, arriveMs));
            thread.start();
            threads.add(thread);
        }
        for (Thread thread : threads) thread.join();
        return new Told(List.copyOf(edits), List.copyOf(wrong));
    }

    private void edit(One one, Random random, long begin, long end, int thinkFromMs, int thinkToMs, int arriveMs) {
        try {
            Thread.sleep(random.nextInt(arriveMs));
            int version = version(one.http().get(one.path()).body());
            while (System.nanoTime() < end) {
                long begun = System.nanoTime();
                HttpResponse<String> answer = one.http()
                        .htmx(
                                one.path() + "/change",
                                "node",
                                one.node(),
                                "field",
                                "dose",
                                "value",
                                String.valueOf(2 + version % 5),
                                "version",
                                String.valueOf(version),
                                "view",
                                "INTERMEDIATE");
                edits.add(new Edit(begun - begin, System.nanoTime() - begun));
                Matcher changed = CHANGED.matcher(answer.body());
                if (answer.statusCode() != 200 || !changed.find()) {
                    wrong.add(answer.statusCode() + " "
                            + answer.body().lines().limit(3).toList());
                    version = version(one.http().get(one.path()).body());
                } else version = Integer.parseInt(changed.group(1));
                Thread.sleep(thinkFromMs + random.nextInt(Math.max(1, thinkToMs - thinkFromMs)));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            wrong.add(e.toString());
        }
    }

    private static int version(String page) {
        Matcher found = VERSION.matcher(page);
        if (!found.find()) throw new IllegalStateException("no version on the page");
        return Integer.parseInt(found.group(1));
    }

    /** How long edits took, and all that was wrong meanwhile. */
    record Told(List<Edit> edits, List<String> wrong) {
        /** Those that were begun from one second to another; what was wrong is told of all. */
        Told during(int from, int to) {
            List<Edit> some = edits.stream()
                    .filter(edit -> edit.at() >= from * A_SECOND && edit.at() < to * A_SECOND)
                    .toList();
            return new Told(some, wrong);
        }

        double ms(int percent) {
            List<Long> sorted = edits.stream().map(Edit::nanos).sorted().toList();
            if (sorted.isEmpty()) throw new IllegalStateException("nobody edited");
            return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100)) / 1e6;
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%d edits, median %.0f ms, p95 %.0f ms, worst %.0f ms, %d wrong%s",
                    edits.size(),
                    ms(50),
                    ms(95),
                    ms(100),
                    wrong.size(),
                    wrong.isEmpty() ? "" : ", such as " + wrong.get(0));
        }
    }
}
