package gurukram.core.plan.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Documents written by the first version of the app, as they were. */
class Schema2Test {
    private static String kept(String file) throws IOException {
        try (InputStream in = Schema2Test.class.getResourceAsStream("/plan/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void aClassOfSchema1SaysTheSame() throws IOException {
        ClassPlan plan = PlanRules.check(PlanJson.read(kept("schema-1-class.json")), Plans.CATALOGUE);

        assertThat(plan.settings().theme().title()).isEqualTo("From the feet up");
        Step tree = (Step) plan.sections().get(0).items().get(0);
        assertThat(tree.note()).isEqualTo("Say the wall.");
        assertThat(tree.doseFor(Level.ADVANCED)).hasToString("9 breaths");
        assertThat(tree.doseFor(Level.BEGINNER)).hasToString("5-8 breaths, at 6");
        Step knees = (Step) plan.sections().get(0).items().get(1);
        assertThat(knees.timing().pace()).hasToString("5 s a position");

        Flow flow = (Flow) plan.sections().get(1).items().get(0);
        assertThat(flow.settings().sides().first()).isEqualTo(Side.LEFT);
        assertThat(flow.settings().sides().order()).isEqualTo(FlowSides.Order.SIDE_FIRST);
        assertThat(flow.settings().pace().typed()).hasToString("3.5 s a position");
        assertThat(flow.settings().joinAfter(true)).isEqualTo(new Join.Rested(2, Join.Rested.Unit.BREATHS));
        assertThat(flow.steps().get(0).dose()).hasToString("in");
        assertThat(flow.links())
                .extracting(Link::when)
                .containsExactly(When.in(Rounds.of(3, 4)), new When(Set.of(), Rounds.from(2), 1));
        Flow paced = (Flow) plan.sections().get(1).items().get(1);
        assertThat(paced.settings().pace().byRound())
                .containsExactly(TypedPace.position(4_000), TypedPace.position(3_600));
        assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    }

    @Test
    void anEditOfSchema1StillApplies() throws IOException {
        ClassPlan plan = PlanJson.read(kept("schema-1-class.json"));
        PlanEdit edit = PlanJson.readEdit(kept("schema-1-edit.json"));
        ClassPlan after = edit.applyTo(plan);

        assertThat(after.settings().theme().title()).isEqualTo("Other");
        Step added = (Step) after.find(new NodeId("t14")).orElseThrow();
        assertThat(added.doseFor(Level.BEGINNER)).isEqualTo(DoseText.parse("20 s"));
        assertThat(added.note()).isEqualTo("n");
        assertThat(after.find(new NodeId("t7"))).isEqualTo(plan.find(new NodeId("t7")));
        assertThat(edit.inverse(plan).applyTo(after)).isEqualTo(plan);
        assertThat(PlanJson.readEdit(PlanJson.write(edit))).isEqualTo(edit);
    }

    @Test
    void whatIsNoPlanIsRefused() {
        for (String wrong :
                List.of("", "[]", "7", "{}", "{\"schema\":3}", "{\"schema\":2}", "{\"schema\":2,\"settings\":{}}")) {
            assertThatThrownBy(() -> PlanJson.read(wrong)).as(wrong).isInstanceOf(RuntimeException.class);
        }
    }
}
