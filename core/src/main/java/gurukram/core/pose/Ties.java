package gurukram.core.pose;

import java.util.List;
import java.util.stream.Stream;

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

    Ties alsoEasier(String id) {
        return new Ties(plus(easier, id), harder, counter, next);
    }

    Ties alsoHarder(String id) {
        return new Ties(easier, plus(harder, id), counter, next);
    }

    private static List<String> plus(List<String> ids, String id) {
        return Stream.concat(ids.stream(), Stream.of(id)).distinct().toList();
    }
}
