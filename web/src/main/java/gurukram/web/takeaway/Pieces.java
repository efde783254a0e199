package gurukram.web.takeaway;

import gurukram.core.text.Refused;
import gurukram.web.shared.Teacher;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Single things of a teacher, out and in again for somebody else: themselves, without what happened with them. */
@Service
public class Pieces {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final TakeawayStore store;
    private final Checker checker;
    private final Bringing bringing;

    Pieces(TakeawayStore store, Checker checker, Bringing bringing) {
        this.store = store;
        this.checker = checker;
        this.bringing = bringing;
    }

    /** @param content as JSON */
    public record Piece(String key, String name, String content) {}

    /** What a teacher has of a kind, by name. */
    @Transactional(readOnly = true)
    public List<Piece> of(Teacher teacher, Kind kind) {
        return store.keys(teacher, kind).stream()
                .flatMap(key -> find(teacher, kind, key).stream())
                .sorted((a, b) -> a.name().compareToIgnoreCase(b.name()))
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<Piece> find(Teacher teacher, Kind kind, String key) {
        return store.content(teacher, kind, key).map(content -> {
            JsonNode row = JSON.readTree(content).path("row");
            ObjectNode only = JSON.createObjectNode();
            only.set("row", row);
            return new Piece(key, name(row, key), JSON.writeValueAsString(only));
        });
    }

    private static String name(JsonNode row, String key) {
        String name = row.path("name").asString(row.path("entry").path("name").asString(""));
        return name.isBlank() ? key : name;
    }

    public boolean has(Teacher teacher, Kind kind, String key) {
        return store.has(teacher, kind, key);
    }

    /**
     * Puts one in, in the place of what is there under its key; what happened with that stays. {@link Refused} where it cannot be
     * read here; what it refers to and is not here is let go of.
     */
    @Transactional
    public void put(Teacher teacher, Kind kind, String key, String content) {
        ObjectNode whole = (ObjectNode) JSON.readTree(content);
        ObjectNode row = (ObjectNode) whole.path("row");
        bringing.loosen(teacher, kind, row);
        try {
            if (!store.putAlone(
                    teacher, kind, key, JSON.writeValueAsString(whole), new LinkedHashSet<>(row.propertyNames())))
                throw new Refused("It belongs to somebody else here.");
        } catch (DuplicateKeyException e) {
            throw new Refused("You have one of that name already; give yours another, then take it.");
        }
        checker.check(teacher, kind, key, whole);
    }
}
