package gurukram.web.siege;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.Balancer;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two hundred teachers editing a class each, of an hour to an hour and a half, while ten ask for drafts. Prints what it saw. */
@ExtendWith(TestApp.Extension.class)
class EditingSiege {
    private static final int TEACHERS = 200;
    private static final int DRAFTING = 10;
    private static final int MINUTES = 2;
    /** How many edits the memory is watched over, and how often it is looked at. */
    private static final int EDITS = 20_000;

    private static final int LOOKS = 5;

    private final TestApp app;

    EditingSiege(TestApp app) {
        this.app = app;
    }

    @Test
    void oneCopyAndNobodyDrafts() throws Exception {
        try (AppProcess one = new AppProcess("--gurukram.warm-up=8")) {
            besieged("one copy, where nobody drafts", one.url(), 0);
        }
    }

    @Test
    void oneCopy() throws Exception {
        try (AppProcess one = new AppProcess("--gurukram.warm-up=8")) {
            besieged("one copy", one.url(), DRAFTING);
        }
    }

    @Test
    void twoCopies() throws Exception {
        try (AppProcess one = new AppProcess("--gurukram.warm-up=8");
                AppProcess two = new AppProcess("--gurukram.warm-up=8");
                Balancer balancer = new Balancer(one.port(), two.port())) {
            besieged("two copies", balancer.url(), DRAFTING);
        }
    }

    private void besieged(String copies, String at, int many) throws Exception {
        Editors teachers = new Editors(app, at, TEACHERS);
        List<Drafting> drafting = new ArrayList<>();
        for (int i = 0; i < many; i++) drafting.add(new Drafting(at, i));
        drafting.forEach(Thread::start);
        Editors.Told told = teachers.edit(MINUTES * 60, 2_000, 5_000, 15_000);
        drafting.forEach(Drafting::end);
        for (Drafting one : drafting) one.join();
        for (int i = 0; i < MINUTES; i++)
            System.out.printf(
                    "[siege] %d teachers on %s, who come within 15 s, minute %d: %s%n",
                    TEACHERS, copies, i + 1, told.during(60 * i, 60 * (i + 1)));
        if (many > 0)
            System.out.printf("[siege] meanwhile %d of them asked for drafts: %s%n", many, Drafting.told(drafting));
        assertThat(told.wrong()).isEmpty();
        assertThat(drafting.stream().flatMap(one -> one.wrong.stream())).isEmpty();
        for (int i = 0; i < MINUTES; i++)
            assertThat(told.during(60 * i, 60 * (i + 1)).ms(95))
                    .as("ms, minute %d", i + 1)
                    .isLessThan(250);
    }

    /** Asks for three drafts, reads them for half a minute, asks again. */
    private final class Drafting extends Thread {
        private final Http http;
        private final Random random;
        private final List<Long> ms = Collections.synchronizedList(new ArrayList<>());
        private final List<String> wrong = Collections.synchronizedList(new ArrayList<>());
        private final AtomicInteger later = new AtomicInteger();
        private volatile boolean over;

        Drafting(String at, int n) {
            http = Http.on(app)
                    .signedIn(app.newTeacher().email(), TestApp.PASSWORD)
                    .at(at);
            random = new Random(n);
        }

        void end() {
            over = true;
            interrupt();
        }

        @Override
        public void run() {
            String[] peaks = {"tree", "half-moon", "crow", "seated-fold", "camel", "triangle"};
            try {
                Thread.sleep(random.nextInt(20_000));
                while (!over) {
                    long begun = System.nanoTime();
                    String set = drafted(peaks[random.nextInt(peaks.length)], 60 + 15 * random.nextInt(3));
                    int status = seen(set);
                    ms.add((System.nanoTime() - begun) / 1_000_000);
                    if (status != 200) wrong.add(set + " answered " + status);
                    Thread.sleep(20_000 + random.nextInt(20_000));
                }
            } catch (InterruptedException e) {
                // it is over
            } catch (RuntimeException e) {
                if (!over) wrong.add(e.toString());
            }
        }

        /** Told to come again, the page does, and so do we; it counts as one. */
        private String drafted(String peak, int minutes) throws InterruptedException {
            while (true) {
                HttpResponse<String> answer = http.draft(peak, minutes);
                if (answer.statusCode() == 302) return Http.location(answer);
                comeAgain(answer);
            }
        }

        private int seen(String set) throws InterruptedException {
            while (true) {
                HttpResponse<String> answer = http.get(set);
                if (answer.statusCode() != 503) return answer.statusCode();
                comeAgain(answer);
            }
        }

        private void comeAgain(HttpResponse<String> answer) throws InterruptedException {
            later.incrementAndGet();
            String seconds = answer.headers()
                    .firstValue("Retry-After")
                    .orElseThrow(() -> new IllegalStateException("answered " + answer.statusCode()));
            Thread.sleep(1_000L * Integer.parseInt(seconds));
        }

        static String told(List<Drafting> all) {
            List<Long> ms =
                    all.stream().flatMap(one -> one.ms.stream()).sorted().toList();
            int later = all.stream().mapToInt(one -> one.later.get()).sum();
            return "%d sets, median %d ms, p95 %d ms, worst %d ms; %d times told to come again"
                    .formatted(
                            ms.size(),
                            ms.get(ms.size() / 2),
                            ms.get(ms.size() * 95 / 100),
                            ms.get(ms.size() - 1),
                            later);
        }
    }

    @Test
    void twentyThousandEditsLeaveTheMemoryAsItWas() throws Exception {
        try (AppProcess one = new AppProcess("--gurukram.warm-up=8")) {
            Editors teachers = new Editors(app, one.url(), 8);
            List<Long> kept = new ArrayList<>();
            int edits = 0;
            while (edits < EDITS) {
                Editors.Told told = teachers.edit(20, 0, 1);
                assertThat(told.wrong()).isEmpty();
                edits += told.edits().size();
                if (edits * LOOKS / EDITS > kept.size()) kept.add(one.usedMb());
            }
            System.out.printf("[siege] %d edits, memory in use afterwards each time: %s MB%n", edits, kept);
            long first = kept.get(0);
            assertThat(kept.get(kept.size() - 1)).as("MB, of %s", kept).isLessThan(first + first / 5 + 10);
        }
    }
}
