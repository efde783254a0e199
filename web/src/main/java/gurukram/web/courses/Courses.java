package gurukram.web.courses;

import gurukram.core.compose.brief.Brief;
import gurukram.core.course.Aim;
import gurukram.core.course.Cell;
import gurukram.core.course.Course;
import gurukram.core.course.Days;
import gurukram.core.course.Grid;
import gurukram.core.course.Own;
import gurukram.core.course.Rhythm;
import gurukram.core.course.Steps;
import gurukram.core.course.Told;
import gurukram.core.pose.Ladder;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.courses.KeptCourse.Change;
import gurukram.web.drafts.Drafts;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.groups.MatsStore;
import gurukram.web.groups.TriesStore;
import gurukram.web.plans.ClassId;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What courses come to: their grids and days, the classes drafted from them, and what became different when something was changed. */
@Service
public class Courses {
    private final CourseStore store;
    private final GroupStore groups;
    private final TriesStore tries;
    private final Poses poses;
    private final Drafts drafts;
    private final Zones zones;
    private final MatsStore mats;

    Courses(
            CourseStore store,
            GroupStore groups,
            TriesStore tries,
            Poses poses,
            Drafts drafts,
            Zones zones,
            MatsStore mats) {
        this.mats = mats;
        this.store = store;
        this.groups = groups;
        this.tries = tries;
        this.poses = poses;
        this.drafts = drafts;
        this.zones = zones;
    }

    /**
     * A course as it stands.
     *
     * @param group null when it is gone
     * @param ladder null when the course follows none
     * @param stands the rung the group stands on by its tries; null where none are noted
     * @param mats how many mats worked on which rung last, in words; empty where nobody counted
     */
    record Look(
            KeptCourse kept,
            Group group,
            Ladder ladder,
            Integer stands,
            String mats,
            List<Cell> cells,
            List<LocalDate> days,
            Map<Integer, KeptLesson> drafted) {
        Told.Lessons lessons() {
            return new Told.Lessons(cells, days);
        }

        /** The first that was not taught; one more than there are when all were. */
        int next() {
            for (Cell cell : cells) if (!isTaught(cell.n())) return cell.n();
            return cells.size() + 1;
        }

        boolean isTaught(int n) {
            return drafted.containsKey(n) && drafted.get(n).taughtAt() != null;
        }
    }

    /** Throws something when a course cannot be read. */
    public void check(Teacher teacher, UUID id) {
        look(teacher, id);
    }

    Look look(Teacher teacher, UUID id) {
        return look(teacher, store.find(teacher, id).orElseThrow(NotFound::new));
    }

    Look look(Teacher teacher, KeptCourse kept) {
        Group group = kept.group() == null
                ? null
                : groups.group(teacher, kept.group()).orElse(null);
        Ladder ladder = ladder(teacher, kept.course().aim()).orElse(null);
        Integer stands = group == null || ladder == null
                ? null
                : tries.rungs(teacher, group.id(), poses.of(teacher)).get(ladder.id());
        String counted = group == null || ladder == null
                ? ""
                : mats.lately(teacher, group.id(), ladder.id()).orElse("");
        Map<Integer, KeptLesson> drafted = new TreeMap<>();
        store.lessons(teacher, kept.id()).forEach(lesson -> drafted.put(lesson.n(), lesson));
        Map<Integer, Cell> taught = new HashMap<>();
        drafted.values().stream()
                .filter(lesson -> lesson.taughtAt() != null)
                .forEach(lesson -> taught.put(lesson.n(), lesson.cell()));
        List<Cell> cells = Grid.of(kept.course(), ladder, taught, stands);
        return new Look(
                kept,
                group,
                ladder,
                stands,
                counted,
                cells,
                kept.days().of(kept.course().lessons()),
                drafted);
    }

    /** The ladder that leads to the pose a course leads to. */
    Optional<Ladder> ladder(Teacher teacher, Aim aim) {
        if (aim.kind() != Aim.Kind.PEAK || !poses.of(teacher).has(aim.value())) return Optional.empty();
        return poses.of(teacher).laddersWith(aim.value()).stream()
                .filter(ladder -> aim.value().equals(ladder.peak()))
                .findFirst();
    }

    /**
     * A lesson on its day.
     *
     * @param usualDay the day it would be on, had it not been moved
     * @param group null when it is gone
     * @param classId null where it has none yet
     * @param name such as {@code Half moon, week 3 of 6}, {@code progress} such as {@code Day 3 of 21, 14.3 %}
     * @param theme what it is about; empty for nothing of its own
     * @param edited whether the teacher has changed its class since it was drafted
     * @param weekly whether it is one of the group's weeks, else one of many days
     */
    public record Dated(
            UUID course,
            int n,
            LocalDate day,
            LocalDate usualDay,
            UUID group,
            ClassId classId,
            int minutes,
            String name,
            String progress,
            String theme,
            boolean edited,
            boolean weekly) {}

