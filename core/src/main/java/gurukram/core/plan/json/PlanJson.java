package gurukram.core.plan.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.plan.settings.Timing;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans and edits as JSON documents with a schema number.
 *
 * <p>A document written by an older version is brought up to date by {@link #UPCASTERS}, one step a schema; edits kept in a
 * history are brought up to date in the same way. What is at its default is not written.
 */
public final class PlanJson {
    /** The schema {@link #write(ClassPlan)} writes. */
    public static final int SCHEMA = 3;

    /** Turns a document of schema i + 1 into one of schema i + 2, in place. */
    private static final List<Consumer<JsonNode>> UPCASTERS = List.of(Schema2::upcast, Schema3::upcast);

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_EMPTY))
            .withConfigOverride(Timing.class, o -> o.setInclude(unless(UsualTiming.class)))
            .withConfigOverride(Texts.class, o -> o.setInclude(unless(NoTexts.class)))
            .withConfigOverride(Marks.class, o -> o.setInclude(unless(NoMarks.class)))
            .withConfigOverride(Manner.class, o -> o.setInclude(unless(UsualManner.class)))
            .withConfigOverride(Tags.class, o -> o.setInclude(unless(NoTags.class)))
            .withConfigOverride(Theme.class, o -> o.setInclude(unless(NoTheme.class)))
            .withConfigOverride(School.class, o -> o.setInclude(unless(UnsetSchool.class)))
            .withConfigOverride(FlowPace.class, o -> o.setInclude(unless(UsualPace.class)))
            .withConfigOverride(
                    boolean.class,
                    o -> o.setInclude(JsonInclude.Value.construct(JsonInclude.Include.NON_DEFAULT, null)))
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private PlanJson() {}

    private static JsonInclude.Value unless(Class<?> filter) {
        return JsonInclude.Value.construct(JsonInclude.Include.CUSTOM, null, filter, null);
    }

    public static String write(ClassPlan plan) {
        ObjectNode document = MAPPER.valueToTree(plan);
        document.put("schema", SCHEMA);
        return MAPPER.writeValueAsString(document);
    }

    /** {@link IllegalArgumentException} when the document is no plan or comes from a later version. */
    public static ClassPlan read(String json) {
        try {
            return MAPPER.treeToValue(upToDate(json), ClassPlan.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("not a class plan: " + e.getOriginalMessage(), e);
        }
    }

    /**
     * A document from elsewhere, whose parts may have no names yet: they get new ones.
     *
     * <p>{@link IllegalArgumentException} as for {@link #read}.
     */
    public static ClassPlan readNaming(String json, Supplier<NodeId> names) {
        try {
            ObjectNode document = upToDate(json);
            name(document, names);
            return MAPPER.treeToValue(document, ClassPlan.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("not a class plan: " + e.getOriginalMessage(), e);
        }
    }

    private static void name(JsonNode node, Supplier<NodeId> names) {
        node.forEach(child -> name(child, names));
        boolean nameless = node.has("is") && !node.hasNonNull("id");
        if (nameless) ((ObjectNode) node).put("id", names.get().value());
    }

    public static String write(PlanEdit edit) {
        ObjectNode document =
                (ObjectNode) MAPPER.readTree(MAPPER.writerFor(PlanEdit.class).writeValueAsString(edit));
        document.put("schema", SCHEMA);
        return MAPPER.writeValueAsString(document);
    }

    public static PlanEdit readEdit(String json) {
        return MAPPER.treeToValue(upToDate(json), PlanEdit.class);
    }

    /** Edits of schema 1 were kept without a number. */
    private static ObjectNode upToDate(String json) {
        if (!(MAPPER.readTree(json) instanceof ObjectNode document))
            throw new IllegalArgumentException("not a JSON object");
        int schema = document.path("schema").asInt(document.has("edit") ? 1 : 0);
        if (schema < 1 || schema > SCHEMA) throw new IllegalArgumentException("unknown plan schema " + schema);
        for (int i = schema; i < SCHEMA; i++) UPCASTERS.get(i - 1).accept(document);
        document.remove("schema");
        return document;
    }

    // Jackson asks each of these whether a value is the one not worth writing.

    static final class UsualTiming extends Absent {
        UsualTiming() {
            super(Timing.USUAL);
        }
    }

    static final class UsualManner extends Absent {
        UsualManner() {
            super(Manner.USUAL);
        }
    }

    static final class NoTags extends Absent {
        NoTags() {
            super(Tags.NONE);
        }
    }

    static final class NoTexts extends Absent {
        NoTexts() {
            super(Texts.NONE);
        }
    }

    static final class NoMarks extends Absent {
        NoMarks() {
            super(Marks.NONE);
        }
    }

    static final class NoTheme extends Absent {
        NoTheme() {
            super(Theme.NONE);
        }
    }

    static final class UnsetSchool extends Absent {
        UnsetSchool() {
            super(School.UNSET);
        }
    }

    static final class UsualPace extends Absent {
        UsualPace() {
            super(FlowPace.USUAL);
        }
    }

    private abstract static class Absent {
        private final Object usual;

        Absent(Object usual) {
            this.usual = usual;
        }

        @Override
        public boolean equals(Object value) {
            return value == null || usual.equals(value);
        }

        @Override
        public int hashCode() {
            return usual.hashCode();
        }
    }
}
