package gurukram.web.teach;

import gurukram.core.body.Side;
import gurukram.core.room.Owed;
import gurukram.web.plans.CarriedStore.News;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What the log of a class leaves over for the next time. */
final class LeftOver {
    private static final String PROPS = "props";

    private LeftOver() {}

    static List<News> of(Taught taught, List<Entry> entries) {
        List<News> news = new ArrayList<>();
        List<Owed.Done> log = new ArrayList<>();
        Map<Integer, Entry> last = new HashMap<>();
        for (Entry entry : entries) last.merge(entry.ordinal(), entry, LeftOver::better);
        Script script = taught.script();
        for (int i = 0; i < script.moments().size(); i++) {
            log.add(done(script.moments().get(i), last.get(i), taught.byHand()));
        }
        Owed.of(log).forEach(owed -> news.add(new News("side", owed.node(), owed.words())));
        if (taught.byHand()) leftOut(script, last).forEach(news::add);
        for (Entry entry : entries) {
            if (!PROPS.equals(entry.reason())) continue;
            Script.Line line = script.moments().get(entry.ordinal());
            news.add(new News(PROPS, line.node(), "props held it up at " + line.name()));
        }
        // a teacher who marks nothing as said does not use the marks
        if (!taught.said().isEmpty())
            script.prompts().stream()
                    .filter(prompt -> prompt.said() && !taught.said().contains(prompt.id()))
                    .forEach(prompt -> news.add(
                            new News("said", null, "not said: %s, “%s”".formatted(prompt.kind(), prompt.words()))));
        return news;
    }

    /** Steps that were left out on all their sides: their teacher has said so, so they are to come back. */
    private static List<News> leftOut(Script script, Map<Integer, Entry> entries) {
        Map<String, String> names = new LinkedHashMap<>();
        Set<String> done = new HashSet<>();
        for (int i = 0; i < script.moments().size(); i++) {
            Script.Line line = script.moments().get(i);
            if (entries.containsKey(i)) names.putIfAbsent(line.node(), line.name());
            else done.add(line.node());
        }
        names.keySet().removeAll(done);
        return names.entrySet().stream()
                .map(one -> new News("left", one.getKey(), one.getValue() + " was left out"))
                .toList();
    }

    /** Done in the end, whatever happened on the way. */
    private static Entry better(Entry a, Entry b) {
        return a.outcome().equals("done") ? a : b;
    }

    /** @param entry null for what an end cut off, or, in a class written down by hand, for what was done */
    private static Owed.Done done(Script.Line line, Entry entry, boolean byHand) {
        String unit = line.breaths() != null ? "breath" : line.reps() != null && line.reps() > 1 ? "repetition" : "";
        Integer planned = line.breaths() != null ? line.breaths() : line.reps();
        int meant = planned == null ? 0 : planned;
        return new Owed.Done(
                line.node(),
                line.name(),
                line.side() == null ? null : Side.valueOf(line.side().toUpperCase(Locale.ROOT)),
                line.flow() != null || !line.where().isEmpty(),
                entry == null ? byHand : entry.isDone(),
                unit,
                entry == null ? (byHand ? meant : 0) : entry.count() == null ? 0 : entry.count(),
                meant);
    }
}
