package gurukram.web.logbook;

import gurukram.core.time.Millis;
import gurukram.web.account.Zones;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.Ending;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Said;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is put right in the logbook: whatever it said before is written down beside. */
@Service
public class LogbookCare {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.ENGLISH);
    private static final int MOST_QUOTED = 300;

    private final LogbookStore store;
    private final TaughtStore taught;
    private final Ending ending;
    private final Zones zones;

    LogbookCare(LogbookStore store, TaughtStore taught, Ending ending, Zones zones) {
        this.store = store;
        this.taught = taught;
        this.ending = ending;
        this.zones = zones;
    }

    /** What the teacher says of it; {@link NotFound} when it is not hers. */
    @Transactional
    public void lookBack(Teacher teacher, TaughtId id, Said said) {
        Said before = find(teacher, id).afterwards();
        List<String> changed = new ArrayList<>();
        replaced(changed, "people", shown(before.people()), shown(said.people()));
        replaced(changed, "for the first time", shown(before.firstTimers()), shown(said.firstTimers()));
        replaced(changed, "how it felt", before.felt(), said.felt());
        replaced(changed, "note", before.note(), said.note());
        if (!store.afterwards(teacher, id, said)) throw new NotFound();
        // what is said for the first time is no correction
        for (String words : changed) store.corrected(teacher, id, words);
    }

    private static void replaced(List<String> changed, String what, String before, String now) {
        if (before.isEmpty() || before.equals(now)) return;
        changed.add(
                now.isEmpty()
                        ? "%s: “%s” taken out".formatted(what, quoted(before))
                        : "%s: before, “%s”".formatted(what, quoted(before)));
    }

    private static String quoted(String words) {
        return words.length() > MOST_QUOTED ? words.substring(0, MOST_QUOTED) + "…" : words;
    }

    private static String shown(Integer number) {
        return Objects.toString(number, "");
    }

    /** When it began and how long it took. */
    @Transactional
    void times(Teacher teacher, TaughtId id, Instant started, Instant ended) {
        Taught before = find(teacher, id);
        if (before.endedAt() != null && isNear(before.startedAt(), started) && isNear(before.endedAt(), ended)) return;
        if (!store.times(teacher, id, started, ended)) throw new NotFound();
        ZoneId zone = zones.of(teacher);
        String length = before.realMs() == null ? "not finished" : Millis.showWhole(before.realMs());
        store.corrected(
                teacher,
                id,
                "times: before, %s, %s".formatted(WHEN.format(before.startedAt().atZone(zone)), length));
        ending.settle(teacher, id);
    }

    /** A form has no seconds. */
    private static boolean isNear(Instant a, Instant b) {
        return Math.abs(Duration.between(a, b).toMillis()) < Millis.MINUTE;
    }

    @Transactional
    void delete(Teacher teacher, TaughtId id) {
        Taught gone = find(teacher, id);
        if (!store.delete(teacher, id)) throw new NotFound();
        ending.forget(teacher, gone);
    }

    @Transactional
    void restore(Teacher teacher, TaughtId id) {
        if (!store.restore(teacher, id)) throw new NotFound();
        ending.settle(teacher, id);
    }

    private Taught find(Teacher teacher, TaughtId id) {
        return taught.find(teacher, id).filter(one -> one.startedAt() != null).orElseThrow(NotFound::new);
    }
}
