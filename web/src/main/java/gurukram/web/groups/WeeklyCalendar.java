package gurukram.web.groups;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Weekly groups as a calendar that other programs read. Their needs are not in it. */
final class WeeklyCalendar {
    private WeeklyCalendar() {}

    /** @param rooms names by id */
    static String of(List<Group> groups, Map<UUID, String> rooms, ZoneId zone, Clock clock) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Gurukram//Groups//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZoneRegistry registry = TimeZoneRegistryFactory.getInstance().createRegistry();
        TimeZone known = registry.getTimeZone(zone.getId());
        if (known != null) calendar.add(known.getVTimeZone());
        LocalDate today = LocalDate.now(clock.withZone(zone));
        for (Group group : groups) {
            ZonedDateTime first = today.with(TemporalAdjusters.nextOrSame(group.day()))
                    .atTime(group.startsAt())
                    .atZone(zone);
            VEvent event = new VEvent(first, Duration.ofMinutes(group.slotMinutes()), group.name());
            event.add(new Uid(group.id() + "@gurukram"));
            event.replace(new DtStamp(clock.instant()));
            event.add(new RRule<ZonedDateTime>("FREQ=WEEKLY"));
            event.add(new Description(group.level().word() + ", " + group.slotMinutes() + " min"));
            String room = rooms.get(group.room());
            if (room != null) event.add(new Location(room));
            calendar.add(event);
        }
        return calendar.toString();
    }
}
