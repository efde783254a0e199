package gurukram.web.logbook;

import gurukram.core.time.Millis;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** The logbook's pages. */
final class LogbookPage {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("EEEE d MMMM uuuu, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int BAR = 1000;

    private LogbookPage() {}

    /** One class of the list. */
    public record Line(
            String id,
            String when,
            String title,
            String level,
            String planned,
            String real,
            String difference,
            String people) {}

    /**
     * One class that was taught.
     *
     * @param classId where it can be opened again; empty when it is no longer there
     * @param tried whether it ended too soon to count as taught
     * @param odd whether the device's clock was wrong or jumped
     * @param byHand whether it was written down afterwards, so that only its whole length is known
     * @param pauses those of which somebody said why
     * @param changes how it left its plan, each with its time
     * @param canGoOn whether it ended so lately that it can be taken back
     * @param unsaid words of the theme that were meant and not marked as said
     * @param sides real work on the right and on the left, and how far they are apart
     */
    public record Detail(
            String id,
            String classId,
            String when,
            String title,
            String level,
            String planned,
            String real,
            String difference,
            String paused,
            boolean finished,
            boolean tried,
            boolean odd,
            boolean byHand,
            List<Part> parts,
            String sides,
            List<String> skipped,
            List<String> pauses,
            List<String> changes,
            List<String> unsaid,
            boolean canGoOn) {}

    /** A section: planned and real, with the widths of their bars in units of 1000 for the longest. */
    public record Part(String title, String planned, String real, String difference, int plannedWidth, int realWidth) {}

    static Line line(LogbookStore.Heading taught, ZoneId zone) {
        Long real = taught.realMs();
        return new Line(
                taught.id().toString(),
                when(taught.startedAt(), zone),
                taught.title(),
                taught.level(),
                Millis.showWhole(taught.plannedMs()),
                real == null ? "not finished" : Millis.showWhole(real),
                real == null ? "" : taught.counts() ? difference(real, taught.plannedMs()) : "only tried out",
                taught.people() == null ? "" : taught.people().toString());
    }

    static Detail detail(Taught taught, List<Entry> entries, ZoneId zone, Instant now, boolean classThere) {
        Script script = taught.script();
        long[] real = new long[script.sections().size()];
        SideWork sides = new SideWork(script);
        long paused = 0;
        List<Script.Line> skipped = new ArrayList<>();
        List<String> pauses = new ArrayList<>();
        for (Entry entry : entries) {
            Script.Line line = script.moments().get(entry.ordinal());
            long ms = entry.realMs();
            real[line.section()] += ms + entry.pausedMs();
            paused += entry.pausedMs();
            sides.add(line, ms);
            if (entry.reason() != null)
                pauses.add("%s at %s: %s".formatted(Millis.showWhole(entry.pausedMs()), line.name(), entry.reason()));
            if (entry.outcome().equals("skipped")) skipped.add(line);
        }
        long longest = 1;
        for (int i = 0; i < real.length; i++) {
            longest =
                    Math.max(longest, Math.max(real[i], script.sections().get(i).lengthMs()));
        }
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < real.length; i++) parts.add(part(script.sections().get(i), real[i], longest));
        Long whole = taught.realMs();
        return new Detail(
                taught.id().toString(),
                classThere && taught.classId() != null ? taught.classId().toString() : "",
                when(taught.startedAt(), zone),
                taught.title(),
                taught.level(),
                Millis.showWhole(taught.plannedMs()),
                whole == null ? "not finished" : Millis.showWhole(whole),
                whole == null ? "" : difference(whole, taught.plannedMs()),
                paused == 0 ? "" : Millis.showWhole(paused),
                whole != null,
                whole != null && !taught.counts(),
                taught.odd(),
                taught.byHand(),
                taught.byHand() ? List.of() : parts,
                sides.words(),
                leftOut(skipped, script),
                pauses,
                taught.changes().stream().map(change -> changed(change, zone)).toList(),
                unsaid(taught),
                !taught.byHand()
                        && taught.endedAt() != null
                        && taught.endedAt().isAfter(now.minus(TaughtStore.TAKEN_BACK_WITHIN)));
    }

    /** Rounds of flows that were left out as a whole are one line for the flow; everything else is named by itself. */
    private static List<String> leftOut(List<Script.Line> skipped, Script script) {
        Map<Round, Long> all = script.moments().stream()
                .filter(line -> line.flow() != null)
                .collect(Collectors.groupingBy(Round::of, Collectors.counting()));
        Map<Round, Long> gone = skipped.stream()
                .filter(line -> line.flow() != null)
                .collect(Collectors.groupingBy(Round::of, Collectors.counting()));
        Map<String, String> lines = new LinkedHashMap<>();
        for (Script.Line line : skipped) {
            String name = line.name() + (line.sideWords().isEmpty() ? "" : ", " + line.sideWords());
            Round round = line.flow() == null ? null : Round.of(line);
            if (round == null || gone.get(round) < all.get(round)) {
                lines.put(name + lines.size(), name);
                continue;
            }
            String rounds = gone.keySet().stream()
                    .filter(other -> other.flow().equals(round.flow()) && gone.get(other) >= all.get(other))
                    .map(Round::number)
                    .sorted()
                    .map(String::valueOf)
                    .collect(Collectors.joining(", "));
            lines.put(round.flow(), line.flow().name() + (rounds.contains(",") ? ", rounds " : ", round ") + rounds);
        }
        return List.copyOf(lines.values());
    }

    private record Round(String flow, int number) {
        static Round of(Script.Line line) {
            return new Round(line.flow().id(), line.flow().round());
        }
    }

    private static String changed(TaughtStore.Change change, ZoneId zone) {
        String saved = Math.abs(change.savedMs()) < 1_000
                ? ""
                : " (%s %s)"
                        .formatted(
                                Millis.showWhole(Math.abs(change.savedMs())),
                                change.savedMs() > 0 ? "shorter" : "longer");
        return CLOCK.format(Instant.ofEpochMilli(change.at()).atZone(zone)) + " "
                + String.join(" ", change.words().stream().limit(1).toList())
                + " " + String.join("; ", change.words().stream().skip(1).toList())
                + saved;
    }

    private static Part part(Script.Part planned, long real, long longest) {
        return new Part(
                planned.title(),
                Millis.showWhole(planned.lengthMs()),
                Millis.showWhole(real),
                difference(real, planned.lengthMs()),
                (int) (BAR * planned.lengthMs() / longest),
                (int) (BAR * real / longest));
    }

    static String difference(long real, long planned) {
        // of what is shown beside it
        long apart = Millis.whole(real) - Millis.whole(planned);
        if (apart == 0) return "as planned";
        return Millis.showWhole(Math.abs(apart)) + (apart > 0 ? " longer" : " shorter");
    }

    /** Something that was put right, with its time. */
    static String corrected(LogbookStore.Correction one, ZoneId zone) {
        return when(one.at(), zone) + ": " + one.words();
    }

    private static String when(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone));
    }

    private static List<String> unsaid(Taught taught) {
        // who marks nothing as said does not use the marks
        if (taught.said().isEmpty()) return List.of();
        return taught.script().prompts().stream()
                .filter(prompt -> prompt.said() && !taught.said().contains(prompt.id()))
                .map(prompt -> prompt.kind() + ": " + prompt.words())
                .toList();
    }
}
