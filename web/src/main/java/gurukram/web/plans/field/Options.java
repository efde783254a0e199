package gurukram.web.plans.field;

import gurukram.core.body.SideBehaviour;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.web.plans.field.Field.Option;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/** The lists to choose from that many rows share: the page has each of them once. */
public final class Options {
    public static final List<Option> COUNTING = List.of(
            new Option(Counting.BOTH_SIDES.name(), "a round is both sides"),
            new Option(Counting.ONE_SIDE.name(), "a round is one side"),
            new Option(Counting.NO_SIDES.name(), "no sides"));
    public static final List<Option> ORDER = List.of(
            new Option(Order.EACH_ROUND.name(), "side by side"),
            new Option(Order.SIDE_FIRST.name(), "one side first"),
            new Option(Order.POSE_BY_POSE.name(), "pose by pose"));
    public static final List<Option> FIRST =
            List.of(new Option("RIGHT", "right first"), new Option("LEFT", "left first"));
    public static final List<Option> JOINS = List.of(
            new Option("separate", "rounds separate"),
            new Option("shared 0 1", "closing pose shared"),
            new Option("shared 1 1", "rounds linked"),
            new Option("rest 1 breath", "a breath between"),
            new Option("rest 3 breaths", "three breaths between"));
    private static final List<Option> LEAD =
            List.of(new Option("lead", "lead side"), new Option("other", "other side"));
    private static final List<Option> SIDED = List.of(
            new Option("both", "both, right first"),
            new Option("both, left first", "both, left first"),
            new Option("right", "right only"),
            new Option("left", "left only"),
            new Option("alternating", "side to side, right first"),
            new Option("alternating, left first", "side to side, left first"));
    private static final List<Option> NONE = List.of(new Option("none", "no side"));

    private Options() {}

    /** The values of an enum with their words. */
    static <E extends Enum<E>> List<Option> of(E[] values, Function<E, String> words) {
        return Arrays.stream(values)
                .map(value -> new Option(value.name(), words.apply(value)))
                .toList();
    }

    public static List<Option> styles() {
        return of(Style.values(), Style::word);
    }

    public static List<Option> levels() {
        return of(Level.values(), Level::word);
    }

    /** The empty choice follows the style of the class. */
    static List<Option> cueing(Style style) {
        Option usual = new Option("", "as usual: " + style.cueing().word());
        return joined(List.of(usual), of(Cueing.values(), Cueing::word));
    }

    /** All lists by name, for the page. */
    public static Map<String, List<Option>> all() {
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
    public static String sidesOf(Step step, Pose pose, boolean sidedFlow) {
        boolean symmetric = pose == null || pose.sides() == SideBehaviour.SYMMETRIC;
        boolean named = !step.manner().sideNames().isEmpty();
        if (symmetric && !named) return step.sides() instanceof SideRule.None ? "" : "sides-none";
        return sidedFlow ? "sides-in-flow" : "sides";
    }

    /** The options of a list, and the value itself where it is none of them. */
    public static List<Option> with(String value, List<Option> options) {
        boolean known = options.stream().anyMatch(option -> option.value().equals(value));
        String words = value.equals("none") ? "no side" : value;
        return known ? options : joined(options, List.of(new Option(value, words)));
    }

    /** The words of one of the options; the value itself where it is none of them. */
    public static String words(String value, List<Option> options) {
        return options.stream()
                .filter(option -> option.value().equals(value))
                .map(Option::words)
                .findFirst()
                .orElse(value);
    }

    public static List<Option> named(String list) {
        return all().get(list);
    }

    private static List<Option> joined(List<Option> some, List<Option> others) {
        return Stream.concat(some.stream(), others.stream()).toList();
    }
}
