package gurukram.core.plan;

import java.util.List;
import java.util.Objects;

/** What can stand in a section. */
public sealed interface Item extends Node permits Flow, Step {
    /** The ids of its poses as they are written, in order: without links, layers and open time. */
    default List<String> poses() {
        List<Step> steps = this instanceof Flow flow ? flow.steps() : List.of((Step) this);
        return steps.stream().map(Step::pose).filter(Objects::nonNull).toList();
    }
}
