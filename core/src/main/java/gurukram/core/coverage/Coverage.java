package gurukram.core.coverage;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Felt;
import gurukram.core.coverage.Covered.Sides;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.TimeUse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the classes of some weeks had in them.
 *
 * @param stretched where people were lengthened, {@code worked} where muscles worked: where a pose is felt clearly
 * @param actions what the body was asked for, where a pose clearly asks for it or prepares it
 * @param needs time in poses that a need has changed or left out
 * @param time what it all went into
 */
public record Coverage(
        int classes,
        Sides sides,
        List<Line> families,
        List<Line> stretched,
        List<Line> worked,
        List<Line> actions,
        List<Line> needs,
        Map<TimeUse.Part, Long> time,
        List<Tally.Line> peaks,
        List<Tally.Line> themes,
        List<Tally.Line> affirmations,
        List<Tally.Line> flows) {
    private static final int CLEARLY = 2;

    /** @param classes in how many classes it came, {@code last} when last */
    public record Line(String what, Sides time, int classes, LocalDate last) {}

    public static Coverage of(List<Lesson> lessons, PoseCatalogue catalogue) {
        Sums families = new Sums();
        Sums stretched = new Sums();
        Sums worked = new Sums();
        Sums actions = new Sums();
        Sums needs = new Sums();
        Map<TimeUse.Part, Long> time = new EnumMap<>(TimeUse.Part.class);
        Map<String, List<Into>> known = new HashMap<>();
        Sum all = new Sum("");
        for (Lesson lesson : lessons) {
            lesson.covered().time().forEach((part, ms) -> time.merge(part, ms, Long::sum));
            for (var one : lesson.covered().poses().entrySet()) {
                all.add(one.getValue(), Turned.NOT, lesson);
                List<Into> into = known.get(one.getKey());
                if (into == null) {
                    into = into(Gaps.pose(one.getKey(), catalogue), families, stretched, worked, actions, needs);
                    known.put(one.getKey(), into);
                }
                for (Into each : into) each.sum().add(one.getValue(), each.turned(), lesson);
            }
        }
        return new Coverage(
                lessons.size(),
                all.time(),
                families.lines(),
                stretched.lines(),
                worked.lines(),
                actions.lines(),
                needs.lines(),
                time,
                Tally.of(lessons, lesson -> one(lesson.peak())),
                Tally.of(lessons, lesson -> one(lesson.theme())),
                Tally.of(lessons, lesson -> one(lesson.affirmation())),
                Tally.of(lessons, lesson -> lesson.covered().flows().keySet()));
    }

    /** What a pose is summed up into; null is one that is no longer in the catalogue. */
    private static List<Into> into(
            @Nullable Pose pose, Sums families, Sums stretched, Sums worked, Sums actions, Sums needs) {
        if (pose == null) return List.of(new Into(families.of("no longer in the catalogue"), Turned.NOT));
        List<Into> into = new ArrayList<>();
        into.add(new Into(families.of(pose.family()), Turned.NOT));
        for (Felt felt : pose.stretches())
            if (felt.strength() >= CLEARLY)
                into.add(new Into(stretched.of(felt.area().word()), turned(felt)));
        for (Felt felt : pose.works())
            if (felt.strength() >= CLEARLY)
                into.add(new Into(worked.of(felt.area().word()), turned(felt)));
        for (ActionUse use : pose.actions())
            if (Math.max(use.demands(), use.prepares()) >= CLEARLY)
                into.add(new Into(actions.of(use.action().words()), Turned.NOT));
        for (Caution caution : pose.cautions())
            if (caution.severity() != Caution.Severity.TELL)
                into.add(new Into(needs.of(caution.need().word()), Turned.NOT));
        return into;
    }

    /** A pose named by one side may be felt on the other, or on both. */
    private static Turned turned(Felt felt) {
        if (felt.where() == Felt.Where.BOTH) return Turned.BOTH;
        return felt.where() == Felt.Where.OWN ? Turned.NOT : Turned.OTHER;
    }

    private enum Turned {
        NOT,
        OTHER,
        BOTH
    }

    private record Into(Sum sum, Turned turned) {}

    private static Collection<String> one(@Nullable String what) {
        return what == null ? List.of() : List.of(what);
    }

    /** A line while it is summed up. */
    private static final class Sum {
        private final String what;
        private long right;
        private long left;
        private long centre;
        private int classes;
        private @Nullable Lesson seen;
        private @Nullable LocalDate last;

        Sum(String what) {
            this.what = what;
        }

        void add(Sides ms, Turned turned, Lesson lesson) {
            if (turned == Turned.BOTH) centre += ms.all();
            else {
                right += turned == Turned.NOT ? ms.right() : ms.left();
                left += turned == Turned.NOT ? ms.left() : ms.right();
                centre += ms.centre();
            }
            // lessons come one after the other
            if (seen == lesson) return;
            seen = lesson;
            classes++;
            if (last == null || lesson.day().isAfter(last)) last = lesson.day();
        }

        Sides time() {
            return new Sides(right, left, centre);
        }
    }

    private static final class Sums {
        private final Map<String, Sum> sums = new LinkedHashMap<>();

        Sum of(String what) {
            return sums.computeIfAbsent(what, Sum::new);
        }

        List<Line> lines() {
            List<Line> lines = new ArrayList<>();
            for (Sum sum : sums.values())
                if (sum.last != null) lines.add(new Line(sum.what, sum.time(), sum.classes, sum.last));
            lines.sort(Comparator.comparing((Line line) -> line.time().all()).reversed());
            return lines;
        }
    }
}