    /** Every lesson of every course on its day. */
    public List<Dated> dated(Teacher teacher) {
        List<Dated> dated = new ArrayList<>();
        Map<UUID, Map<Integer, CourseStore.Short>> all = new HashMap<>();
        for (CourseStore.Short one : store.lessons(teacher))
            all.computeIfAbsent(one.course(), id -> new HashMap<>()).put(one.n(), one);
        for (KeptCourse kept : store.courses(teacher)) {
            Course course = kept.course();
            Map<Integer, CourseStore.Short> made = all.getOrDefault(kept.id(), Map.of());
            List<LocalDate> days = kept.days().of(course.lessons());
            List<Cell> cells = Grid.of(course, null, Map.of(), null);
            for (int n = 1; n <= days.size(); n++)
                dated.add(new Dated(
                        kept.id(),
                        n,
                        days.get(n - 1),
                        kept.days().usual(n),
                        kept.group(),
                        made.containsKey(n) ? made.get(n).classId() : null,
                        course.minutes(),
                        course.name(n),
                        Told.progress(course.rhythm(), n, course.lessons()),
                        cells.get(n - 1).theme(),
                        made.containsKey(n) && made.get(n).edited(),
                        course.rhythm() != Rhythm.DAILY));
        }
        return dated;
    }

    /** The classes of lessons that are further off than the next one of their course, and that nobody has changed yet. */
    public Set<ClassId> later(Teacher teacher) {
        LocalDate today = zones.today(teacher);
        Map<UUID, LocalDate> next = new HashMap<>();
        List<Dated> dated = dated(teacher);
        for (Dated lesson : dated)
            if (!lesson.day().isBefore(today))
                next.merge(lesson.course(), lesson.day(), (a, b) -> a.isBefore(b) ? a : b);
        return dated.stream()
                .filter(lesson -> lesson.classId() != null
                        && next.containsKey(lesson.course())
                        && lesson.day().isAfter(next.get(lesson.course())))
                .filter(lesson -> !lesson.edited())
                .map(Dated::classId)
                .collect(Collectors.toSet());
    }

    /** What stands in the way of the pose for this group, whatever rung it stands on: whole sentences. */
    List<String> stops(Teacher teacher, Look look) {
        if (look.ladder() == null || look.group() == null) return List.of();
        Brief brief = drafts.forGroup(teacher, look.group().id());
        Map<String, Integer> reached = new HashMap<>(brief.reached());
        reached.remove(look.ladder().id());
        List<String> stops = new ArrayList<>(longer(teacher, look));
        stops.addAll(drafts.stops(
                teacher,
                brief.leadingTo(look.kept().course().aim().value())
                        .withSupervised(look.kept().course().supervised())
                        .withReached(reached)));
        return stops;
    }

    /** Where the peak comes to be held longer than is usual at the group's level. */
    private List<String> longer(Teacher teacher, Look look) {
        Aim aim = look.kept().course().aim();
        Steps usual = CourseForm.usual(aim, look.group(), poses.of(teacher));
        int most = look.cells().stream().mapToInt(Cell::heldBreaths).max().orElse(0);
        if (most <= usual.most()) return List.of();
        return List.of("%s is usually held %d to %d breaths at this level; this course comes to %d."
                .formatted(poses.of(teacher).pose(aim.value()).name(), usual.from(), usual.most(), most));
    }

    /** How many lessons of each course were taught. */
    Map<UUID, Long> taught(Teacher teacher) {
        return store.lessons(teacher).stream()
                .filter(CourseStore.Short::taught)
                .collect(Collectors.groupingBy(CourseStore.Short::course, Collectors.counting()));
    }

    List<KeptCourse> courses(Teacher teacher) {
        return store.courses(teacher);
    }

    /** {@link Refused} when the teacher has too many. */
    public UUID create(Teacher teacher, UUID group, Course course, Days days) {
        return store.create(teacher, group, course, days)
                .orElseThrow(() -> new Refused("You have %d courses, and that is as many as there can be."
                        .formatted(CourseStore.MOST_COURSES)));
    }

    void remove(Teacher teacher, UUID id) {
        if (!store.remove(teacher, id)) throw new NotFound();
    }

    // --- what changes it

    /** What somebody does to a course; {@link Refused} when it cannot be. */
    interface Doing {
        KeptCourse to(Look before);
    }

    /** Does it, and keeps and tells what became different by it. */
    @Transactional
    public List<String> change(Teacher teacher, UUID id, String done, Doing doing) {
        store.hold(teacher, id);
        Look before = look(teacher, id);
        KeptCourse changed = doing.to(before);
        Look after = look(teacher, changed);
        List<String> told = new ArrayList<>();
        if (!done.isEmpty()) told.add(done);
        told.addAll(Told.between(changed.course().rhythm(), before.lessons(), after.lessons()));
        List<Change> changes = new ArrayList<>(changed.changes());
        changes.add(0, new Change(zones.today(teacher), told));
        while (changes.size() > KeptCourse.MOST_CHANGES) changes.remove(changes.size() - 1);
        KeptCourse.Before was = new KeptCourse.Before(
                before.kept().group(), before.kept().course(), before.kept().days(), rows(before));
        store.change(teacher, new KeptCourse(id, changed.group(), changed.course(), changed.days(), changes, was));
        return told;
    }

