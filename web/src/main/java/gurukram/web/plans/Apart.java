package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.json.PlanJson;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whether two changes of one part, made beside each other, changed different things about it. */
final class Apart {
    /** What holds many things of which each is changed for itself. */
    private static final Set<String> HOLDERS =
            Set.of("node", "settings", "marks", "school", "theme", "texts", "timing", "manner", "tags");

    private Apart() {}

    /**
     * @param then what both began from
     * @param theirs what one made of it
     * @param mine what the other made of it
     */
    static boolean areApart(ClassPlan then, ClassPlan theirs, ClassPlan mine, Set<NodeId> nodes) {
        for (NodeId id : nodes) {
            Map<String, String> before = things(then, id);
            if (before == null) return false;
            Set<String> changed = changed(before, things(theirs, id));
            if (changed == null) return false;
            Set<String> mineToo = changed(before, things(mine, id));
            if (mineToo == null) return false;
            changed.retainAll(mineToo);
            if (!changed.isEmpty()) return false;
        }
        return true;
    }

    /** Null when the part is no longer there. */
    private static Set<String> changed(Map<String, String> before, Map<String, String> after) {
        if (after == null) return null;
        Set<String> names = new HashSet<>(before.keySet());
        names.addAll(after.keySet());
        names.removeIf(name -> String.valueOf(before.get(name)).equals(String.valueOf(after.get(name))));
        return names;
    }

    /** What a part says of itself, without what it holds; null when it is not there. */
    private static Map<String, String> things(ClassPlan plan, NodeId id) {
        Node node = plan.find(id).orElse(null);
        boolean isClass = id.equals(NodeId.CLASS);
        if (!isClass && node == null) return null;
        PlanEdit all = isClass ? new PlanEdit.Settings(plan.settings()) : new PlanEdit.Change(node);
        Map<String, String> things = new TreeMap<>();
        put(things, "", JsonMapper.shared().readTree(PlanJson.write(all)));
        return things;
    }

    private static void put(Map<String, String> things, String before, JsonNode tree) {
        tree.properties().forEach(field -> {
            String name = before + field.getKey();
            if (field.getValue().isObject() && HOLDERS.contains(field.getKey()))
                put(things, name + ".", field.getValue());
            else things.put(name, field.getValue().toString());
        });
    }
}
