package gurukram.web.calendar;

import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.Teacher;
import java.net.URI;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** Asks the studio's calendar how many mats are booked, and keeps what it says beside the dates. */
@Service
class Booked implements AutoCloseable {
    private static final String STAND_IN = "stand-in";

    private final CalendarStore store;
    private final GroupStore groups;
    private final Optional<BookingStandIn> standIn;
    private final Optional<Bookings> bookings;

    /** @param address {@code stand-in}, the address of a studio's calendar, or nothing where there is none; the demo has the stand-in */
    Booked(
            CalendarStore store,
            GroupStore groups,
            @Value("${gurukram.bookings:}") String address,
            @Value("${gurukram.demo:false}") boolean demo) {
        String where = address.isBlank() && demo ? STAND_IN : address;
        this.store = store;
        this.groups = groups;
        this.standIn = where.equals(STAND_IN) ? Optional.of(new BookingStandIn()) : Optional.empty();
        this.bookings = where.isBlank()
                ? Optional.empty()
                : Optional.of(
                        new BookingClient(standIn.map(BookingStandIn::address).orElseGet(() -> URI.create(where))));
    }

    boolean canBeAsked() {
        return bookings.isPresent();
    }

    /** Whether what it says is made up. */
    boolean isMadeUp() {
        return standIn.isPresent();
    }

    Optional<BookingStandIn> standIn() {
        return standIn;
    }

    /** Asks for every group; where one has no answer, what was known of it stays. @return what came of it: whole sentences */
    List<String> ask(Teacher teacher, LocalDate from, LocalDate to) {
        if (bookings.isEmpty()) return List.of("There is no booking calendar to ask.");
        List<String> said = new ArrayList<>();
        int dates = 0;
        for (Group group : groups.groups(teacher)) {
            standIn.ifPresent(made -> made.knows(group));
            try {
                for (Bookings.Booked one : bookings.get().of(group.name(), from, to)) {
                    store.book(teacher, group.id(), one.day(), one.booked(), one.firstTimers());
                    dates++;
                    if (!one.starts().equals(group.startsAt()))
                        said.add("The studio has “%s” on %s at %s; here it is %s."
                                .formatted(group.name(), one.day(), one.starts(), group.startsAt()));
                }
            } catch (Bookings.NoAnswer e) {
                said.add(e.getMessage() + " What was known before stands.");
                break;
            }
        }
        said.add(0, dates == 1 ? "Bookings of 1 date are known." : "Bookings of %d dates are known.".formatted(dates));
        return said;
    }

    @Override
    public void close() {
        standIn.ifPresent(BookingStandIn::close);
    }
}
