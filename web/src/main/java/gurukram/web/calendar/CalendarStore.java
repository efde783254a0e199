package gurukram.web.calendar;

import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Dates of groups that are otherwise than usual, single events, ways between rooms, and the link other calendars read by. */
@Repository
class CalendarStore {
    static final int MOST_EVENTS = 5_000;

    private static final String MEETINGS = """
            select group_id, day, on_day, starts_at, class_id, cancelled, substitute, booked, first_timers, booked_at from meeting
             where studio_id = :studio and teacher_id = :teacher
               and (day between :from and :to or on_day between :from and :to)
             order by day, group_id""";
    private static final String MEETING = """
            select group_id, day, on_day, starts_at, class_id, cancelled, substitute, booked, first_timers, booked_at from meeting
             where studio_id = :studio and teacher_id = :teacher and group_id = :group and day = :day""";
    private static final String PUT_MEETING = """
            insert into meeting (studio_id, id, teacher_id, group_id, day, on_day, starts_at, class_id, cancelled, substitute)
            select :studio, :id, :teacher, g.id, :day, :on::date, :starts::time,
                   (select c.id from yoga_class c
                     where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class and c.deleted_at is null),
                   :cancelled, :substitute
              from class_group g where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group
            on conflict (studio_id, group_id, day)
            do update set on_day = excluded.on_day, starts_at = excluded.starts_at, class_id = excluded.class_id,
                          cancelled = excluded.cancelled, substitute = excluded.substitute""";
    private static final String SUBSTITUTE = """
            insert into meeting (studio_id, id, teacher_id, group_id, day, substitute)
            select :studio, :id, :teacher, g.id, :day, :substitute
              from class_group g where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group
            on conflict (studio_id, group_id, day) do update set substitute = excluded.substitute""";
    private static final String BOOK = """
            insert into meeting (studio_id, id, teacher_id, group_id, day, booked, first_timers, booked_at)
            select :studio, :id, :teacher, g.id, :day, :booked, :new, :now
              from class_group g where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group
            on conflict (studio_id, group_id, day)
            do update set booked = excluded.booked, first_timers = excluded.first_timers, booked_at = excluded.booked_at""";
    /** With whole days that began before. */
    private static final String EVENTS = """
            select id, kind, day, starts_at, minutes, title, class_id, room_id, uid, cancelled from event
             where studio_id = :studio and teacher_id = :teacher and day <= :to
               and day + (case when starts_at is null then greatest(0, (minutes - 1) / 1440) else 0 end) >= :from
             order by day, starts_at nulls first, title, id""";

