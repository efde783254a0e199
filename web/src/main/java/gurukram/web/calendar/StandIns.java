package gurukram.web.calendar;

import gurukram.core.studio.Deed;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.calendar.StandIn.Answer;
import gurukram.web.outbox.Delivery;
import gurukram.web.outbox.OutboxStore;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.studio.HouseClasses;
import gurukram.web.studio.Houses;
import gurukram.web.studio.Houses.Colleague;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Standing in for each other: whose group it is asks somebody of a studio both are in, who says yes or no; the date stands in the
 * calendars of both meanwhile, wherever it is moved, and the class that is planned for it is shared with the studio.
 */
@Service
class StandIns {
    private final StandInStore store;
    private final CalendarStore dates;
    private final Agenda agenda;
    private final Houses houses;
    private final HouseClasses shared;
    private final OutboxStore outbox;
    private final Delivery delivery;
    private final Zones zones;

    StandIns(
            StandInStore store,
            CalendarStore dates,
            Agenda agenda,
            Houses houses,
            HouseClasses shared,
            OutboxStore outbox,
            Delivery delivery,
            Zones zones) {
        this.store = store;
        this.dates = dates;
        this.agenda = agenda;
        this.houses = houses;
        this.shared = shared;
        this.outbox = outbox;
        this.delivery = delivery;
        this.zones = zones;
    }

    Optional<StandIn> asked(Teacher teacher, UUID group, LocalDate day) {
        return store.of(teacher, group, day);
    }

    /** Whom she can ask. */
    List<Colleague> colleagues(Teacher teacher) {
        return houses.colleagues(teacher);
    }

    /** In the place of whoever was asked before; {@link Refused} for a date nobody will teach any more. */
    @Transactional
    public void ask(Teacher teacher, UUID group, LocalDate day, UUID house, UUID whom) {
        houses.asked(teacher, house, Deed.ASK_TO_STAND_IN, false);
        Colleague colleague = colleagues(teacher).stream()
                .filter(one -> one.studio().equals(house) && one.teacher().equals(whom))
                .findFirst()
                .orElseThrow(NotFound::new);
        Entry date = date(teacher, group, day);
        if (date.day().isBefore(zones.today(teacher))) throw new Refused("That day is over.");
        if (date.cancelled()) throw new Refused("It is cancelled: nobody has to teach it.");
        takeBack(teacher, group, day);
        store.ask(teacher, group, day, house, whom);
        share(teacher, house, date);
        houses.note(house, teacher, "asked %s to stand in".formatted(colleague.name()));
        mail(store.of(teacher, group, day).orElseThrow(), "asks you to stand in", date);
    }

    private Entry date(Teacher teacher, UUID group, LocalDate day) {
        return agenda.date(teacher, group, day).orElseThrow(NotFound::new);
    }

    private void share(Teacher teacher, UUID house, Entry date) {
        if (!date.classId().isEmpty()) shared.share(teacher, house, ClassId.of(date.classId()));
    }

    private void mail(StandIn to, String what, Entry date) {
        if (!delivery.isThere()) return;
        outbox.send(to.email(), "%s %s: %s".formatted(to.by(), what, date.what()), """
                %s %s: %s, %s%s.

                It stands in your calendar.
                """.formatted(
                        to.by(), what, date.what(), when(date), date.cancelled() ? ", cancelled" : ""));
    }

    /** {@code Thursday 3 December, 18:30, 60 min, in The loft}. */
    static String when(Entry date) {
        String room = date.roomName().isEmpty() ? "" : ", in " + date.roomName();
        return "%s, %s, %d min%s".formatted(MonthPage.words(date.day()), date.at(), date.minutes(), room);
    }

    /** Nobody is asked any more; whose group it is teaches it herself. */
    @Transactional
    public void takeBack(Teacher teacher, UUID group, LocalDate day) {
        StandIn one = store.of(teacher, group, day).orElse(null);
        if (one == null) return;
        if (one.answer() != Answer.NO) mail(one, "needs nobody to stand in any more", date(teacher, group, day));
        if (one.answer() == Answer.YES) dates.substitute(teacher, group, day, "");
        store.end(one);
    }

    /**
     * Keeps a date. Another class is shared too, and who stands in is told when it is at another time.
     * Where somebody else teaches it now, or she herself, nobody is asked any more.
     */
    @Transactional
    public void keep(Teacher teacher, Meeting meeting) {
        String substitute =
                dates.meeting(teacher, meeting.group(), meeting.day()).substitute();
        Entry before = date(teacher, meeting.group(), meeting.day());
        dates.put(teacher, meeting);
        StandIn one = store.of(teacher, meeting.group(), meeting.day()).orElse(null);
        if (one == null) return;
        Entry now = date(teacher, meeting.group(), meeting.day());
        if (!meeting.substitute().equals(substitute)) {
            mail(one, "needs nobody to stand in any more", now);
            store.end(one);
            return;
        }
        share(teacher, one.house(), now);
        boolean changed = !when(before).equals(when(now)) || before.cancelled() != now.cancelled();
        if (changed && one.answer() != Answer.NO) mail(one, "has changed the date", now);
    }

    // --- for who stands in

    /** One she was asked for, while she may stand in; {@link NotFound} for anything else. */
    StandIn find(Teacher teacher, UUID id) {
        StandIn one = store.find(teacher, id).orElseThrow(NotFound::new);
        houses.asked(teacher, one.house(), Deed.STAND_IN, false);
        return one;
    }

    /** The date as it is now. */
    Entry date(StandIn one) {
        return date(one.maker(), one.group(), one.day());
    }

    /** The class of the date as it is shared in the studio; empty where none is planned, or it is shared no more. */
    Optional<UUID> classOf(Teacher teacher, StandIn one, Entry date) {
        if (date.classId().isEmpty()) return Optional.empty();
        return shared.in(teacher, one.house(), ClassId.of(date.classId()));
    }

    @Transactional
    public void answer(Teacher teacher, UUID id, boolean yes) {
        StandIn one = find(teacher, id);
        store.answer(one, yes ? Answer.YES : Answer.NO);
        if (yes) dates.substitute(one.maker(), one.group(), one.day(), one.name());
        else if (one.answer() == Answer.YES) dates.substitute(one.maker(), one.group(), one.day(), "");
        houses.note(one.house(), teacher, yes ? "stands in for " + one.by() : "cannot stand in for " + one.by());
    }

    /** Her copy of the class, made the first time. */
    @Transactional
    public String copy(Teacher teacher, UUID id) {
        StandIn one = find(teacher, id);
        UUID there = classOf(teacher, one, date(one)).orElseThrow(NotFound::new);
        ClassId copy = shared.copy(teacher, one.house(), there, Deed.TEACH_CLASS);
        store.copy(one, copy.value());
        return copy.toString();
    }
}
