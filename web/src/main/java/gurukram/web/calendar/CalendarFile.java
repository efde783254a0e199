package gurukram.web.calendar;

import gurukram.core.text.Refused;
import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** The calendar as other programs read it (RFC 5545), and what they write. Nobody's needs are in it. */
final class CalendarFile {
    static final int MOST_LETTERS = 2_000_000;
    private static final int MOST_TAKEN = 2_000;
    private static final int MOST_EVENTS = 5_000;

    private CalendarFile() {}

    // --- out

    static String of(List<Entry> entries, ZoneId zone, Clock clock) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Gurukram//Calendar//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZoneRegistry registry = TimeZoneRegistryFactory.getInstance().createRegistry();
        TimeZone known = registry.getTimeZone(zone.getId());
        if (known != null) calendar.add(known.getVTimeZone());
        Instant now = clock.instant().truncatedTo(ChronoUnit.SECONDS);
        for (Entry entry : entries) {
            VEvent event = entry.starts() == null
                    ? new VEvent(entry.day(), entry.day().plusDays(1), summary(entry))
                    : new VEvent(entry.from().atZone(zone), Duration.ofMinutes(entry.minutes()), summary(entry));
            event.add(new Uid(entry.key() + "@gurukram"));
            event.replace(new DtStamp(now));
            String about = about(entry);
            if (!about.isEmpty()) event.add(new Description(about));
            if (!entry.roomName().isEmpty()) event.add(new Location(entry.roomName()));
            if (entry.cancelled()) event.add(new Status(Status.VALUE_CANCELLED));
            calendar.add(event);
        }
        return calendar.toString();
    }

    private static String summary(Entry entry) {
        return entry.classTitle().isEmpty() ? entry.what() : entry.what() + ": " + entry.classTitle();
    }

    private static String about(Entry entry) {
        List<String> lines = new ArrayList<>();
        if (!entry.lesson().isEmpty()) lines.add(entry.lesson());
        if (!entry.about().isEmpty()) lines.add(entry.about());
        if (entry.lacks()) lines.add("No class planned yet");
        return String.join("\n", lines);
    }

    // --- in

    /**
     * What was read of a file.
     *
     * @param uids what everything in it is called, {@code events} what falls into the time that was asked for
     * @param said what was not taken, and why: whole sentences
     */
    record Read(Set<String> uids, List<Event> events, List<String> said) {}

    /**
     * Events with their recurrences, in the teacher's zone.
     *
     * @param from the first day that is taken, {@code to} the last
     */
    static Read read(String text, ZoneId zone, LocalDate from, LocalDate to) {
        if (text.length() > MOST_LETTERS) throw new Refused("The file is larger than a calendar of some years.");
        if (!text.contains("BEGIN:VCALENDAR"))
            throw new Refused("That is no calendar: it does not begin with BEGIN:VCALENDAR. Files end on .ics.");
        Calendar calendar = parsed(text);
        Map<String, List<VEvent>> byUid = new HashMap<>();
        Set<String> order = new LinkedHashSet<>();
        int unnamed = 0;
        List<VEvent> all = calendar.getComponents(Component.VEVENT);
        if (all.size() > MOST_EVENTS)
            throw new Refused("There are %d events in it; at most %d are read.".formatted(all.size(), MOST_EVENTS));
        for (VEvent event : all) {
            String uid = event.getUid()
                    .map(Uid::getValue)
                    .filter(id -> !id.isBlank())
                    .orElse(null);
            if (uid == null) uid = "without-a-name-" + unnamed++;
            order.add(uid);
            byUid.computeIfAbsent(uid, id -> new ArrayList<>()).add(event);
        }
        Taking taking = new Taking(zone, from, to);
        for (String uid : order) taking.take(uid, byUid.get(uid));
        return taking.read(order);
    }

    private static Calendar parsed(String text) {
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException e) {
            throw new Refused("Line %d of the calendar cannot be read.".formatted(Math.max(1, e.getLineNo())));
        } catch (IOException | RuntimeException e) {
            throw new Refused("This calendar is damaged; it cannot be read.");
        }
    }

    /** What is taken of the events, one name after the other. */
    private static final class Taking {
        private final ZoneId zone;
        private final LocalDate from;
        private final LocalDate to;
        private final List<Event> events = new ArrayList<>();
        private int outside;
        private int unreadable;
        private int tooMany;

        Taking(ZoneId zone, LocalDate from, LocalDate to) {
            this.zone = zone;
            this.from = from;
            this.to = to;
        }

        Read read(Set<String> uids) {
            List<String> said = new ArrayList<>();
            if (outside > 0) said.add("%d of its events have no date from %s to %s.".formatted(outside, from, to));
            if (unreadable > 0)
                said.add("%d have no beginning that can be read, and are left out.".formatted(unreadable));
            if (tooMany > 0) said.add("%d dates were more than the %d that are taken.".formatted(tooMany, MOST_TAKEN));
            return new Read(uids, events, said);
        }

        /** A date of its own stands in the place of the one it names. */
        void take(String uid, List<VEvent> same) {
            Set<String> replaced = new HashSet<>();
            for (VEvent event : same)
                if (event.getRecurrenceId() != null)
                    replaced.add(key(event.getRecurrenceId().getDate()));
            int before = events.size() + tooMany;
            boolean readable = true;
            for (VEvent event : same) {
                try {
                    boolean own = event.getRecurrenceId() != null;
                    take(uid, event, own ? Set.of() : replaced, own);
                } catch (DateTimeException | IllegalArgumentException | UnsupportedOperationException e) {
                    readable = false;
                }
            }
            if (!readable) unreadable++;
            else if (events.size() + tooMany == before) outside++;
        }

        /** The same moment, however it is written. */
        private String key(Temporal at) {
            return at instanceof LocalDate day ? day.toString() : local(at).toString();
        }

        private void take(String uid, VEvent event, Set<String> without, boolean own) {
            DtStart<Temporal> start = event.getDateTimeStart();
            if (start == null || start.getDate() == null) throw new DateTimeException("no beginning");
            Temporal begins = start.getDate();
            boolean whole = begins instanceof LocalDate;
            DtEnd<Temporal> end = event.getDateTimeEnd();
            Temporal ends = end == null ? null : end.getDate();
            long minutes = minutes(event, begins, ends, whole);
            boolean recurs = !own
                    && (event.getProperty(Property.RRULE).isPresent()
                            || event.getProperty(Property.RDATE).isPresent());
            if (!recurs) {
                if (!without.contains(key(begins))) add(uid, event, begins, minutes);
                return;
            }
            for (Temporal date : dates(event, begins, whole))
                if (!without.contains(key(date))) add(uid, event, date, minutes);
        }

        private long minutes(VEvent event, Temporal begins, Temporal ends, boolean whole) {
            if (whole) {
                long days = ends instanceof LocalDate last ? ChronoUnit.DAYS.between((LocalDate) begins, last) : 1;
                return Math.max(1, days) * Event.DAY_MINUTES;
            }
            if (ends != null)
                return Math.max(0, Duration.between(local(begins), local(ends)).toMinutes());
            return event.getDuration() == null
                    ? 0
                    : Duration.from(event.getDuration().getDuration()).toMinutes();
        }

        private List<Temporal> dates(VEvent event, Temporal begins, boolean whole) {
            List<Temporal> dates = new ArrayList<>();
            if (whole) {
                Period<LocalDate> asked = new Period<>(from.minusDays(31), to);
                for (Period<LocalDate> one : event.<LocalDate>calculateRecurrenceSet(asked)) dates.add(one.getStart());
                return dates;
            }
            if (begins instanceof ZonedDateTime zoned) {
                Period<ZonedDateTime> asked = new Period<>(
                        from.minusDays(1).atStartOfDay(zoned.getZone()),
                        to.plusDays(1).atStartOfDay(zoned.getZone()));
                for (Period<ZonedDateTime> one : event.<ZonedDateTime>calculateRecurrenceSet(asked))
                    dates.add(one.getStart());
            } else if (begins instanceof Instant) {
                Period<Instant> asked = new Period<>(
                        from.minusDays(1).atStartOfDay(zone).toInstant(),
                        to.plusDays(1).atStartOfDay(zone).toInstant());
                for (Period<Instant> one : event.<Instant>calculateRecurrenceSet(asked)) dates.add(one.getStart());
            } else {
                Period<LocalDateTime> asked = new Period<>(
                        from.minusDays(1).atStartOfDay(), to.plusDays(1).atStartOfDay());
                for (Period<LocalDateTime> one : event.<LocalDateTime>calculateRecurrenceSet(asked))
                    dates.add(one.getStart());
            }
            return dates;
        }

        private void add(String uid, VEvent event, Temporal begins, long minutes) {
            boolean whole = begins instanceof LocalDate;
            LocalDateTime at = whole ? ((LocalDate) begins).atStartOfDay() : local(begins);
            long lasting = Math.min(minutes, 31L * Event.DAY_MINUTES);
            LocalDate last = whole
                    ? at.toLocalDate().plusDays(Math.max(0, (lasting - 1) / Event.DAY_MINUTES))
                    : at.toLocalDate();
            if (last.isBefore(from) || at.toLocalDate().isAfter(to)) return;
            if (events.size() >= MOST_TAKEN) {
                tooMany++;
                return;
            }
            LocalTime starts = whole ? null : at.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
            boolean cancelled = event.getStatus() != null
                    && Status.VALUE_CANCELLED.equalsIgnoreCase(event.getStatus().getValue());
            events.add(new Event(
                    UUID.randomUUID(),
                    Event.Kind.IMPORTED,
                    at.toLocalDate(),
                    starts,
                    (int) lasting,
                    title(event),
                    null,
                    null,
                    uid,
                    cancelled));
        }

        private static String title(VEvent event) {
            String title = event.getSummary() == null
                    ? ""
                    : String.valueOf(event.getSummary().getValue());
            String plain = title.replaceAll("[\\p{Cc}\\p{Cs}\\p{Cn}]+", " ")
                    .replaceAll("\\s+", " ")
                    .strip();
            if (plain.isEmpty()) return "Something without a name";
            return plain.length() <= Event.MOST_LETTERS ? plain : plain.substring(0, Event.MOST_LETTERS - 1) + "…";
        }

        /** By the clock on the teacher's wall; what has no zone is meant by that clock already. */
        private LocalDateTime local(Temporal at) {
            if (at instanceof LocalDate day) return day.atStartOfDay();
            if (at instanceof LocalDateTime wall) return wall;
            if (at instanceof ZonedDateTime zoned)
                return zoned.withZoneSameInstant(zone).toLocalDateTime();
            if (at instanceof OffsetDateTime offset)
                return offset.atZoneSameInstant(zone).toLocalDateTime();
            if (at instanceof Instant instant) return LocalDateTime.ofInstant(instant, zone);
            throw new DateTimeException("no time");
        }
    }
}
