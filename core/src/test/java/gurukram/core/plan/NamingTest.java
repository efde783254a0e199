package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import org.junit.jupiter.api.Test;

class NamingTest {
    private static final Naming NAMING = new Naming(Plans.CATALOGUE);
    private static final ClassPlan PLAN = Notation.plan("""
            standing: Wide and low
            half moon, both, 5 breaths
            60 s open
            flow "tide", 2 rounds, both sides
              warrior 2, lead, in
            link
              chair, out
            end link
            end flow
            flow, 2 rounds, no sides
              chair, in
            end flow
            """);

    private static Node item(int i) {
        return PLAN.sections().get(0).items().get(i);
    }

    @Test
    void aPartIsCalledByWhatATeacherCallsIt() {
        assertThat(NAMING.of(PLAN.sections().get(0))).isEqualTo("Wide and low");
        assertThat(NAMING.of(item(0))).isEqualTo("Half moon");
        assertThat(NAMING.of(item(1))).isEqualTo("Open time");
        assertThat(NAMING.of(item(2))).isEqualTo("tide");
        assertThat(NAMING.of(item(3))).isEqualTo("Flow");
        assertThat(NAMING.of(((Flow) item(2)).links().get(0))).isEqualTo("Link");
    }

    @Test
    void insideASentenceItReadsOn() {
        assertThat(NAMING.inSentence(PLAN.sections().get(0))).isEqualTo("“Wide and low”");
        assertThat(NAMING.inSentence(item(0))).isEqualTo("half moon");
        assertThat(NAMING.inSentence(item(1))).isEqualTo("open time");
        assertThat(NAMING.inSentence(item(2))).isEqualTo("“tide”");
        assertThat(NAMING.inSentence(item(3))).isEqualTo("the flow");
        assertThat(NAMING.inSentence(((Flow) item(2)).links().get(0))).isEqualTo("the link");
    }
}
