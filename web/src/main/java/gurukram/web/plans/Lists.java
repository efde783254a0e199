package gurukram.web.plans;

import gurukram.core.plan.FlowSides.Counting;
import gurukram.core.plan.FlowSides.Order;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.SideBehaviour;
import gurukram.web.plans.Field.Option;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The lists to choose from that many rows share: the page has each of them once. */
final class Lists {
    static final List<Option> COUNTING = List.of(
            new Option(Counting.BOTH_SIDES.name(), "a round is both sides"),
            new Option(Counting.ONE_SIDE.name(), "a round is one side"),
            new Option(Counting.NO_SIDES.name(), "no sides"));
    static final List<Option> ORDER = List.of(
            new Option(Order.EACH_ROUND.name(), "side by side"),
            new Option(Order.SIDE_FIRST.name(), "one side first"),
            new Option(Order.POSE_BY_POSE.name(), "pose by pose"));
    static final List<Option> FIRST = List.of(new Option("RIGHT", "right first"), new Option("LEFT", "left first"));
    static final List<Option> JOINS = List.of(
            new Option("separate", "rounds separate"),
            new Option("shared 0 1", "closing pose shared"),
            new Option("shared 1 1", "rounds linked"),
            new Option("rest 1 breath", "a breath between"),
            new Option("rest 3 breaths", "three breaths between"));
    private static final List<Option> LEAD =
            List.of(new Option("lead", "lead side"), new Option("other", "other side"));
    private static final List<Option> SIDED = List.of(
            new Option("both", "both, R first"),
            new Option("both, left first", "both, L first"),
            new Option("right", "right only"),
            new Option("left", "left only"),
            new Option("alternating", "side to side, R first"),
            new Option("alternating, left first", "side to side, L first"));
    private static final List<Option> NONE = List.of(new Option("none", "no side"));

    private Lists() {}

    /** All lists by name, for the page. */
    static Map<String, List<Option>> all() {
        Map<String, List<Option>> all = new TreeMap<>();
        all.put("counting", COUNTING);
        all.put("order", ORDER);
        all.put("first", FIRST);
        all.put("joins", JOINS);
        all.put("sides", SIDED);
        all.put("sides-in-flow", joined(LEAD, SIDED));
        all.put("sides-none", NONE);
        return all;
    }

    /** The name of the list a step's sides are chosen from; empty when there is nothing to choose. */
    static String sidesOf(Step step, Pose pose, boolean sidedFlow) {
        boolean symmetric = pose == null || pose.sides() == SideBehaviour.SYMMETRIC;
        if (symmetric) return step.sides() instanceof SideRule.None ? "" : "sides-none";
        return sidedFlow ? "sides-in-flow" : "sides";
    }

    /** The options of a list, and the value itself where it is none of them. */
    static List<Option> with(String value, List<Option> options) {
        boolean known = options.stream().anyMatch(option -> option.value().equals(value));
        String words = value.equals("none") ? "no side" : value;
        return known ? options : joined(options, List.of(new Option(value, words)));
    }

    /** The words of one of the options; the value itself where it is none of them. */
    static String words(String value, List<Option> options) {
        return options.stream()
                .filter(option -> option.value().equals(value))
                .map(Option::words)
                .findFirst()
                .orElse(value);
    }

    static List<Option> named(String list) {
        return all().get(list);
    }

    private static List<Option> joined(List<Option> some, List<Option> others) {
        return java.util.stream.Stream.concat(some.stream(), others.stream()).toList();
    }
}
