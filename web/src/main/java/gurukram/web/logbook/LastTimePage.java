package gurukram.web.logbook;

import gurukram.core.pace.Drift;
import gurukram.core.time.Millis;
import gurukram.web.plans.CarriedStore;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What the last times a class was taught say to the next.
 *
 * @param bias in one sentence; empty when it was never taught
 * @param slot the real length against the one announced, in one sentence; empty likewise
 */
public record LastTimePage(
        List<CarriedStore.Carried> carried,
        String bias,
        String slot,
        List<Part> sections,
        List<Part> flows,
        List<Part> poses) {
    /** Nearer than this to its plan a class is on it, %. */
    private static final double ON_PLAN = 1;

    public record Part(String name, String planned, String real, String percent) {
        static Part of(Drift.Part part) {
            return new Part(
                    part.name(),
                    Millis.showWhole(part.plannedMs()),
                    Millis.showWhole(part.realMs()),
                    part.isOff() ? String.format(Locale.ROOT, "%+.0f %%", part.percent()) : "as planned");
        }
    }

    /** What was done of a class, moment by moment. */
    static List<Drift.Moment> moments(Taught taught, List<Entry> entries) {
        List<Drift.Moment> moments = new ArrayList<>();
        for (Entry entry : entries) {
            if (!entry.isDone()) continue;
            Script.Line line = taught.script().moments().get(entry.ordinal());
            long planned = entry.plannedMs() == null ? line.leadInMs() + line.workMs() : entry.plannedMs();
            long real = entry.realMs();
            moments.add(new Drift.Moment(
                    taught.id().toString(),
                    taught.script().sections().get(line.section()).title(),
                    line.flow() == null ? "" : line.flow().name(),
                    line.name(),
                    line.side() == null ? "" : line.side(),
                    planned,
                    real));
        }
        return moments;
    }

    static LastTimePage of(List<CarriedStore.Carried> carried, Drift drift, List<Taught> lessons) {
        String times = drift.lessons() == 1 ? "the last time" : "the last " + drift.lessons() + " times";
        String bias = "";
        if (drift.lessons() > 0) {
            String where = drift.mostIn().isEmpty() ? "" : ", mostly in " + drift.mostIn();
            bias = Math.abs(drift.percent()) < ON_PLAN
                    ? "On its plan, %s.".formatted(times)
                    : String.format(
                            Locale.ROOT,
                            "You ran %.0f %% %s %s%s.",
                            Math.abs(drift.percent()),
                            drift.percent() > 0 ? "over" : "under",
                            times,
                            where);
        }
        return new LastTimePage(
                carried,
                bias,
                slot(lessons),
                drift.sections().stream().map(Part::of).toList(),
                drift.flows().stream().map(Part::of).toList(),
                drift.poses().stream().map(Part::of).toList());
    }

    private static String slot(List<Taught> lessons) {
        if (lessons.isEmpty() || lessons.get(0).script().slotMs() == null) return "";
        Taught last = lessons.get(0);
        long real = last.realMs();
        long over = real - last.script().slotMs();
        return "Announced %s, planned %s, it took %s the last time: %s."
                .formatted(
                        Millis.showWhole(last.script().slotMs()),
                        Millis.showWhole(last.plannedMs()),
                        Millis.showWhole(real),
                        Math.abs(over) < Millis.MINUTE
                                ? "as announced"
                                : Millis.showWhole(Math.abs(over)) + (over > 0 ? " over its slot" : " of it left"));
    }
}
