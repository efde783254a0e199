package gurukram.web.teach;

import gurukram.core.body.Side;
import gurukram.core.coverage.Covered;
import gurukram.core.coverage.Covered.Done;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.score.Moment;
import gurukram.core.score.TimeUse;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.json.JsonMapper;

/** What a class had in it, read off its log: kept with it, so that weeks of classes can be looked at without their logs. */
public final class CoveredLog {
    private static final double MOST_STRETCHED = 1.5;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** @param peak the pose it led to, by id; null without one, or where the plan is not known */
    public record Summary(Covered covered, String peak, String theme, String affirmation) {}

    private CoveredLog() {}

    public static Summary of(Taught taught, List<Entry> entries) {
        Covered covered = Covered.of(taught.byHand() ? byHand(taught, entries) : inTheRoom(taught, entries));
        if (taught.plan() == null) return new Summary(covered, null, "", "");
        ClassSettings settings = taught.plan().settings();
        return new Summary(
                covered,
                settings.peak(),
                settings.theme().title(),
                settings.theme().affirmation());
    }

    private static List<Done> inTheRoom(Taught taught, List<Entry> entries) {
        List<Done> moments = new ArrayList<>();
        for (Entry entry : entries) {
            if (!entry.isDone()) continue;
            moments.add(planned(taught, entry.ordinal()).lasting(entry.realMs()));
            if (entry.pausedMs() > 0)
                moments.add(new Done(null, null, TimeUse.Part.PAUSES, "", 0, 0, entry.pausedMs()));
        }
        return moments;
    }

    /** All but what was left out, as much longer or shorter as the class was, within reason: the rest is talk. */
    private static List<Done> byHand(Taught taught, List<Entry> entries) {
        Set<Integer> leftOut = new HashSet<>();
        for (Entry entry : entries) if (!entry.isDone()) leftOut.add(entry.ordinal());
        List<Done> planned = new ArrayList<>();
        for (int i = 0; i < taught.script().moments().size(); i++)
            if (!leftOut.contains(i)) planned.add(planned(taught, i));
        long whole = planned.stream().mapToLong(CoveredLog::whole).sum();
        Long real = taught.realMs();
        if (whole == 0 || real == null) return planned;
        double stretched = Math.max(1 / MOST_STRETCHED, Math.min(MOST_STRETCHED, (double) real / whole));
        return planned.stream()
                .map(done -> done.lasting(Math.round(whole(done) * stretched)))
                .toList();
    }

    private static long whole(Done done) {
        return done.leadInMs() + done.workMs();
    }

    private static Done planned(Taught taught, int ordinal) {
        Script.Line line = taught.script().moments().get(ordinal);
        Moment.Kind kind = Moment.Kind.valueOf(line.kind().toUpperCase(Locale.ROOT));
        boolean inFlow =
                line.flow() != null || line.where() != null && !line.where().isEmpty();
        return new Done(
                line.pose(),
                line.side() == null ? null : Side.valueOf(line.side().toUpperCase(Locale.ROOT)),
                TimeUse.part(kind, inFlow, role(taught, line)),
                line.flow() == null ? "" : line.flow().name(),
                line.flow() == null ? 0 : line.flow().round(),
                line.leadInMs(),
                line.workMs());
    }

    /** Classes of older versions know their sections only by their titles. */
    private static SectionRole role(Taught taught, Script.Line line) {
        Integer rest = taught.script().restAt();
        boolean plan = taught.plan() != null
                && line.section() < taught.plan().sections().size();
        if (plan) return taught.plan().sections().get(line.section()).role();
        boolean isRest = rest != null && taught.script().moments().get(rest).section() == line.section();
        return isRest ? SectionRole.REST : SectionRole.STANDING;
    }

    static String write(Summary summary) {
        return JSON.writeValueAsString(summary);
    }

    public static Summary read(String json) {
        return JSON.readValue(json, Summary.class);
    }
}
