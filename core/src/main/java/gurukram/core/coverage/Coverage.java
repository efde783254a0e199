package gurukram.core.coverage;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.coverage.Covered.Sides;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
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
        Map<String, Marks> known = new HashMap<>();
        Sums families = new Sums();
        Sums stretched = new Sums();
        Sums worked = new Sums();
        Sums actions = new Sums();
        Sums needs = new Sums();
        Map<TimeUse.Part, Long> time = new EnumMap<>(TimeUse.Part.class);
        Sides sides = Sides.NONE;
        for (Lesson lesson : lessons) {
            LocalDate day = lesson.day();
            lesson.covered().time().forEach((part, ms) -> time.merge(part, ms, Long::sum));
            for (var one : lesson.covered().poses().entrySet()) {
                Sides ms = one.getValue();
                sides = sides.plus(ms);
                Marks marks = known.computeIfAbsent(one.getKey(), id -> Marks.of(Gaps.pose(id, catalogue)));
                families.add(marks.family(), ms, lesson);
                for (Felt felt : marks.stretches()) stretched.add(felt.area().word(), on(felt, ms), lesson);
                for (Felt felt : marks.works()) worked.add(felt.area().word(), on(felt, ms), lesson);
                for (String action : marks.actions()) actions.add(action, ms, lesson);
                for (String need : marks.needs()) needs.add(need, ms, lesson);
            }
        }
        return new Coverage(
                lessons.size(),
                sides,
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

    private static Collection<String> one(@Nullable String what) {
        return what == null ? List.of() : List.of(what);
    }

    /** A pose named by one side may be felt on the other. */
    private static Sides on(Felt felt, Sides ms) {
        if (felt.on(Side.RIGHT) == null) return new Sides(0, 0, ms.all());
        return felt.where() == Felt.Where.OWN ? ms : new Sides(ms.left(), ms.right(), ms.centre());
    }

    /** What of a pose is summed up. */
    private record Marks(
            String family, List<Felt> stretches, List<Felt> works, List<String> actions, List<String> needs) {
        private static final Marks GONE =
                new Marks("no longer in the catalogue", List.of(), List.of(), List.of(), List.of());

        static Marks of(@Nullable Pose pose) {
            if (pose == null) return GONE;
            return new Marks(
                    pose.family(),
                    clearly(pose.stretches()),
                    clearly(pose.works()),
                    pose.actions().stream()
                            .filter(Marks::isClear)
                            .map(use -> use.action().words())
                            .toList(),
                    pose.cautions().stream()
                            .filter(caution -> caution.severity() != Caution.Severity.TELL)
                            .map(Caution::need)
                            .map(Need::word)
                            .toList());
        }

        private static boolean isClear(ActionUse use) {
            return Math.max(use.demands(), use.prepares()) >= CLEARLY;
        }

        private static List<Felt> clearly(List<Felt> all) {
            return all.stream().filter(felt -> felt.strength() >= CLEARLY).toList();
        }
    }

    /** Lines while they are summed up. */
    private static final class Sums {
        private static final class Sum {
            private Sides time = Sides.NONE;
            private int classes;
            private @Nullable Lesson seen;
            private @Nullable LocalDate last;
        }

        private final Map<String, Sum> sums = new LinkedHashMap<>();

        void add(String what, Sides ms, Lesson lesson) {
            Sum sum = sums.computeIfAbsent(what, key -> new Sum());
            sum.time = sum.time.plus(ms);
            // lessons come one after the other
            if (sum.seen != lesson) sum.classes++;
            sum.seen = lesson;
            if (sum.last == null || lesson.day().isAfter(sum.last)) sum.last = lesson.day();
        }

        List<Line> lines() {
            List<Line> lines = new ArrayList<>();
            sums.forEach((what, sum) -> {
                if (sum.last != null) lines.add(new Line(what, sum.time, sum.classes, sum.last));
            });
            lines.sort(Comparator.comparing((Line line) -> line.time().all()).reversed());
            return lines;
        }
    }
}
