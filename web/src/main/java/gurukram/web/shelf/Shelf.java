package gurukram.web.shelf;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.NodeNames;
import gurukram.core.studio.Deed;
import gurukram.core.text.Refused;
import gurukram.web.poses.OwnWords;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shelf.ShelfStore.Thing;
import gurukram.web.studio.Houses;
import gurukram.web.takeaway.Kind;
import gurukram.web.takeaway.Pieces;
import gurukram.web.takeaway.Pieces.Piece;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * What belongs to a studio. A teacher puts something of hers there, and it is the studio's, also when she goes; whoever takes it has a copy
 * of her own, which she may change, and is told when the studio's is another one by then.
 */
@Service
class Shelf {
    private static final int MOST = 500;
    private static final int MOST_LETTERS = 400_000;
    private static final String WORDS_KEY = "words";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Houses houses;
    private final ShelfStore store;
    private final Pieces pieces;
    private final OwnWords words;
    private final Poses poses;

    Shelf(Houses houses, ShelfStore store, Pieces pieces, OwnWords words, Poses poses) {
        this.houses = houses;
        this.store = store;
        this.pieces = pieces;
        this.words = words;
        this.poses = poses;
    }

    List<Thing> all(Teacher teacher, UUID studio) {
        houses.asked(teacher, studio, Deed.SEE_SHELF, false);
        return store.all(studio, teacher);
    }

    /** One of them with what is in it. */
    record Looked(Thing thing, List<String> lines) {}

    Looked look(Teacher teacher, UUID studio, UUID id) {
        houses.asked(teacher, studio, Deed.SEE_SHELF, false);
        Thing thing = store.find(studio, id, teacher).orElseThrow(NotFound::new);
        return new Looked(
                thing,
                Inside.of(thing.kind(), store.content(studio, id), poses.of(teacher))
                        .lines());
    }

    /** What she could put there, by kind. */
    Map<ThingKind, List<Piece>> mine(Teacher teacher) {
        Map<ThingKind, List<Piece>> mine = new EnumMap<>(ThingKind.class);
        for (ThingKind kind : ThingKind.values()) {
            List<Piece> all = kind.kept()
                    .map(kept -> pieces.of(teacher, kept))
                    .orElseGet(() -> ownWords(teacher).stream().toList());
            if (!all.isEmpty()) mine.put(kind, all);
        }
        return mine;
    }

    private Optional<Piece> ownWords(Teacher teacher) {
        String typed = words.typed(teacher);
        if (typed.isBlank()) return Optional.empty();
        return Optional.of(new Piece(WORDS_KEY, "Words for themes", JSON.writeValueAsString(Map.of("words", typed))));
    }

    private Piece piece(Teacher teacher, ThingKind kind, String key) {
        return kind.kept()
                .map(kept -> pieces.find(teacher, kept, key))
                .orElseGet(() -> ownWords(teacher))
                .orElseThrow(NotFound::new);
    }

    /** Puts something of hers there, or in the place of what is there of it. @return what to tell her; mostly empty */
    @Transactional
    public String put(Teacher teacher, UUID studio, ThingKind kind, String key) {
        houses.asked(teacher, studio, Deed.PUT_ON_SHELF, false);
        Piece piece = piece(teacher, kind, key);
        String name = piece.name().length() > 200 ? piece.name().substring(0, 200) : piece.name();
        Optional<ShelfStore.There> there = store.under(studio, kind, piece.key());
        String content = kind == ThingKind.WORDS && there.isPresent()
                ? withWords(there.get().content(), piece.content())
                : piece.content();
        if (content.length() > MOST_LETTERS) throw new Refused("This is too long for the shelf.");
        String about = Inside.of(kind, content, poses.of(teacher)).about();
        if (there.isEmpty()) {
            if (store.count(studio) >= MOST) throw new Refused("On the shelf is room for %d things.".formatted(MOST));
            UUID id = store.put(studio, teacher, kind, piece.key(), name, about, content);
            store.took(studio, id, teacher);
            houses.note(studio, teacher, "put %s “%s” on the shelf".formatted(noun(kind), name));
            return needed(teacher, kind, content);
        }
        UUID id = there.get().id();
        // words of several teachers come together; anything else is whoever's put it there
        if (kind != ThingKind.WORDS)
            houses.asked(
                    teacher,
                    studio,
                    Deed.CHANGE_ON_SHELF,
                    teacher.id().equals(there.get().putBy()));
        if (!store.change(studio, id, teacher, name, about, content)) return "The studio has it as it is.";
        store.took(studio, id, teacher);
        houses.note(studio, teacher, "changed %s “%s” on the shelf".formatted(noun(kind), name));
        return needed(teacher, kind, content);
    }

    private static String noun(ThingKind kind) {
        return kind == ThingKind.WORDS ? "words" : "the " + kind.word();
    }

