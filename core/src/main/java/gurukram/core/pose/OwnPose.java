package gurukram.core.pose;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A teacher's own pose or variation: a catalogue entry made from another, checked by the catalogue's own rules.
 *
 * <p>As text it is the entry in JSON, with one field more: {@code family}.
 */
public final class OwnPose {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ObjectNode entry;

    private OwnPose(ObjectNode entry) {
        this.entry = entry;
    }

    /** What was read; {@code pose} is null when something is wrong. */
    public record Read(Pose pose, List<CatalogueProblem> problems) {}

    /** Begins with all that a pose of the catalogue says; {@link IllegalArgumentException} when there is none of that id. */
    public static OwnPose like(Pose pose) {
        return new OwnPose(PoseWriter.write(pose));
    }

    /** Goes on with what was written before. */
    public static OwnPose parse(String json) {
        return new OwnPose((ObjectNode) JSON.readTree(json));
    }

    public OwnPose put(String field, String value) {
        if (value.isBlank()) entry.remove(field);
        else entry.put(field, value.strip());
        return this;
    }

    public OwnPose put(String field, int value) {
        entry.put(field, value);
        return this;
    }

    public OwnPose put(String field, List<String> values) {
        entry.remove(field);
        ArrayNode list = entry.putArray(field);
        values.forEach(list::add);
        return this;
    }

    /** A field with fields of its own: the figure. */
    public OwnPose put(String field, Map<String, String> values) {
        entry.remove(field);
        ObjectNode node = entry.putObject(field);
        values.forEach(node::put);
        return this;
    }

    public OwnPose cue(String name, String full, String brief) {
        ObjectNode cues = (ObjectNode) entry.get("cues");
        cues.putArray(name).add(full.strip()).add(brief.strip());
        return this;
    }

    /** Reads it against a catalogue; ties and names are checked, ladders and preparation are not. */
    public Read read(PoseCatalogue catalogue) {
        return read(entry, catalogue);
    }

    /** Reads the JSON of an own pose. */
    public static Read read(String json, PoseCatalogue catalogue) {
        try {
            return read(JSON.readTree(json), catalogue);
        } catch (JacksonException e) {
            return new Read(null, List.of(new CatalogueProblem("own", 0, "?", "", "not readable as JSON")));
        }
    }

    private static Read read(JsonNode given, PoseCatalogue catalogue) {
        ObjectNode entry = ((ObjectNode) given).deepCopy();
        String family = entry.path("family").asString("own");
        entry.remove("family");
        String id = entry.path("id").asString("?");
        Places places = new Places();
        Pose pose = PoseReader.read(entry, id, family, places);
        if (pose != null) {
            List<Pose> all = new ArrayList<>(catalogue.poses());
            all.removeIf(other -> other.id().equals(id));
            Pose alone = pose;
            CatalogueRules.checkOne(new Draft(all, List.copyOf(catalogue.ladders()), places), alone);
        }
        return new Read(places.count() == 0 ? pose : null, places.problems());
    }

    @Override
    public String toString() {
        return entry.toString();
    }
}
