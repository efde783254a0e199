package gurukram.core.plan;

import gurukram.core.text.Words;

/** Whether people know of a prop before it is needed: it lies ready, or the class's first words name it. */
public final class PropsTold {
    /** What nobody fetches. */
    public static final String WALL = "wall";

    private PropsTold() {}

    public static boolean atTheStart(ClassPlan plan, String prop) {
        String words = plan.settings().note() + " " + plan.settings().theme().open();
        return plan.settings().propsReady() || names(words, prop);
    }

    /** Whether a text names a prop, one or many. */
    public static boolean names(String text, String prop) {
        String folded = " " + Words.fold(text) + " ";
        return folded.contains(" " + prop + " ") || folded.contains(" " + prop + "s ");
    }
}
