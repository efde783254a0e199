package gurukram.web.calendar;

import gurukram.core.calendar.Clash;
import gurukram.core.calendar.Clashes;
import gurukram.core.calendar.Planned;
import gurukram.web.courses.Courses;
import gurukram.web.courses.Courses.Dated;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.groups.KeptRoom;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.ClassSummary;
import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What a teacher's days have in them: weekly groups as their dates really are, lessons of courses, and everything else. */
@Service
public class Agenda {
    /** Dates that are looked at though they are not shown: they may have moved to where they are. */
    private static final int MARGIN = 31;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.UK);

    private final CalendarStore store;
    private final GroupStore groups;
    private final Courses courses;
    private final ClassStore classes;
    private final StandInStore standIns;

    Agenda(CalendarStore store, GroupStore groups, Courses courses, ClassStore classes, StandInStore standIns) {
        this.standIns = standIns;
        this.store = store;
        this.groups = groups;
        this.courses = courses;
        this.classes = classes;
    }

    /** A date of a group. */
    private record Date(UUID group, LocalDate day) {}

    /** Everything from one day to another, both included, in the order of time. */
    public List<Entry> between(Teacher teacher, LocalDate from, LocalDate to) {
        return new Reading(teacher, from, to).entries();
    }

    /** A date of a group as it is now, wherever it was moved. @param day the day the group usually meets */
    Optional<Entry> date(Teacher teacher, UUID group, LocalDate day) {
        return new Reading(teacher, day, day)
                .own().stream()
                        .filter(entry -> entry.key().equals(key(group, day)))
                        .findFirst();
    }

    private static String key(UUID group, LocalDate day) {
        return group + "-" + day;
    }

    /** One reading of the calendar. */
    private final class Reading {
        private final Teacher teacher;
        private final LocalDate from;
        private final LocalDate to;
        private final Map<UUID, String> rooms = new HashMap<>();
        private final Map<UUID, ClassSummary> titles = new HashMap<>();
        private final Map<Date, Meeting> meetings = new HashMap<>();
        private final Map<Date, Dated> lessons = new HashMap<>();
        private final Map<Date, StandIn> asked = new HashMap<>();
        private final Map<UUID, Group> known = new HashMap<>();
        private final List<Dated> apart = new ArrayList<>();
        private final List<Entry> entries = new ArrayList<>();

        Reading(Teacher teacher, LocalDate from, LocalDate to) {
            this.teacher = teacher;
            this.from = from;
            this.to = to;
        }

        List<Entry> entries() {
            own();
            addForOthers();
            entries.removeIf(entry -> !isIn(entry.day()));
            entries.sort(
                    Comparator.comparing(Entry::from).thenComparing(Entry::what).thenComparing(Entry::key));
            return clashing();
        }

        /** What is her own, also what was moved out of the days that were asked for; in no order, and nothing clashes. */
        List<Entry> own() {
            for (StandIn one : standIns.of(teacher, from.minusDays(MARGIN), to.plusDays(MARGIN)))
                asked.put(new Date(one.group(), one.day()), one);
            for (KeptRoom room : groups.rooms(teacher))
                rooms.put(room.id(), room.room().name());
            for (ClassSummary summary : classes.summaries(teacher))
                titles.put(summary.id().value(), summary);
            for (Meeting meeting : store.meetings(teacher, from.minusDays(MARGIN), to.plusDays(MARGIN)))
                meetings.put(new Date(meeting.group(), meeting.day()), meeting);
            List<Group> all = groups.groups(teacher);
            sortLessons(all);
            for (Group group : all) {
                for (LocalDate day = from.with(TemporalAdjusters.nextOrSame(group.day()));
                        !day.isAfter(to);
                        day = day.plusWeeks(1)) add(group, day);
                for (Dated lesson : lessons.values()) {
                    boolean fromOutside = lesson.group().equals(group.id())
                            && (lesson.usualDay().isBefore(from)
                                    || lesson.usualDay().isAfter(to))
                            && !lesson.day().isBefore(from)
                            && !lesson.day().isAfter(to);
                    boolean told = meetings.containsKey(new Date(group.id(), lesson.usualDay()));
                    if (fromOutside && !told) add(group, lesson.usualDay());
                }
                for (Meeting meeting : List.copyOf(meetings.values())) {
                    boolean fromOutside = meeting.group().equals(group.id())
                            && (meeting.day().isBefore(from) || meeting.day().isAfter(to));
                    if (fromOutside) add(group, meeting.day());
                }
            }
            for (Dated lesson : apart) add(lesson);
            for (Event event : store.events(teacher, from, to)) add(event);
            return entries;
        }

        /** Dates of others she stands in on, or is asked to. */
        private void addForOthers() {
            Map<Teacher, List<StandIn>> byMaker =
                    standIns.by(teacher, from.minusDays(MARGIN), to.plusDays(MARGIN)).stream()
                            .collect(Collectors.groupingBy(StandIn::maker));
            byMaker.forEach((maker, all) -> {
                LocalDate first = all.get(0).day();
                LocalDate last = all.get(all.size() - 1).day();
                Map<String, Entry> dates = new HashMap<>();
                for (Entry entry : new Reading(maker, first, last).own()) dates.put(entry.key(), entry);
                for (StandIn one : all) {
                    Entry date = dates.get(key(one.group(), one.day()));
                    if (date != null) entries.add(forOther(one, date));
                }
            });
        }

        private Entry forOther(StandIn one, Entry date) {
            ClassSummary copy = one.copy() == null ? null : titles.get(one.copy());
            List<String> about = new ArrayList<>();
            boolean yes = one.answer() == StandIn.Answer.YES;
            if (!yes) about.add("you are asked");
            if (copy == null && !date.classId().isEmpty()) about.add("there is a class for it: " + date.classTitle());
            if (!date.day().equals(date.usualDay())) about.add("moved from " + DAY.format(date.usualDay()));
            return new Entry(
                    "stand-in-" + one.id(),
                    date.day(),
                    date.usualDay(),
                    date.starts(),
                    date.minutes(),
                    date.what() + ", for " + one.by(),
                    String.join("; ", about),
                    null,
                    date.roomName(),
                    "",
                    "",
                    copy == null ? "" : one.copy().toString(),
                    copy == null ? "" : copy.title(),
                    date.cancelled(),
                    true,
                    true,
                    date.booked(),
                    date.firstTimers(),
                    yes && date.classId().isEmpty(),
                    "/stand-ins/" + one.id(),
                    List.of());
        }

        private boolean isIn(LocalDate day) {
            return !day.isBefore(from) && !day.isAfter(to);
        }

        /** A lesson of a day its group meets on belongs to that meeting, and moves it along; others stand for themselves. */
        private void sortLessons(List<Group> all) {
            all.forEach(group -> known.put(group.id(), group));
            for (Dated lesson : courses.dated(teacher)) {
                if (!isIn(lesson.day()) && !isIn(lesson.usualDay())) continue;
                Group group = known.get(lesson.group());
                boolean meets = group != null
                        && lesson.weekly()
                        && group.day() == lesson.usualDay().getDayOfWeek()
                        && lessons.putIfAbsent(new Date(group.id(), lesson.usualDay()), lesson) == null;
                if (!meets) apart.add(lesson);
            }
        }

        private void add(Group group, LocalDate day) {
            Meeting meeting = meetings.getOrDefault(new Date(group.id(), day), Meeting.usual(group.id(), day));
            Dated lesson = lessons.get(new Date(group.id(), day));
            LocalDate on = meeting.onDay() != null ? meeting.onDay() : lesson == null ? day : lesson.day();
            UUID classId = meeting.classId() != null
                    ? meeting.classId()
                    : lesson == null || lesson.classId() == null
                            ? null
                            : lesson.classId().value();
            ClassSummary planned = classId == null ? null : titles.get(classId);
            List<String> about = new ArrayList<>();
            if (!on.equals(day)) about.add("moved from " + DAY.format(day));
            StandIn standIn = asked.get(new Date(group.id(), day));
            if (!meeting.substitute().isEmpty()) about.add(meeting.substitute() + " teaches it");
            else if (standIn != null) about.add(standIn.words());
            entries.add(new Entry(
                    key(group.id(), day),
                    on,
                    day,
                    meeting.startsAt() == null ? group.startsAt() : meeting.startsAt(),
                    group.slotMinutes(),
                    group.name(),
                    String.join("; ", about),
                    group.room(),
                    rooms.getOrDefault(group.room(), ""),
                    lesson == null ? "" : lesson.name(),
                    lesson == null ? "" : lesson.course().toString(),
                    planned == null ? "" : classId.toString(),
                    planned == null ? "" : planned.title(),
                    meeting.cancelled(),
                    meeting.substitute().isEmpty(),
                    true,
                    meeting.booked(),
                    meeting.firstTimers(),
                    true,
                    "/calendar/groups/%s/%s".formatted(group.id(), day),
                    List.of()));
        }

        private void add(Dated lesson) {
            ClassSummary planned = lesson.classId() == null
                    ? null
                    : titles.get(lesson.classId().value());
            Group group = lesson.group() == null ? null : known.get(lesson.group());
            boolean timed = lesson.weekly() && group != null;
            LocalTime starts = timed ? group.startsAt() : null;
            entries.add(new Entry(
                    lesson.course() + "-" + lesson.n(),
                    lesson.day(),
                    lesson.day(),
                    starts,
                    timed ? lesson.minutes() : Event.DAY_MINUTES,
                    lesson.weekly() ? lesson.name() : lesson.progress(),
                    lesson.weekly() ? "" : lesson.theme(),
                    timed ? group.room() : null,
                    timed ? rooms.getOrDefault(group.room(), "") : "",
                    lesson.name(),
                    lesson.course().toString(),
                    planned == null ? "" : lesson.classId().toString(),
                    planned == null ? "" : planned.title(),
                    false,
                    true,
                    true,
                    null,
                    null,
                    true,
                    "/courses/%s/lessons/%d".formatted(lesson.course(), lesson.n()),
                    List.of()));
        }

        private void add(Event event) {
            ClassSummary planned = event.classId() == null ? null : titles.get(event.classId());
            LocalDate first = event.day().isBefore(from) ? from : event.day();
            for (LocalDate day = first; !day.isAfter(event.lastDay()) && !day.isAfter(to); day = day.plusDays(1)) {
                entries.add(new Entry(
                        event.id() + (day.equals(event.day()) ? "" : "-" + day),
                        day,
                        event.day(),
                        event.startsAt(),
                        event.isWholeDay() ? Event.DAY_MINUTES : event.minutes(),
                        event.title(),
                        event.kind() == Event.Kind.SINGLE ? "" : event.kind().words(),
                        event.room(),
                        rooms.getOrDefault(event.room(), ""),
                        "",
                        "",
                        planned == null ? "" : event.classId().toString(),
                        planned == null ? "" : planned.title(),
                        event.cancelled(),
                        true,
                        event.kind() != Event.Kind.IMPORTED,
                        null,
                        null,
                        true,
                        "/calendar/events/" + event.id(),
                        List.of()));
            }
        }

        /** What lasts the whole day is no hour: it is told beside a class, not as two things at once. */
        private List<Entry> clashing() {
            Map<List<UUID>, Integer> ways = store.ways(teacher);
            List<Planned> planned = new ArrayList<>();
            for (Entry entry : entries) {
                if (entry.cancelled() || entry.starts() == null) continue;
                planned.add(new Planned(
                        entry.key(),
                        entry.what(),
                        entry.from(),
                        entry.to(),
                        entry.room() == null ? null : entry.room().toString(),
                        entry.mine()));
            }
            Map<String, List<String>> said = new HashMap<>();
            Clashes.Ways way = (a, b) -> ways.getOrDefault(List.of(UUID.fromString(a), UUID.fromString(b)), 0);
            for (Clash clash : Clashes.of(planned, way)) {
                said.computeIfAbsent(clash.first().key(), key -> new ArrayList<>())
                        .add(clash.words());
                said.computeIfAbsent(clash.second().key(), key -> new ArrayList<>())
                        .add(clash.words());
            }
            Set<LocalDate> away = new HashSet<>();
            Map<LocalDate, String> why = new HashMap<>();
            for (Entry entry : entries) {
                boolean whole = entry.starts() == null && !entry.teachable() && !entry.cancelled();
                if (whole && away.add(entry.day())) why.put(entry.day(), entry.what());
            }
            List<Entry> told = new ArrayList<>();
            for (Entry entry : entries) {
                List<String> clashes = new ArrayList<>(said.getOrDefault(entry.key(), List.of()));
                if (entry.teachable() && !entry.cancelled() && away.contains(entry.day()))
                    clashes.add("“%s” is all that day.".formatted(why.get(entry.day())));
                told.add(entry.with(clashes));
            }
            return told;
        }
    }
}
