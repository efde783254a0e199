package gurukram.web.logbook;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.progress.Tries;
import gurukram.web.groups.TriesForm;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A ladder this class was on, with what the room knows of it.
 *
 * @param rung the highest rung that was done, {@code what} its pose
 * @param tries how often it was done on the fuller side, {@code right} and {@code left} the longest hold of a side in seconds; empty
 *     when it is not known
 * @param kept what was kept of it, in words; empty for nothing yet
 */
public record TriesPart(
        String ladder, String name, int rung, String what, String tries, String right, String left, String kept) {
    private static final double A_SECOND = 1_000;

    static List<TriesPart> of(Taught taught, List<Entry> entries, Map<String, Tries> kept, PoseCatalogue catalogue) {
        if (taught.group() == null || taught.endedAt() == null) return List.of();
        Set<String> done = done(taught, entries);
        String peak = taught.plan() == null ? null : taught.plan().settings().peak();
        List<TriesPart> parts = new ArrayList<>();
        for (Ladder ladder : catalogue.ladders()) {
            boolean ofPeak = peak != null && ladder.rungOf(peak) > 0;
            if (!ofPeak && !kept.containsKey(ladder.id())) continue;
            int rung = top(ladder, done);
            if (rung > 0) parts.add(part(ladder, rung, taught, entries, kept.get(ladder.id()), catalogue));
        }
        return parts;
    }

    private static Set<String> done(Taught taught, List<Entry> entries) {
        Set<String> done = new LinkedHashSet<>();
        Set<Integer> leftOut = new LinkedHashSet<>();
        for (Entry entry : entries) {
            if (!entry.isDone()) leftOut.add(entry.ordinal());
            else add(done, taught.script().moments().get(entry.ordinal()));
        }
        if (!taught.byHand()) return done;
        for (int i = 0; i < taught.script().moments().size(); i++)
            if (!leftOut.contains(i)) add(done, taught.script().moments().get(i));
        return done;
    }

    private static void add(Set<String> done, Script.Line line) {
        if (line.pose() != null) done.add(line.pose());
    }

    private static int top(Ladder ladder, Set<String> done) {
        int top = 0;
        for (int rung = 1; rung <= ladder.rungs().size(); rung++)
            if (done.contains(ladder.rungs().get(rung - 1).pose())) top = rung;
        return top;
    }

    private static TriesPart part(
            Ladder ladder, int rung, Taught taught, List<Entry> entries, Tries kept, PoseCatalogue catalogue) {
        String pose = ladder.rungs().get(rung - 1).pose();
        int[] times = new int[3];
        long[] longest = new long[3];
        for (Entry entry : entries) {
            Script.Line line = taught.script().moments().get(entry.ordinal());
            if (!entry.isDone() || !pose.equals(line.pose())) continue;
            int side = "right".equals(line.side()) ? 0 : "left".equals(line.side()) ? 1 : 2;
            long whole = line.leadInMs() + line.workMs();
            times[side]++;
            longest[side] =
                    Math.max(longest[side], whole == 0 ? entry.realMs() : entry.realMs() * line.workMs() / whole);
        }
        int most = Math.max(times[0], Math.max(times[1], times[2]));
        boolean bothSides = longest[0] > 0 && longest[1] > 0;
        return new TriesPart(
                ladder.id(),
                ladder.name(),
                rung,
                catalogue.pose(pose).name(),
                most == 0 ? "" : String.valueOf(most),
                bothSides ? seconds(longest[0]) : "",
                bothSides ? seconds(longest[1]) : "",
                kept == null ? "" : TriesForm.words(kept));
    }

    private static String seconds(long ms) {
        return String.valueOf(Math.max(1, Math.round(ms / A_SECOND)));
    }
}
