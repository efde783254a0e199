package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Flow;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Mode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A flow is taught first, then done on the breath, then in silence. */
@AutoService(Check.class)
public final class LearnOrder implements Check {
    private static final Card CARD = Card.of(
            "learn-order",
            "Rounds are taught before they are silent",
            "Who was silent first and explains afterwards had a room that looked at its neighbours.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        subject.plan().walk(node -> {
            if (!(node instanceof Flow flow)) return;
            List<Mode.Run> modes = flow.settings().pace().modes();
            List<Integer> moments = subject.momentsOf(flow.id());
            for (int k = 1; k < modes.size(); k++) {
                Mode before = modes.get(k - 1).mode();
                Mode now = modes.get(k).mode();
                if (now != Mode.LEARN || before == Mode.LEARN || moments.isEmpty()) continue;
                String what = "The flow is taught after rounds %s."
                        .formatted(before == Mode.SILENT ? "in silence" : "on the breath");
                found.look(flow.id(), "", moments.subList(0, 1), what, "Teach it first.");
                return;
            }
        });
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Flow flow = subject.flow(finding.node());
        List<Mode.Run> sorted = new ArrayList<>(flow.settings().pace().modes());
        sorted.sort(Comparator.comparing((Mode.Run run) -> run.mode() != Mode.LEARN));
        return List.of(new Mend(
                "Teach it first",
                new PlanEdit.Change(
                        flow.with(flow.settings().with(flow.settings().pace().withModes(sorted))))));
    }
}
