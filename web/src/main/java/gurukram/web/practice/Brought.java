package gurukram.web.practice;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/** Whether what was brought back of practice can be shown; {@link Refused} or a Jackson exception otherwise. */
public final class Brought {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Brought() {}

    /** @param said as it stands in the table */
    public static void recited(String said) {
        for (String one : JSON.readValue(said, String[].class))
            if (one == null) throw new Refused("what was recited is damaged");
    }

    /** @param slips and {@code marked} as they stand in the table; marked may be {@code null} in JSON */
    public static void slips(ClassPlan plan, String slips, String marked) {
        List<NodeId> nodes = new ArrayList<>();
        SlipsStore.Put put = SlipsStore.put(slips);
        for (SlipsStore.Slip slip : put.slips()) {
            if (slip.kind() == null || slip.told() == null || slip.nodes().isEmpty())
                throw new Refused("a slip is damaged");
            nodes.addAll(slip.nodes());
        }
        for (SlipsStore.Other other : put.others()) {
            if (other.told() == null) throw new Refused("a finding is damaged");
            if (!other.node().equals(NodeId.CLASS)) nodes.add(other.node());
        }
        NodeId[] looked = JSON.readValue(marked, NodeId[].class);
        if (looked != null) nodes.addAll(List.of(looked));
        for (NodeId node : nodes) if (!plan.has(node)) throw new Refused("a slip stands nowhere");
    }
}
