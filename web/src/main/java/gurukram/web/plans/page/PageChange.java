package gurukram.web.plans.page;

import gurukram.web.plans.panel.Panel;
import gurukram.web.plans.spine.Rows;
import java.util.HashSet;
import java.util.Set;

/**
 * What a page that shows a class as it was needs, to show it as it is: the rows that look different now, and the order and
 * the beginnings of all.
 *
 * @param changed the markup of those rows
 * @param panel what stands in the panel, when it has something to say about what was typed there; null otherwise
 */
public record PageChange(ClassPage page, String changed, Panel panel) {

    /** @param touched rows sent in any case, since something else may stand in them */
    static PageChange between(Rows before, ClassPage after, Set<String> touched, Panel panel) {
        Set<String> changed = new HashSet<>(touched);
        for (String id : after.rows().slots().keySet()) if (!after.rows().isSame(id, before)) changed.add(id);
        return new PageChange(after, after.spine(changed), panel);
    }
}
