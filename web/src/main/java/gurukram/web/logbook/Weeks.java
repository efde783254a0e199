package gurukram.web.logbook;

import gurukram.core.coverage.Gaps;
import gurukram.core.coverage.Lesson;
import gurukram.core.pose.Level;
import gurukram.web.account.Zones;
import gurukram.web.logbook.LogbookStore.Over;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.CoveredLog;
import gurukram.web.teach.TaughtStore;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The classes of the last weeks, with what they had in them. */
@Service
public class Weeks {
    /** So far back gaps are looked for. */
    private static final int GAPS_WEEKS = 12;

    private final LogbookStore store;
    private final TaughtStore taught;
    private final Poses poses;
    private final Zones zones;

    Weeks(LogbookStore store, TaughtStore taught, Poses poses, Zones zones) {
        this.store = store;
        this.taught = taught;
        this.poses = poses;
        this.zones = zones;
    }

    /** What the classes of a group have lacked lately, or those of all groups; the longest missed first. @param group null for all */
    public List<Gaps.Gap> gaps(Teacher teacher, UUID group) {
        LocalDate today = zones.today(teacher);
        ZoneId zone = zones.of(teacher);
        List<Lesson> lessons = over(teacher, group, gapsSince(today)).stream()
                .map(one -> lesson(one, zone))
                .toList();
        return Gaps.of(lessons, poses.of(teacher), today);
    }

    static LocalDate gapsSince(LocalDate today) {
        return today.minusWeeks(GAPS_WEEKS);
    }

    /** The oldest first. Classes of before summaries were kept are looked at now, once. */
    List<Over> over(Teacher teacher, UUID group, LocalDate from) {
        List<Over> all = new ArrayList<>();
        for (Over one :
                store.over(teacher, group, from.atStartOfDay(zones.of(teacher)).toInstant()))
            all.add(one.summary() == null ? one.with(looked(teacher, one)) : one);
        return all;
    }

    private CoveredLog.Summary looked(Teacher teacher, Over one) {
        CoveredLog.Summary summary =
                CoveredLog.of(taught.find(teacher, one.id()).orElseThrow(), taught.entries(teacher, one.id()));
        taught.keepCovered(teacher, one.id(), summary);
        return summary;
    }

    static Lesson lesson(Over one, ZoneId zone) {
        CoveredLog.Summary summary = one.summary();
        return new Lesson(
                one.startedAt().atZone(zone).toLocalDate(),
                one.title(),
                level(one.level()),
                summary.peak(),
                summary.theme(),
                summary.affirmation(),
                summary.covered());
    }

    private static Level level(String word) {
        return Arrays.stream(Level.values())
                .filter(level -> level.word().equals(word))
                .findFirst()
                .orElse(Level.INTERMEDIATE);
    }
}
