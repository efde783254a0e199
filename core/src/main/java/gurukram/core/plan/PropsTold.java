package gurukram.core.plan;

import gurukram.core.text.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Whether people know of a prop before it is needed: it lies ready, or the class's first words name it. */
public final class PropsTold {
    /** What nobody fetches. */
    public static final String WALL = "wall";

    private PropsTold() {}

    public static boolean atTheStart(ClassPlan plan, String prop) {
        String words = plan.settings().note() + " " + plan.settings().theme().open();
        return plan.settings().propsReady() || names(words, prop);
    }

    /** The most of each prop that one step of a class asks for, in the order in which they are first asked for; walls too. */
    public static List<Prop> asked(ClassPlan plan) {
        Map<String, Integer> most = new LinkedHashMap<>();
        plan.walk(node -> {
            if (node instanceof Step step)
                for (Prop prop : step.props()) most.merge(prop.name(), prop.number(), Math::max);
        });
        return most.entrySet().stream()
                .map(one -> new Prop(one.getValue(), one.getKey()))
                .toList();
    }

    /** Whether a text names a prop, one or many. */
    public static boolean names(String text, String prop) {
        String folded = " " + Words.fold(text) + " ";
        return folded.contains(" " + prop + " ") || folded.contains(" " + prop + "s ");
    }
}
