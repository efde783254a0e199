package gurukram.web.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.text.Refused;
import gurukram.web.plans.MyFlows;
import gurukram.web.poses.CarriedPoses;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Classes as documents: read with everything that is wrong, written in the form asked for. */
@Component
class ClassDocuments {
    static final String SCHEMA = "/schema/class-3.schema.json";
    static final int MOST_LETTERS = 1_000_000;
    private static final int MOST_FAULTS = 20;

    private final Poses poses;
    private final CarriedPoses carried;
    private final MyFlows flows;
    private final RandomGenerator random;
    private final JsonMapper mapper = JsonMapper.builder().build();
    private final Schema schema;

    ClassDocuments(Poses poses, CarriedPoses carried, MyFlows flows, RandomGenerator random) {
        this.carried = carried;
        this.poses = poses;
        this.flows = flows;
        this.random = random;
        try (InputStream in = ClassDocuments.class.getResourceAsStream(SCHEMA)) {
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private NodeId newId() {
        return NodeId.random(random);
    }

    /** {@link Unreadable} with every line that is not understood. */
    ClassPlan ofText(Teacher teacher, String text) {
        Reading reading = new NotationReader(poses.of(teacher), this::newId, flows.of(teacher)).read(text);
        if (reading.problems().isEmpty()) return reading.plan();
        throw new Unreadable(reading.problems().stream().map(Fault::of).toList());
    }

    /** Poses the class carries along are other ones here, and nobody has said which to keep. */
    static final class OtherPoses extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient List<String> names;

        OtherPoses(List<String> names) {
            super("other poses of the same name");
            this.names = names;
        }

        List<String> names() {
            return names;
        }
    }

    /** Without taking in what poses it carries along. */
    ClassPlan ofJson(Teacher teacher, String json) {
        return ofJson(teacher, json, null);
    }

    /**
     * {@link Unreadable} with every place that is not as the schema says, or cannot be in a class.
     *
     * @param same what happens to poses it carries along that are other ones here; {@link OtherPoses} where that has to be asked, and
     *     null takes none in
     */
    @Transactional
    ClassPlan ofJson(Teacher teacher, String json, CarriedPoses.Same same) {
        if (json.length() > MOST_LETTERS) {
            throw unreadable(Fault.at("", "A class as JSON has at most %,d letters.".formatted(MOST_LETTERS)));
        }
        JsonNode document = parsed(json);
        // what an older version of the app wrote is brought up to date on reading, and was checked by that version
        if (document.path("schema").asInt(0) == PlanJson.SCHEMA) checkAgainstSchema(document);
        JsonNode along = ((ObjectNode) document).remove("poses");
        if (same != null && along != null) bring(teacher, along, same);
        try {
            ClassPlan plan = PlanJson.readNaming(along == null ? json : document.toString(), this::newId);
            List<PlanRules.Broken> broken = PlanRules.brokenIn(plan, poses.of(teacher));
            if (broken.isEmpty()) return plan;
            throw new Unreadable(broken.stream()
                    .limit(MOST_FAULTS)
                    .map(b -> Fault.at("#" + b.node(), b.problem().toString()))
                    .toList());
        } catch (IllegalArgumentException | JacksonException | Refused e) {
            throw unreadable(Fault.at("", e.getMessage()));
        }
    }

    private void bring(Teacher teacher, JsonNode along, CarriedPoses.Same same) {
        Map<String, String> entries = new LinkedHashMap<>();
        along.properties()
                .forEach(pose -> entries.put(pose.getKey(), pose.getValue().toString()));
        List<String> others;
        try {
            others = carried.bring(teacher, entries, same);
        } catch (Refused e) {
            throw unreadable(Fault.at("/poses", e.getMessage()));
        }
        if (!others.isEmpty()) throw new OtherPoses(others);
    }

    private JsonNode parsed(String json) {
        try {
            JsonNode document = mapper.readTree(json);
            if (document.isObject()) return document;
            throw unreadable(Fault.at(1, 1, "A class as JSON is an object."));
        } catch (JacksonException e) {
            TokenStreamLocation at = e.getLocation();
            int line = at == null ? 1 : Math.max(1, at.getLineNr());
            int column = at == null ? 1 : Math.max(1, at.getColumnNr());
            throw unreadable(Fault.at(line, column, "This is not JSON: " + e.getOriginalMessage()));
        }
    }

    private static Unreadable unreadable(Fault fault) {
        return new Unreadable(List.of(fault));
    }

    private void checkAgainstSchema(JsonNode document) {
        List<Error> errors = schema.validate(document);
        if (errors.isEmpty()) return;
        throw new Unreadable(nearest(errors));
    }

    /** One fault a place, the deepest places first: a choice of many forms complains about each of them. */
    private static List<Fault> nearest(List<Error> errors) {
        Map<String, String> byPlace = new LinkedHashMap<>();
        List<Error> sorted = new ArrayList<>(errors);
        sorted.sort((a, b) -> Integer.compare(depth(b), depth(a)));
        for (Error error : sorted) {
            String place = error.getInstanceLocation().toString();
            boolean within = byPlace.keySet().stream().anyMatch(deeper -> deeper.startsWith(place));
            if (!within) byPlace.put(place, error.getMessage());
        }
        return byPlace.entrySet().stream()
                .limit(MOST_FAULTS)
                .map(e -> Fault.at(e.getKey(), e.getValue()))
                .toList();
    }

    private static int depth(Error error) {
        return error.getInstanceLocation().getNameCount();
    }

    String text(Teacher teacher, ClassPlan plan) {
        return new NotationWriter(poses.of(teacher)).write(plan);
    }

    /** With the poses of the teacher's own that it uses. */
    String json(Teacher teacher, ClassPlan plan) {
        Map<String, String> used = carried.usedBy(teacher, plan);
        if (used.isEmpty()) return PlanJson.write(plan);
        ObjectNode document = (ObjectNode) mapper.readTree(PlanJson.write(plan));
        ObjectNode along = document.putObject("poses");
        used.forEach((id, entry) -> along.set(id, mapper.readTree(entry)));
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(document);
    }
}
