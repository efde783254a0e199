package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans and edits as JSON documents with a schema number.
 *
 * <p>A document written by an older version is brought up to date by {@link #UPCASTERS}, one step a schema.
 */
public final class PlanJson {
    /** The schema {@link #write(ClassPlan)} writes. */
    public static final int SCHEMA = 1;

    /** Turns a document of schema i + 1 into one of schema i + 2. */
    private static final List<java.util.function.UnaryOperator<ObjectNode>> UPCASTERS = List.of();

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    private PlanJson() {}

    public static String write(ClassPlan plan) {
        ObjectNode document = MAPPER.valueToTree(plan);
        document.put("schema", SCHEMA);
        return MAPPER.writeValueAsString(document);
    }

    /** {@link IllegalArgumentException} when the document is no plan or comes from a later version. */
    public static ClassPlan read(String json) {
        try {
            ObjectNode document = (ObjectNode) MAPPER.readTree(json);
            int schema = document.path("schema").asInt(0);
            if (schema < 1 || schema > SCHEMA) throw new IllegalArgumentException("unknown plan schema " + schema);
            for (int i = schema; i < SCHEMA; i++)
                document = UPCASTERS.get(i - 1).apply(document);
            document.remove("schema");
            return MAPPER.treeToValue(document, ClassPlan.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("not a class plan: " + e.getOriginalMessage(), e);
        }
    }

    public static String write(PlanEdit edit) {
        return MAPPER.writerFor(PlanEdit.class).writeValueAsString(edit);
    }

    public static PlanEdit readEdit(String json) {
        return MAPPER.readValue(json, PlanEdit.class);
    }
}
