package gurukram.core.notation;

import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether a pose can be called by its names: a class written as text must read back as the same class. */
public final class PoseWords {
    private PoseWords() {}

    /** The first of its names that a line would take for something else; empty when all are fine. */
    public static Optional<String> unreadable(Pose pose, PoseCatalogue catalogue) {
        PoseCatalogue without = new PoseCatalogue(
                catalogue.poses().stream()
                        .filter(other -> !other.id().equals(pose.id()))
                        .toList(),
                catalogue.ladders(),
                catalogue.languages());
        PoseCatalogue with = without.with(List.of(pose));
        return Stream.concat(Stream.of(pose.name()), pose.names().also().stream())
                .filter(name ->
                        !isRead(name, pose, with) || isNew(name, pose, catalogue) && meansSomething(name, without))
                .findFirst();
    }

    private static boolean isNew(String name, Pose pose, PoseCatalogue catalogue) {
        return catalogue
                .named(name)
                .filter(known -> known.id().equals(pose.id()))
                .isEmpty();
    }

    private static boolean isRead(String name, Pose pose, PoseCatalogue catalogue) {
        Reading reading = read("class: names\nstanding:\n" + name.toLowerCase(Locale.ROOT) + ", 30 s\n", catalogue);
        if (!reading.problems().isEmpty() || reading.plan().sections().size() != 1) return false;
        List<Item> items = reading.plan().sections().get(0).items();
        return items.size() == 1
                && items.get(0) instanceof Step step
                && pose.id().equals(step.pose());
    }

    /** Whether a line of its own, or one with a dose, says something already: ends a flow, begins a section, sets the class. */
    private static boolean meansSomething(String name, PoseCatalogue without) {
        String flow = "class: names\nstanding:\nflow, 2 rounds, no sides\n";
        return Stream.of("class: names\nstanding:\n", flow)
                .flatMap(before -> Stream.of("", ":", ", 30 s").map(after -> before + name + after + "\n"))
                .map(text -> read(text, without).lines())
                .anyMatch(lines -> lines.get(lines.size() - 1).problem() == null);
    }

    private static Reading read(String text, PoseCatalogue catalogue) {
        int[] ids = {0};
        return new NotationReader(catalogue, () -> new NodeId("n" + ids[0]++)).read(text);
    }
}