    /** A flow that needs poses of her own is of no use to others without them. */
    private String needed(Teacher teacher, ThingKind kind, String content) {
        if (kind != ThingKind.FLOW) return "";
        String text = JSON.readTree(content).path("row").path("text").asString("");
        boolean reads = new NotationReader(poses.shipped(), NodeNames.numbers())
                .read("standing:\n" + text)
                .problems()
                .isEmpty();
        return reads ? "" : "It has poses of your own: put these on the shelf too, or nobody else can use it.";
    }

    /** Hers from now on, in the place of what she took before. @return what to tell her */
    @Transactional
    public String take(Teacher teacher, UUID studio, UUID id) {
        houses.asked(teacher, studio, Deed.TAKE_FROM_SHELF, false);
        Thing thing = store.find(studio, id, teacher).orElseThrow(NotFound::new);
        String content = store.content(studio, id);
        String told =
                thing.kind() == ThingKind.WORDS ? takeWords(teacher, content) : takeThing(teacher, thing, content);
        store.took(studio, id, teacher);
        return told;
    }

    private String takeThing(Teacher teacher, Thing thing, String content) {
        Kind kept = thing.kind().kept().orElseThrow();
        boolean there = pieces.has(teacher, kept, thing.key());
        if (there
                && thing.mine() == 0
                && !teacher.id().equals(thing.putBy())
                && isAnother(teacher, kept, thing, content))
            throw new Refused("You have %s of that name that is not the studio’s: give yours another name first."
                    .formatted(thing.kind().one()));
        pieces.put(teacher, kept, thing.key(), content);
        if (thing.kind() == ThingKind.FLOW && !reads(teacher, content))
            return "“%s” is yours. It has poses you do not have: take these from the shelf too."
                    .formatted(thing.name());
        return "“%s” is yours now.".formatted(thing.name());
    }

    private boolean isAnother(Teacher teacher, Kind kept, Thing thing, String content) {
        return pieces.find(teacher, kept, thing.key())
                .map(mine -> !JSON.readTree(mine.content())
                        .path("row")
                        .path("entry")
                        .equals(JSON.readTree(content).path("row").path("entry")))
                .orElse(false);
    }

    private boolean reads(Teacher teacher, String content) {
        String text = JSON.readTree(content).path("row").path("text").asString("");
        return new NotationReader(poses.of(teacher), NodeNames.numbers())
                .read("standing:\n" + text)
                .problems()
                .isEmpty();
    }

    // --- words for themes: a line each, as in “anchor: leg strength 2, tree”

    private String takeWords(Teacher teacher, String content) {
        String own = words.typed(teacher);
        String studios = JSON.readTree(content).path("words").asString("");
        List<String> fresh = new ArrayList<>();
        Set<String> kept = new TreeSet<>();
        Set<String> heads = heads(own);
        for (String line : studios.lines().toList()) {
            String head = head(line);
            if (head.isEmpty()) continue;
            if (!heads.contains(head)) fresh.add(line);
            else if (own.lines().noneMatch(line::equals)) kept.add(head);
        }
        if (!fresh.isEmpty()) words.keep(teacher, (own.stripTrailing() + "\n" + String.join("\n", fresh)).strip());
        String lines = fresh.size() == 1 ? "One line is" : fresh.size() + " lines are";
        String stay = kept.isEmpty() ? "" : " Yours for “%s” stay as they are.".formatted(String.join("”, “", kept));
        return (fresh.isEmpty() ? "You have all of them." : lines + " yours now.") + stay;
    }

    /** The studio's lines, and those of somebody else over them. */
    private static String withWords(String there, String more) {
        String typed = JSON.readTree(more).path("words").asString("");
        Set<String> heads = heads(typed);
        List<String> lines = new ArrayList<>();
        for (String line :
                JSON.readTree(there).path("words").asString("").lines().toList())
            if (head(line).isEmpty() || !heads.contains(head(line))) lines.add(line);
        lines.addAll(typed.lines().toList());
        return JSON.writeValueAsString(Map.of("words", String.join("\n", lines).strip()));
    }

    private static Set<String> heads(String text) {
        Set<String> heads = new TreeSet<>();
        text.lines().map(Shelf::head).filter(head -> !head.isEmpty()).forEach(heads::add);
        return heads;
    }

    private static String head(String line) {
        int colon = line.replaceAll("#.*", "").indexOf(':');
        return colon < 1 ? "" : line.substring(0, colon).strip().toLowerCase(Locale.ROOT);
    }

    /** It is nobody's of the studio any more; who took it keeps hers. */
    @Transactional
    public void away(Teacher teacher, UUID studio, UUID id) {
        houses.asked(teacher, studio, Deed.SEE_SHELF, false);
        Thing thing = store.find(studio, id, teacher).orElseThrow(NotFound::new);
        houses.asked(teacher, studio, Deed.CLEAR_SHELF, teacher.id().equals(thing.putBy()));
        store.away(studio, id);
        houses.note(studio, teacher, "took %s “%s” off the shelf".formatted(noun(thing.kind()), thing.name()));
    }
}
