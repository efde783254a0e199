package gurukram.web.plans;

import gurukram.core.notation.NamedFlows;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.Reading;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.List;
import org.springframework.stereotype.Component;

/** The flows a teacher can call by name when she writes: her own before ours. */
@Component
public class MyFlows {
    private final MyFlowStore store;
    private final Poses poses;

    MyFlows(MyFlowStore store, Poses poses) {
        this.store = store;
        this.poses = poses;
    }

    /** Flows she kept, as they read with her poses. */
    public List<Flow> flows(Teacher teacher) {
        PoseCatalogue catalogue = poses.of(teacher);
        return store.of(teacher).stream()
                .flatMap(one -> flows(one.text(), catalogue).stream())
                .toList();
    }

    /** A kept flow whose text no longer reads, since a pose of its own is gone, is not among them. */
    public NamedFlows of(Teacher teacher) {
        List<MyFlowStore.MyFlow> kept = store.of(teacher);
        if (kept.isEmpty()) return NamedFlows.ours();
        PoseCatalogue catalogue = poses.of(teacher);
        return NamedFlows.with(kept.stream()
                .flatMap(one -> flows(one.text(), catalogue).stream())
                .toList());
    }

    private static List<Flow> flows(String text, PoseCatalogue catalogue) {
        Reading reading = new NotationReader(catalogue, NodeNames.numbers()).read("standing:\n" + text);
        if (!reading.problems().isEmpty()) return List.of();
        return reading.plan().sections().stream()
                .map(Section::items)
                .flatMap(List::stream)
                .filter(Flow.class::isInstance)
                .map(Flow.class::cast)
                .toList();
    }
}
