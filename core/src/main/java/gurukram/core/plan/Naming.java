package gurukram.core.plan;

import gurukram.core.plan.manner.Use;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What the parts of a plan are called: by themselves ({@code Half moon}), and inside a sentence ({@code half moon}). */
public record Naming(PoseCatalogue catalogue) {
    private static final String OPEN_TIME = "Open time";
    private static final String FLOW = "Flow";

    /** @param pose null is open time without a pose */
    /** What a step is called: its pose with what is different about it, or what its open time is for. */
    public static String of(@Nullable Pose pose, Step step) {
        Use use = step.manner().use();
        if (pose == null && use != null) return use.title();
        List<String> with = step.manner().with();
        return of(pose) + (with.isEmpty() ? "" : ", " + String.join(", ", with));
    }

    public static String of(@Nullable Pose pose) {
        return pose == null ? OPEN_TIME : pose.name();
    }

    /** @param pose null is open time without a pose */
    public static String inSentence(@Nullable Pose pose) {
        return of(pose).toLowerCase(Locale.ROOT);
    }

    /** The flow's own name, or what it is. */
    public static String of(Flow flow) {
        String name = flow.settings().name();
        return name.isEmpty() ? FLOW : name;
    }

    /** @param pose the id of a pose; null is open time without one */
    public String pose(@Nullable String pose) {
        return of(pose == null ? null : catalogue.pose(pose));
    }

    /** @param pose the id of a pose; null is open time without one */
    public String poseInSentence(@Nullable String pose) {
        return pose(pose).toLowerCase(Locale.ROOT);
    }

    /** Any part by itself: a step by its pose, a flow by its name, a section by its title. */
    public String of(Node node) {
        if (node instanceof Step step) return pose(step.pose());
        if (node instanceof Flow flow) return of(flow);
        if (node instanceof Section section) return section.title();
        return node instanceof Link ? "Link" : "Change";
    }

    /** Any part inside a sentence: {@code half moon}, {@code “tide”}, {@code the flow}, {@code the link}. */
    public String inSentence(Node node) {
        if (node instanceof Step step) return poseInSentence(step.pose());
        if (node instanceof Section section) return "“" + section.title() + "”";
        if (node instanceof Flow flow) {
            return flow.settings().name().isEmpty()
                    ? "the flow"
                    : "“" + flow.settings().name() + "”";
        }
        return node instanceof Link ? "the link" : "the change";
    }
}
