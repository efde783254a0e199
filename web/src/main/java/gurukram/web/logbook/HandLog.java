package gurukram.web.logbook;

import gurukram.core.logline.HandLine;
import gurukram.web.account.Zones;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.Ending;
import gurukram.web.teach.Script;
import gurukram.web.teach.Scripts;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes that were taught without the room, written down in one line. */
@Service
class HandLog {
    static final int MOST_LETTERS = 4_000;
    private static final int LATELY = 50;
    /** Where neither the line nor the class nor its group says when it begins. */
    private static final LocalTime UNKNOWN = LocalTime.NOON;

    private final ClassStore classes;
    private final Scripts scripts;
    private final TaughtStore taught;
    private final LogbookStore store;
    private final Ending ending;
    private final Poses poses;
    private final Zones zones;
    private final Clock clock;

    HandLog(
            ClassStore classes,
            Scripts scripts,
            TaughtStore taught,
            LogbookStore store,
            Ending ending,
            Poses poses,
            Zones zones,
            Clock clock) {
        this.classes = classes;
        this.scripts = scripts;
        this.taught = taught;
        this.store = store;
        this.ending = ending;
        this.poses = poses;
        this.zones = zones;
        this.clock = clock;
    }

    /**
     * The class as it is in the logbook now; empty when the line cannot be taken.
     *
     * @param problems filled with why, in whole sentences
     */
    @Transactional
    Optional<TaughtId> keep(Teacher teacher, ClassId classId, String typed, List<String> problems) {
        StoredClass stored = classes.find(teacher, classId).orElseThrow(NotFound::new);
        if (typed.length() > MOST_LETTERS) {
            problems.add("A line has at most 4,000 letters; this one has %,d.".formatted(typed.length()));
            return Optional.empty();
        }
        HandLine line = HandLine.read(typed, zones.today(teacher));
        Script script = scripts.of(teacher, stored, null);
        List<Integer> leftOut = Named.moments(line.leftOut(), script, poses.of(teacher), problems);
        problems.addAll(0, line.problems());
        if (script.moments().isEmpty()) problems.add("Nothing is in this class yet.");
        if (!problems.isEmpty()) return Optional.empty();
        Instant began = began(teacher, line, script);
        Instant ended = began.plus(Duration.ofMinutes(line.minutes()));
        if (ended.isAfter(clock.instant())) problems.add("That class is not over yet.");
        for (Taught other : taught.lessons(teacher, classId.value(), LATELY))
            if (other.startedAt().isBefore(ended) && other.endedAt().isAfter(began))
                problems.add("It is in the logbook at that time already; correct it there.");
        if (!problems.isEmpty()) return Optional.empty();
        TaughtId id = taught.byHand(teacher, classId.value(), stored.version(), stored.plan(), script);
        taught.log(
                teacher,
                id,
                began,
                ended,
                leftOut.stream().map(i -> skipped(script, i, began)).toList());
        store.afterwards(teacher, id, new TaughtStore.Said(line.people(), line.firstTimers(), "", line.note()));
        ending.settle(teacher, id);
        return Optional.of(id);
    }

    private Instant began(Teacher teacher, HandLine line, Script script) {
        ZoneId zone = zones.of(teacher);
        LocalTime usual = script.starts() == null ? UNKNOWN : LocalTime.parse(script.starts());
        LocalTime at = line.time() == null ? usual : line.time();
        return line.day().atTime(at).atZone(zone).toInstant();
    }

    private static Entry skipped(Script script, int ordinal, Instant at) {
        Script.Line line = script.moments().get(ordinal);
        return new Entry(UUID.randomUUID(), ordinal, line.node(), line.side(), at, at, 0, null, "skipped");
    }

    /** The classes a line can be about, by their titles, the latest changed first. */
    List<Choice> choices(Teacher teacher) {
        List<Choice> choices = new ArrayList<>();
        classes.summaries(teacher)
                .forEach(one -> choices.add(new Choice(one.id().toString(), one.title())));
        return choices;
    }

    public record Choice(String id, String title) {}
}
