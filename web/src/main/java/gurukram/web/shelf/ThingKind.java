package gurukram.web.shelf;

import gurukram.web.takeaway.Kind;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a studio can have of its own. */
enum ThingKind {
    ROOM(Kind.ROOM, "Rooms", "a room"),
    GROUP(Kind.GROUP, "Groups", "a group"),
    POSE(Kind.POSE, "Poses", "a pose"),
    LADDER(Kind.LADDER, "Ladders", "a ladder"),
    FLOW(Kind.FLOW, "Flows", "a flow"),
    /** all of one's own words for themes, as they are typed */
    WORDS(null, "Words for themes", "your words for themes");

    private final Kind kind;
    private final String many;
    private final String one;

    ThingKind(Kind kind, String many, String one) {
        this.kind = kind;
        this.many = many;
        this.one = one;
    }

    /** How a teacher keeps it; empty where it is no thing of many. */
    Optional<Kind> kept() {
        return Optional.ofNullable(kind);
    }

    String many() {
        return many;
    }

    String one() {
        return one;
    }

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    static ThingKind of(String word) {
        return find(word).orElseThrow(() -> new IllegalArgumentException("no kind: " + word));
    }

    static Optional<ThingKind> find(String word) {
        return Stream.of(values()).filter(kind -> kind.word().equals(word)).findFirst();
    }
}
