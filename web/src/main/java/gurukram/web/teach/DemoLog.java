package gurukram.web.teach;

import gurukram.core.plan.ClassPlan;
import gurukram.web.account.Zones;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes up how a class went, with the usual drift: getting into poses takes longer than planned, the second side is shorter. */
@Component
public class DemoLog {
    private static final double[] LEAD_IN_DRIFT = {1.25, 0.95, 1.4, 1.1, 0.9, 1.2};
    private static final double[] WORK_DRIFT = {1.02, 0.97, 1.05, 1.0, 0.94};

    private final ClassStore classes;
    private final ClassChecks checks;
    private final TaughtStore taught;
    private final Ending ending;
    private final Zones zones;
    private final Clock clock;

    public DemoLog(
            ClassStore classes, ClassChecks checks, TaughtStore taught, Ending ending, Zones zones, Clock clock) {
        this.ending = ending;
        this.classes = classes;
        this.checks = checks;
        this.taught = taught;
        this.zones = zones;
        this.clock = clock;
    }

    /**
     * Logs the class as taught on a day of the week, some whole weeks before the last such day.
     *
     * @param forgotten a pose whose left side was left out; empty when none was
     */
    public TaughtId teach(Teacher teacher, ClassId id, int weeksBefore, DayOfWeek day, LocalTime at, String forgotten) {
        StoredClass stored = classes.find(teacher, id).orElseThrow();
        ClassPlan plan = stored.plan();
        var level = plan.settings().level();
        Script script =
                ScriptWriter.write(checks.of(teacher, id).subject(plan, level), level, checks.schoolOf(teacher), at);
        Instant start = zones.at(teacher, clock.instant())
                .with(TemporalAdjusters.previous(day))
                .minusWeeks(weeksBefore)
                .with(at)
                .toInstant();
        List<TaughtStore.Entry> entries = new ArrayList<>();
        Instant now = start;
        for (int i = 0; i < script.moments().size(); i++) {
            Script.Line line = script.moments().get(i);
            double second = "left".equals(line.side()) ? 0.96 : 1;
            Instant end = now.plusMillis(Math.round(line.leadInMs() * LEAD_IN_DRIFT[i % LEAD_IN_DRIFT.length]
                    + line.workMs() * WORK_DRIFT[i % WORK_DRIFT.length] * second));
            if (line.name().equals(forgotten) && "left".equals(line.side())) {
                entries.add(new TaughtStore.Entry(
                        UUID.randomUUID(), i, line.node(), line.side(), now, now, 0, null, "skipped"));
                continue;
            }
            Integer count = line.kind().equals("movement")
                    ? Integer.valueOf(1)
                    : line.breaths() != null ? line.breaths() : line.reps();
            entries.add(
                    new TaughtStore.Entry(UUID.randomUUID(), i, line.node(), line.side(), now, end, 0, count, "done"));
            now = end;
        }
        TaughtId opened =
                taught.open(teacher, id.value(), stored.version(), plan, script).orElseThrow();
        taught.log(teacher, opened, start, now, entries);
        ending.settle(teacher, opened);
        return opened;
    }
}
