package gurukram.web.logbook;

import gurukram.core.body.Side;
import gurukram.core.pace.Learner;
import gurukram.core.pace.Learnt;
import gurukram.core.pace.Observed;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.web.account.AccountStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What can be learnt about a teacher's pace from the classes she has taught last. */
@Component
class PaceLessons {
    /** Older classes say less about how she teaches now. */
    static final int MOST = 20;
    /** Planned and real are the same to the blink of an eye: the clock went on by itself. */
    private static final long BY_ITSELF_MS = 150;

    private final LogbookStore store;
    private final TaughtStore taught;
    private final Poses poses;
    private final AccountStore accounts;

    PaceLessons(LogbookStore store, TaughtStore taught, Poses poses, AccountStore accounts) {
        this.store = store;
        this.taught = taught;
        this.poses = poses;
        this.accounts = accounts;
    }

    /** @param last the class taught last; null when none was */
    record Lessons(Learnt learnt, Taught last) {}

    Lessons of(Teacher teacher) {
        PoseCatalogue catalogue = poses.of(teacher);
        Unfolder usual = new Unfolder(catalogue, Pace.defaults()).with(accounts.school(teacher));
        List<Observed> all = new ArrayList<>();
        Taught last = null;
        List<LogbookStore.Heading> headings = store.begun(teacher, LogbookStore.Search.latest(2 * MOST)).stream()
                .filter(heading -> heading.endedAt() != null && heading.counts())
                .limit(MOST)
                .toList();
        for (LogbookStore.Heading heading : headings) {
            Taught one = taught.find(teacher, heading.id()).orElseThrow();
            if (one.byHand()) continue;
            if (last == null && one.plan() != null) last = one;
            List<Observed.Planned> planned = planned(one, usual, accounts.school(teacher));
            all.addAll(
                    Observed.of(one.id().toString(), planned, real(one, taught.entries(teacher, one.id())), catalogue));
        }
        return new Lessons(Learner.learn(all), last);
    }

    /** By the defaults: from the plan it was opened with; of older classes, from their script. */
    private static List<Observed.Planned> planned(Taught one, Unfolder usual, School teachers) {
        Script script = one.script();
        if (one.plan() != null) {
            Set<NodeId> byBreath = byBreath(one.plan(), teachers);
            List<Observed.Planned> planned = Observed.planned(
                    usual.unfold(one.plan(), level(one)), level(one), moment -> byBreath.contains(moment.section()));
            if (planned.size() == script.moments().size()) return planned;
        }
        return script.moments().stream().map(line -> planned(line, level(one))).toList();
    }

    /** Sections in which people are led by the breath. */
    private static Set<NodeId> byBreath(ClassPlan plan, School teachers) {
        School school = plan.settings().school().over(teachers);
        return plan.sections().stream()
                .filter(section -> section.cueingIn(plan.settings().style(), school) == Cueing.BY_THE_BREATH)
                .map(Section::id)
                .collect(Collectors.toSet());
    }

    static Level level(Taught one) {
        ClassPlan plan = one.plan();
        return Arrays.stream(Level.values())
                .filter(level -> level.word().equals(one.level()))
                .findFirst()
                .orElse(plan == null ? Level.INTERMEDIATE : plan.settings().level());
    }

    private static Observed.Planned planned(Script.Line line, Level level) {
        Moment.Kind kind = Moment.Kind.valueOf(line.kind().toUpperCase(Locale.ROOT));
        boolean counted = line.breaths() != null;
        boolean paced = counted || kind == Moment.Kind.MOVEMENT || kind == Moment.Kind.REPS;
        String round = line.where() == null || line.where().isEmpty() ? null : line.where();
        return new Observed.Planned(
                kind,
                line.pose(),
                line.side() == null ? null : Side.valueOf(line.side().toUpperCase(Locale.ROOT)),
                round == null ? null : round.replaceFirst(" · .*", ""),
                round == null ? null : round.hashCode(),
                false,
                counted,
                false,
                level,
                paced ? 0 : line.workMs(),
                0,
                line.leadInMs(),
                paced ? line.workMs() : 0);
    }

    /** How long moments really were that were done once, as planned, with the teacher's hand on them. */
    static Map<Integer, Long> real(Taught one, List<Entry> entries) {
        boolean byItself = wentByItself(one, entries);
        Map<Integer, Long> real = new HashMap<>();
        Set<Integer> twice = new HashSet<>();
        for (Entry entry : entries) {
            Script.Line line = one.script().moments().get(entry.ordinal());
            boolean asPlanned = entry.plannedMs() == null || entry.plannedMs() == line.leadInMs() + line.workMs();
            boolean hers = entry.waited() == null ? !byItself : entry.waited();
            long ms = entry.realMs();
            boolean whole = entry.outcome().equals("done") && asPlanned && hers && entry.pausedMs() == 0;
            if (real.containsKey(entry.ordinal()) || !whole) twice.add(entry.ordinal());
            real.put(entry.ordinal(), ms);
        }
        twice.forEach(real::remove);
        return real;
    }

    /** Of logs that do not tell: whether most moments were exactly as long as planned. */
    private static boolean wentByItself(Taught one, List<Entry> entries) {
        long exact = entries.stream()
                .filter(entry -> {
                    Script.Line line = one.script().moments().get(entry.ordinal());
                    long ms = entry.realMs();
                    return Math.abs(ms - line.leadInMs() - line.workMs()) <= BY_ITSELF_MS;
                })
                .count();
        return exact * 2 > entries.size();
    }
}
