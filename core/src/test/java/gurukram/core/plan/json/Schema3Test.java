package gurukram.core.plan.json;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import org.junit.jupiter.api.Test;

/** What the second schema wrote as bare milliseconds says since of what it is. */
class Schema3Test {
    private static final String OLD = """
            {"schema": 2, "settings": {"title": "Tide", "slotMinutes": 30, "style": "VINYASA", "level": "BEGINNER"},
             "sections": [{"is": "section", "id": "s", "role": "STANDING", "items": [
               {"is": "flow", "id": "f", "settings": {"rounds": 2, "sides": {"counting": "BOTH_SIDES"},
                 "pace": {"positionMillis": 5000}}, "steps": [
                 {"is": "step", "id": "a", "pose": "high-lunge", "sides": "lead",
                  "dose": {"kind": "movement", "breaths": ["INHALE"]}, "timing": {"positionMillis": 3500}},
                 {"is": "step", "id": "b", "pose": "tree", "sides": "lead",
                  "dose": {"kind": "breaths", "breaths": 3}, "timing": {"positionMillis": 3500, "settingUpMillis": 9000}}]},
               {"is": "flow", "id": "g", "settings": {"rounds": 2, "pace": {"byRound": [4000, 3600]}}, "steps": []},
               {"is": "step", "id": "c", "pose": "bird-dog", "sides": "both",
                "dose": {"kind": "reps", "reps": 5, "sets": 1, "restSeconds": 0}, "timing": {"positionMillis": 4000}}]}]}
            """;

    @Test
    void aPaceBecomesThatOfAPositionAndAHoldHasNone() {
        ClassPlan plan = PlanJson.read(OLD);
        Flow first = (Flow) plan.sections().get(0).items().get(0);
        Flow second = (Flow) plan.sections().get(0).items().get(1);
        Step bird = (Step) plan.sections().get(0).items().get(2);

        assertThat(first.settings().pace().typed()).hasToString("5 s a position");
        assertThat(first.steps().get(0).timing().pace()).hasToString("3.5 s a position");
        assertThat(first.steps().get(1).timing().pace()).isNull();
        assertThat(first.steps().get(1).timing().settingUpMillis()).isEqualTo(9_000);
        assertThat(second.settings().pace().byRound()).hasToString("[4 s a position, 3.6 s a position]");
        assertThat(bird.timing().pace()).hasToString("4 s a position");
        assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    }
}
