package gurukram.core.course;

import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Ladder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What every lesson of a course has. What is taught stays as it was; the lessons to come go on from there, from where the group stands on
 * the ladder, and from what the teacher wants otherwise in one of them.
 *
 * <p>A rung is stayed on for as many lessons as the ladder asks for good classes there, so that the plan is never quicker
 * than readiness can be.
 */
public final class Grid {
    /** An open series has grown up after so many classes. */
    private static final int OPEN_GROWS_FOR = 12;

    private final Course course;
    private final @Nullable Ladder ladder;
    private final Map<Integer, Cell> taught;
    private final @Nullable Integer standing;

    private Grid(Course course, @Nullable Ladder ladder, Map<Integer, Cell> taught, @Nullable Integer standing) {
        this.course = course;
        this.ladder = ladder;
        this.taught = taught;
        this.standing = standing;
    }

    /**
     * @param ladder of the peak; null without one
     * @param taught what lessons had that were taught, by number
     * @param standing the rung the group stands on by its tries; null where none are noted
     */
    public static List<Cell> of(
            Course course, @Nullable Ladder ladder, Map<Integer, Cell> taught, @Nullable Integer standing) {
        return new Grid(course, ladder, taught, standing).cells();
    }

    /** What grows, while the lessons are gone through: from which lesson on, and from how much. */
    private final class Grown {
        private final int to;
        private int lesson = 1;
        private int value;

        Grown(int from, int to) {
            this.value = from;
            this.to = to;
        }

        int in(int n) {
            int last = course.rhythm() == Rhythm.OPEN ? Math.max(lesson, OPEN_GROWS_FOR) : course.lessons();
            return Spread.at(value, to, lesson, last, n);
        }

        /** As it was, or is wanted; what is as planned anyway changes nothing. */
        void from(int n, @Nullable Integer other) {
            if (other == null || other == in(n)) return;
            lesson = n;
            value = other;
        }
    }

    /** Breaths grow by steps; where a lesson had another number, from there. */
    private int breathsFrom = 1;

    private int breaths;
    private @Nullable Integer lastRung;
    private int lessonsOnRung;
    private boolean begun;
    private String theme = "";

    private List<Cell> cells() {
        Growth growth = course.growth();
        breaths = growth.breaths().from();
        Grown rounds = new Grown(growth.fromRounds(), growth.toRounds());
        Grown mode = new Grown(growth.modes() ? 0 : Mode.BREATH.ordinal(), growth.modes() ? Mode.SILENT.ordinal() : 0);
        Grown alone = new Grown(growth.alone() ? 0 : Alone.LED.ordinal(), growth.alone() ? Alone.ALONE.ordinal() : 0);
        Grown rung = new Grown(Math.min(course.startRung(), top()), top());
        List<Cell> cells = new ArrayList<>();
        for (int n = 1; n <= course.lessons(); n++) {
            Own own = course.ownOf(n);
            Cell was = taught.get(n);
            if (own.theme() != null) theme = own.theme();
            if (was != null) {
                breathsFrom(n, was.breaths());
                rounds.from(n, was.rounds());
                mode.from(n, was.mode().ordinal());
                alone.from(n, was.alone().ordinal());
                if (ladder != null && was.rung() != null)
                    onRung(rung, n, Math.min(was.rung(), ladder.rungs().size()));
                cells.add(was);
                continue;
            }
            breathsFrom(n, own.breaths());
            rounds.from(n, own.rounds());
            mode.from(n, own.mode() == null ? null : own.mode().ordinal());
            alone.from(n, own.alone() == null ? null : own.alone().ordinal());
            cells.add(new Cell(
                    n,
                    ladder == null ? null : rung(rung, n, own.rung()),
                    breathsIn(n),
                    rounds.in(n),
                    Mode.values()[mode.in(n)],
                    Alone.values()[alone.in(n)],
                    own.lighter() == null ? growth.isLighter(n) : own.lighter(),
                    n == 1 || own.newFlow() != null,
                    !theme.isEmpty() ? theme : themeByTurns(n)));
        }
        return cells;
    }

    private int breathsIn(int n) {
        return course.growth().breaths().after(breaths, n - breathsFrom);
    }

    private void breathsFrom(int n, @Nullable Integer other) {
        if (other == null || other == breathsIn(n)) return;
        breathsFrom = n;
        breaths = other;
    }

    /** The rung of a lesson to come: where the group stands in the first of them, then on as slowly as the ladder asks. */
    private int rung(Grown rung, int n, @Nullable Integer own) {
        boolean first = !begun;
        begun = true;
        Integer set = own != null ? own : first ? standing : null;
        return onRung(rung, n, set == null ? paced(rung, n) : Math.min(set, top()));
    }

    private int paced(Grown rung, int n) {
        if (lastRung == null) return rung.in(n);
        boolean mayGoOn = lessonsOnRung >= ladder().classesOn(lastRung) && rung.in(n) > lastRung;
        return mayGoOn ? lastRung + 1 : lastRung;
    }

    private int onRung(Grown rung, int n, int now) {
        if (now != (lastRung == null ? now : paced(rung, n))) rung.from(n, now);
        lessonsOnRung = lastRung != null && now == lastRung ? lessonsOnRung + 1 : 1;
        lastRung = now;
        return now;
    }

    private Ladder ladder() {
        return Objects.requireNonNull(ladder);
    }

    private int top() {
        return ladder == null ? 1 : topRung(ladder);
    }

    /** The rung a ladder's own peak stands on; what comes behind it is no aim. */
    public static int topRung(Ladder ladder) {
        int at = ladder.peak() == null ? 0 : ladder.rungOf(ladder.peak());
        return at == 0 ? ladder.rungs().size() : at;
    }

    private String themeByTurns(int n) {
        List<String> themes = course.themes();
        if (themes.isEmpty())
            return course.aim().kind() == Aim.Kind.THEME ? course.aim().value() : "";
        return themes.get((n - 1) % themes.size());
    }
}
