package gurukram.core.catalogue;

import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.catalogue.rules.CatalogueRules;
import gurukram.core.catalogue.rules.Entries;
import gurukram.core.catalogue.rules.Places;
import gurukram.core.caution.Derivation;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
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
    public record Read(@Nullable Pose pose, List<CatalogueProblem> problems) {}

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

    /**
     * Reads the JSON of an own pose that was checked when it was kept. It is not checked again: what other poses are called
     * by now must not take it out of the plans that hold it. Its cautions are those of the rules of today.
     */
    public static Read stored(String json, PoseCatalogue catalogue) {
        try {
            Places places = new Places();
            Pose pose = pose(JSON.readTree(json), places);
            Pose whole = pose == null ? null : Derivation.one(pose, catalogue.poses());
            return new Read(whole, places.problems());
        } catch (JacksonException e) {
            return new Read(null, List.of(new CatalogueProblem("own", 0, "?", "", "not readable as JSON")));
        }
    }

    private static Read read(JsonNode entry, PoseCatalogue catalogue) {
        Places places = new Places();
        Pose read = pose(entry, places);
        Pose pose = read == null ? null : Derivation.one(read, catalogue.poses());
        if (pose != null) {
            List<Pose> others = new ArrayList<>(catalogue.poses());
            others.removeIf(other -> other.id().equals(pose.id()));
            CatalogueRules.checkOne(new Entries(others, List.copyOf(catalogue.ladders()), places), pose);
        }
        return new Read(places.count() == 0 ? pose : null, places.problems());
    }

    private static @Nullable Pose pose(JsonNode given, Places places) {
        ObjectNode entry = ((ObjectNode) given).deepCopy();
        String family = entry.path("family").asString("own");
        entry.remove("family");
        return PoseReader.read(entry, entry.path("id").asString("?"), family, places);
    }

    @Override
    public String toString() {
        return entry.toString();
    }
}