    private static final String EVENT = """
            select id, kind, day, starts_at, minutes, title, class_id, room_id, uid, cancelled from event
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String PUT_EVENT = """
            insert into event (studio_id, id, teacher_id, kind, day, starts_at, minutes, title, class_id, room_id, uid, cancelled)
            select :studio, :id, :teacher, :kind, :day, :starts::time, :minutes, :title,
                   (select c.id from yoga_class c
                     where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class and c.deleted_at is null),
                   (select r.id from room r where r.studio_id = :studio and r.teacher_id = :teacher and r.id = :room), :uid, :cancelled
             where (select count(*) from event where studio_id = :studio and teacher_id = :teacher) < :most
            on conflict (studio_id, id)
            do update set kind = excluded.kind, day = excluded.day, starts_at = excluded.starts_at, minutes = excluded.minutes,
                          title = excluded.title, class_id = excluded.class_id, room_id = excluded.room_id, cancelled = excluded.cancelled
             where event.teacher_id = :teacher""";
    private static final String EVENT_GONE =
            "delete from event where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String IMPORTED_GONE = """
            delete from event where studio_id = :studio and teacher_id = :teacher and kind = 'imported' and uid in (:uids)""";
    private static final String ALL_IMPORTED_GONE =
            "delete from event where studio_id = :studio and teacher_id = :teacher and kind = 'imported'";
    private static final String WAYS =
            "select from_room, to_room, minutes from room_way where studio_id = :studio and teacher_id = :teacher";
    private static final String PUT_WAY = """
            insert into room_way (studio_id, id, teacher_id, from_room, to_room, minutes)
            select :studio, :id, :teacher, a.id, b.id, :minutes from room a, room b
             where a.studio_id = :studio and a.teacher_id = :teacher and a.id = :from
               and b.studio_id = :studio and b.teacher_id = :teacher and b.id = :to
            on conflict (studio_id, from_room, to_room) do update set minutes = excluded.minutes""";
    private static final String NO_FEED =
            "delete from calendar_feed where studio_id = :studio and teacher_id = :teacher";
    private static final String FEED = """
            insert into calendar_feed (hash, studio_id, teacher_id, made_at) values (:hash, :studio, :teacher, :now)""";
    private static final String FEED_MADE =
            "select made_at from calendar_feed where studio_id = :studio and teacher_id = :teacher";
    private static final String FEED_OF = "select studio_id, teacher_id from calendar_feed where hash = :hash";

    private final JdbcClient jdbc;
    private final Clock clock;

    CalendarStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    // --- dates of groups

    List<Meeting> meetings(Teacher teacher, LocalDate from, LocalDate to) {
        return asked(MEETINGS, teacher)
                .param("from", from)
                .param("to", to)
                .query(CalendarStore::meeting)
                .list();
    }

    Meeting meeting(Teacher teacher, UUID group, LocalDate day) {
        return asked(MEETING, teacher)
                .param("group", group)
                .param("day", day)
                .query(CalendarStore::meeting)
                .optional()
                .orElse(Meeting.usual(group, day));
    }

    /** What was booked stays. */
    void put(Teacher teacher, Meeting meeting) {
        asked(PUT_MEETING, teacher)
                .param("id", UUID.randomUUID())
                .param("group", meeting.group())
                .param("day", meeting.day())
                .param("on", meeting.onDay(), Types.DATE)
                .param("starts", meeting.startsAt(), Types.TIME)
                .param("class", meeting.classId(), Types.OTHER)
                .param("cancelled", meeting.cancelled())
                .param("substitute", meeting.substitute())
                .update();
    }

    /** @param name who teaches the date instead; empty for nobody. At most 80 letters of it are kept */
    void substitute(Teacher teacher, UUID group, LocalDate day, String name) {
        asked(SUBSTITUTE, teacher)
                .param("id", UUID.randomUUID())
                .param("group", group)
                .param("day", day)
                .param("substitute", name.substring(0, Math.min(name.length(), CalendarForm.MOST_NAME_LETTERS)))
                .update();
    }

    void book(Teacher teacher, UUID group, LocalDate day, int mats, int firstTimers) {
        asked(BOOK, teacher)
                .param("id", UUID.randomUUID())
                .param("group", group)
                .param("day", day)
                .param("booked", mats)
                .param("new", firstTimers)
                .param("now", now())
                .update();
    }

    // --- events

    List<Event> events(Teacher teacher, LocalDate from, LocalDate to) {
        return asked(EVENTS, teacher)
                .param("from", from)
                .param("to", to)
                .query(CalendarStore::event)
                .list();
    }

    Optional<Event> event(Teacher teacher, UUID id) {
        return asked(EVENT, teacher).param("id", id).query(CalendarStore::event).optional();
    }

    /** False when there are too many, or it is somebody else's. */
    boolean put(Teacher teacher, Event event) {
        return asked(PUT_EVENT, teacher)
                        .param("id", event.id())
                        .param("kind", event.kind().name().toLowerCase(Locale.ROOT))
                        .param("day", event.day())
                        .param("starts", event.startsAt(), Types.TIME)
                        .param("minutes", event.minutes())
                        .param("title", event.title())
                        .param("class", event.classId(), Types.OTHER)
                        .param("room", event.room(), Types.OTHER)
                        .param("uid", event.uid(), Types.VARCHAR)
                        .param("cancelled", event.cancelled())
                        .param("most", MOST_EVENTS)
                        .update()
                == 1;
    }

    boolean remove(Teacher teacher, UUID id) {
        return asked(EVENT_GONE, teacher).param("id", id).update() == 1;
    }

    /** In the place of what was taken over under the same names before. @return how many there was room for */
    @Transactional
    public int replace(Teacher teacher, Collection<String> uids, List<Event> events) {
        if (!uids.isEmpty()) asked(IMPORTED_GONE, teacher).param("uids", uids).update();
        int put = 0;
        for (Event event : events) if (put(teacher, event)) put++;
        return put;
    }

    int removeImported(Teacher teacher) {
        return asked(ALL_IMPORTED_GONE, teacher).update();
    }

    // --- ways

    /** Minutes from room to room, both ways. */
    Map<List<UUID>, Integer> ways(Teacher teacher) {
        Map<List<UUID>, Integer> ways = new HashMap<>();
        asked(WAYS, teacher)
                .query((row, n) -> {
                    UUID from = row.getObject("from_room", UUID.class);
                    UUID to = row.getObject("to_room", UUID.class);
                    ways.put(List.of(from, to), row.getInt("minutes"));
                    return ways.put(List.of(to, from), row.getInt("minutes"));
                })
                .list();
        return ways;
    }

    void way(Teacher teacher, UUID from, UUID to, int minutes) {
        boolean turned = from.compareTo(to) > 0;
        asked(PUT_WAY, teacher)
                .param("id", UUID.randomUUID())
                .param("from", turned ? to : from)
                .param("to", turned ? from : to)
                .param("minutes", minutes)
                .update();
    }

    // --- the link

    /** One link; the one before opens nothing any more. */
    @Transactional
    public void feed(Teacher teacher, String secret) {
        asked(NO_FEED, teacher).update();
        asked(FEED, teacher)
                .param("hash", Secrets.hash(secret))
                .param("now", now())
                .update();
    }

    boolean endFeed(Teacher teacher) {
        return asked(NO_FEED, teacher).update() == 1;
    }

    Optional<Instant> feedMade(Teacher teacher) {
        return asked(FEED_MADE, teacher).query(OffsetDateTime.class).optional().map(OffsetDateTime::toInstant);
    }

    Optional<Teacher> feedOf(String secret) {
        return jdbc.sql(FEED_OF)
                .param("hash", Secrets.hash(secret))
                .query((row, n) ->
                        Teacher.named(row.getObject("studio_id", UUID.class), row.getObject("teacher_id", UUID.class)))
                .optional();
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static Meeting meeting(ResultSet row, int n) throws SQLException {
        OffsetDateTime at = row.getObject("booked_at", OffsetDateTime.class);
        return new Meeting(
                row.getObject("group_id", UUID.class),
                row.getObject("day", LocalDate.class),
                row.getObject("on_day", LocalDate.class),
                row.getObject("starts_at", LocalTime.class),
                row.getObject("class_id", UUID.class),
                row.getBoolean("cancelled"),
                row.getString("substitute"),
                row.getObject("booked", Integer.class),
                row.getObject("first_timers", Integer.class),
                at == null ? null : at.toInstant());
    }

    private static Event event(ResultSet row, int n) throws SQLException {
        return new Event(
                row.getObject("id", UUID.class),
                Event.Kind.valueOf(row.getString("kind").toUpperCase(Locale.ROOT)),
                row.getObject("day", LocalDate.class),
                row.getObject("starts_at", LocalTime.class),
                row.getInt("minutes"),
                row.getString("title"),
                row.getObject("class_id", UUID.class),
                row.getObject("room_id", UUID.class),
                row.getString("uid"),
                row.getBoolean("cancelled"));
    }
}
