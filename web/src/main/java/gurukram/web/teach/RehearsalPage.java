package gurukram.web.teach;

import gurukram.core.check.Finding;
import gurukram.core.check.Subject;
import gurukram.core.time.Millis;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.FindingsPanel;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What was marked in a rehearsal, and what the checks find, along the class.
 *
 * @param marked how many places, in words
 * @param length how long it took and how long it is, where it was not played faster
 */
public record RehearsalPage(String marked, String length, List<Line> lines) {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    /**
     * @param clock when it comes, by the clock on the wall where the class has a time, else from its start
     * @param css how grave a finding is; {@code marked} for what was marked
     */
    public record Line(long atMs, String clock, String css, String where, String what) {}

    /** @param begins when the class begins on the clock; null when that is not known */
    static RehearsalPage of(RehearsalStore.Rehearsal rehearsal, LocalTime begins, ClassChecks.Found found) {
        Subject subject = found.subject();
        List<Line> lines = new ArrayList<>();
        for (RehearsalStore.Place place : rehearsal.places()) {
            String where = place.side() == null ? place.name() : place.name() + ", " + place.side();
            String what = place.what().equals("words") ? place.words() : "you stumbled here";
            lines.add(new Line(place.atMs(), clock(begins, place.atMs()), "marked", where, what));
        }
        for (Finding finding : found.report().findings()) {
            subject.momentOf(finding).ifPresent(moment -> {
                long at = subject.moments().get(moment).startMs();
                lines.add(new Line(at, clock(begins, at), FindingsPanel.css(finding.severity()), "", finding.what()));
            });
        }
        lines.sort(Comparator.comparingLong(Line::atMs));
        int n = rehearsal.places().size();
        boolean real = rehearsal.way().equals("finger") || rehearsal.way().equals("1");
        return new RehearsalPage(
                n == 0 ? "Nothing was marked" : n == 1 ? "1 place was marked" : n + " places were marked",
                real
                        ? "It took %s; the plan is %s."
                                .formatted(
                                        Millis.showWhole(rehearsal.tookMs()), Millis.showWhole(rehearsal.plannedMs()))
                        : "It was played %s times as fast.".formatted(rehearsal.way()),
                lines);
    }

    private static String clock(LocalTime begins, long ms) {
        return begins == null ? Millis.showWhole(ms) : CLOCK.format(begins.plusNanos(ms * 1_000_000));
    }
}