    private static List<KeptCourse.Row> rows(Look look) {
        return look.drafted().values().stream()
                .map(lesson -> new KeptCourse.Row(
                        lesson.n(),
                        lesson.classId().value(),
                        lesson.cell(),
                        lesson.flow(),
                        CourseStore.written(lesson.whole()),
                        lesson.words()))
                .toList();
    }

    /** Takes the last change back; what was drafted and taught since stays. */
    @Transactional
    public List<String> takeBack(Teacher teacher, UUID id) {
        store.hold(teacher, id);
        Look now = look(teacher, id);
        KeptCourse.Before was = now.kept().before();
        if (was == null) throw new Refused("There is nothing to take back.");
        List<Change> changes = new ArrayList<>(now.kept().changes());
        if (!changes.isEmpty()) changes.remove(0);
        boolean there =
                was.group() != null && groups.group(teacher, was.group()).isPresent();
        store.change(teacher, new KeptCourse(id, there ? was.group() : null, was.course(), was.days(), changes));
        boolean renumbered = was.course().lessons() != now.kept().course().lessons();
        if (renumbered) store.lessons(teacher, id, was.lessons());
        List<String> told = new ArrayList<>(List.of("Taken back."));
        told.addAll(Told.between(
                was.course().rhythm(), now.lessons(), look(teacher, id).lessons()));
        return told;
    }

    /** A lesson that did not take place: all that follow are later by one turn. */
    @Transactional
    public List<String> putOff(Teacher teacher, UUID id, int n) {
        return change(teacher, id, did(teacher, id, n, "did not take place and is put off"), before -> {
            open(before, n);
            return with(
                    before.kept(), before.kept().course(), before.kept().days().without(n));
        });
    }

    /** A lesson that did not take place: there is one less, and what was to grow is shared out over the others. */
    @Transactional
    public List<String> leaveOut(Teacher teacher, UUID id, int n) {
        return change(teacher, id, did(teacher, id, n, "did not take place and is left out"), before -> {
            open(before, n);
            if (before.cells().size() == 1) throw new Refused("The last that is left cannot be left out.");
            store.drop(teacher, id, n);
            return with(
                    before.kept(),
                    before.kept().course().without(n),
                    before.kept().days().without(n));
        });
    }

    private String did(Teacher teacher, UUID id, int n, String what) {
        KeptCourse kept = store.find(teacher, id).orElseThrow(NotFound::new);
        if (n < 1 || n > kept.course().lessons()) throw new NotFound();
        LocalDate day = kept.days().of(n).get(n - 1);
        return "%s %d, %s, %s."
                .formatted(CourseWords.capital(kept.course().rhythm().word()), n, CourseWords.day(day), what);
    }

    @Transactional
    public List<String> move(Teacher teacher, UUID id, int n, LocalDate to) {
        return change(teacher, id, "", before -> {
            open(before, n);
            return with(
                    before.kept(),
                    before.kept().course(),
                    before.kept().days().with(n, to, before.cells().size()));
        });
    }

    @Transactional
    public List<String> holiday(Teacher teacher, UUID id, LocalDate from, LocalDate to) {
        return change(
                teacher, id, "Nothing from %s to %s.".formatted(CourseWords.day(from), CourseWords.day(to)), before -> {
                    for (Cell cell : before.cells()) {
                        LocalDate day = before.days().get(cell.n() - 1);
                        if (before.isTaught(cell.n()) && !day.isBefore(from) && !day.isAfter(to))
                            throw new Refused("A class was taught on %s.".formatted(CourseWords.day(day)));
                    }
                    return with(
                            before.kept(),
                            before.kept().course(),
                            before.kept().days().withHoliday(from, to));
                });
    }

    @Transactional
    public List<String> want(Teacher teacher, UUID id, int n, Own own) {
        return change(teacher, id, "", before -> {
            open(before, n);
            if (own.rung() != null
                    && (before.ladder() == null
                            || own.rung() > before.ladder().rungs().size()))
                throw new Refused("This ladder has no rung %d.".formatted(own.rung()));
            return with(
                    before.kept(),
                    before.kept().course().with(n, own),
                    before.kept().days());
        });
    }

    private static KeptCourse with(KeptCourse kept, Course course, Days days) {
        return new KeptCourse(kept.id(), kept.group(), course, days, kept.changes());
    }

    static void open(Look look, int n) {
        if (n < 1 || n > look.cells().size()) throw new NotFound();
        if (look.isTaught(n)) throw new Refused("It was taught already; what was taught stays as it was.");
    }

    /** How many of a course's lessons have no class yet, from the next one on. */
    static List<Integer> undrafted(Look look) {
        List<Integer> open = new ArrayList<>();
        for (Cell cell : look.cells()) if (!look.drafted().containsKey(cell.n())) open.add(cell.n());
        return open;
    }
}
