package gurukram.web.exchange;

import java.util.List;

/** A class that was sent cannot be taken; carries all that is wrong with it. */
final class Unreadable extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Fault> faults;

    Unreadable(List<Fault> faults) {
        super(faults.size() + " faults");
        this.faults = List.copyOf(faults);
    }

    List<Fault> faults() {
        return faults;
    }
}
