package gurukram.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.json.PlanJson;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class NotationTest {
    private final NotationWriter writer = new NotationWriter(Plans.CATALOGUE);

    private static Reading read(String text) {
        return new NotationReader(Plans.CATALOGUE, NodeNames.numbers()).read(text);
    }

    @Property(tries = 1_000)
    void whatIsWrittenReadsBackAsTheSamePlan(@ForAll long seed) {
        ClassPlan plan = AnyPlan.of(seed);
        assertThat(PlanRules.brokenIn(plan, Plans.CATALOGUE)).isEmpty();
        String text = writer.write(plan);
        Reading reading = read(text);
        assertThat(reading.problems()).as(text).isEmpty();
        assertThat(NodeNames.numbered(reading.plan())).as(text).isEqualTo(NodeNames.numbered(plan));
        assertThat(writer.write(reading.plan())).isEqualTo(text);
    }

    @Property(tries = 200)
    void indentsAndReplyMarksMayBeLost(@ForAll long seed) {
        ClassPlan plan = AnyPlan.of(seed);
        String text = writer.write(plan);
        List<String> forms =
                List.of(text.replaceAll("(?m)^ +", ""), text.replaceAll("(?m)^", "> "), text.replace("\n", "\r\n"));
        for (String form : forms) {
            Reading reading = read(form);
            assertThat(reading.problems()).as(form).isEmpty();
            assertThat(NodeNames.numbered(reading.plan())).isEqualTo(NodeNames.numbered(plan));
        }
    }

    @Property(tries = 500)
    void whatIsStoredReadsBackAsTheSamePlan(@ForAll long seed) {
        ClassPlan plan = AnyPlan.of(seed);
        assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    }
}
