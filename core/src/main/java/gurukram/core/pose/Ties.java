package gurukram.core.pose;

import java.util.List;

/**
 * How a pose is tied to others, by their ids.
 *
 * @param easier forms that ask less, {@code harder} that ask more; each is told both ways
 * @param counter what balances it afterwards
 * @param next where teachers usually go on to
 */
public record Ties(List<String> easier, List<String> harder, List<String> counter, List<String> next) {
    public Ties {
        easier = List.copyOf(easier);
        harder = List.copyOf(harder);
        counter = List.copyOf(counter);
        next = List.copyOf(next);
    }
}
