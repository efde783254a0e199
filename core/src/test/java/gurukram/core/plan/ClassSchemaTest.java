package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gurukram.core.AnyPlan;
import gurukram.core.Notation;
import gurukram.core.plan.json.PlanJson;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** The published schema takes every plan there is, and little else. */
class ClassSchemaTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(ClassSchemaTest.class.getResourceAsStream("/schema/class-" + PlanJson.SCHEMA + ".schema.json"));

    @Property(tries = 300)
    void takesEveryPlan(@ForAll long seed) {
        assertThat(SCHEMA.validate(PlanJson.write(AnyPlan.of(seed)), InputFormat.JSON))
                .isEmpty();
    }

    @Test
    void takesNoUnknownPartAndNoWrongValue() {
        String plan = PlanJson.write(Notation.plan("tree, both, 3 breaths"));
        for (String wrong : List.of(
                plan.replaceFirst("\"title\"", "\"tilte\""),
                plan.replaceFirst("\"slotMinutes\":\\d+", "\"slotMinutes\":4000"),
                plan.replaceFirst("\"is\":\"section\"", "\"is\":\"chapter\""),
                plan.replace("\"schema\":" + PlanJson.SCHEMA, "\"schema\":1"))) {
            assertThat(wrong).isNotEqualTo(plan);
            assertThat(SCHEMA.validate(wrong, InputFormat.JSON)).isNotEmpty();
        }
    }
}
