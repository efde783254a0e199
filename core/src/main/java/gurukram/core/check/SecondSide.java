package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.Mirrored;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The second side has the poses of the first, in their order. Two ways of writing can lose one: blocks of steps on one side
 * and then the other, and a change in a flow that holds for one pass only. How much is done in them is {@link SidesUneven}'s.
 */
@AutoService(Check.class)
public final class SecondSide implements Check {
    private static final Card CARD = Card.of(
            "second-side",
            "The second side has every step of the first, in the same order",
            "A step left out on the second side is the slip most often made, and nobody in the room can tell you.");

    /** Consecutive steps of a section on one side; steps without a side may stand among them. */
    record Block(Side side, List<Step> sided) {
        List<String> poses() {
            return sided.stream().map(Step::pose).toList();
        }
    }

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        for (Section section : subject.plan().sections()) {
            for (Block[] pair : pairs(section)) compare(subject, pair[0], pair[1], found);
            for (Flow[] pair : flowPairs(subject, section))
                compare(subject, block(subject, pair[0]), block(subject, pair[1]), found);
            for (Item item : section.items()) {
                if (item instanceof Flow flow) passes(subject, flow, found);
            }
        }
    }

    /** Poses that are told here already, so that they need not be told as uneven as well. */
    static Set<String> told(Subject subject) {
        Set<String> told = new HashSet<>();
        for (Section section : subject.plan().sections()) {
            for (Block[] pair : pairs(section)) told.addAll(odd(pair[0].poses(), pair[1].poses()));
            for (Flow[] pair : flowPairs(subject, section))
                told.addAll(odd(
                        block(subject, pair[0]).poses(), block(subject, pair[1]).poses()));
            for (Item item : section.items()) {
                if (!(item instanceof Flow flow) || !twoSided(flow)) continue;
                for (Step step : flow.steps()) {
                    for (Layer layer : lopsided(step)) told.addAll(posesOf(step, layer));
                }
            }
        }
        return told;
    }

    private static Set<String> posesOf(Step step, Layer layer) {
        Set<String> poses = new HashSet<>();
        if (step.pose() != null) poses.add(step.pose());
        if (layer.inserted() != null && layer.inserted().pose() != null)
            return Set.of(layer.inserted().pose());
        if (layer.edit() instanceof Layer.Become become && become.pose() != null) poses.add(become.pose());
        return poses;
    }

    /** A block and the block on the other side right behind it; one of them has two sided steps at least. */
    private static List<Block[]> pairs(Section section) {
        List<Block> blocks = new ArrayList<>();
        for (Item item : section.items()) {
            Side side = item instanceof Step step ? sideOf(step) : null;
            boolean breaks = item instanceof Flow
                    || (side == null && ((Step) item).sides().isSided());
            if (breaks) blocks.add(null);
            if (side == null) continue;
            Block last = blocks.isEmpty() ? null : blocks.get(blocks.size() - 1);
            if (last == null || last.side() != side) blocks.add(new Block(side, new ArrayList<>()));
            blocks.get(blocks.size() - 1).sided().add((Step) item);
        }
        List<Block[]> pairs = new ArrayList<>();
        for (int i = 1; i < blocks.size(); i++) {
            Block first = blocks.get(i - 1);
            Block second = blocks.get(i);
            if (first == null || second == null) continue;
            if (first.sided().size() + second.sided().size() < 3 || !alike(first, second)) continue;
            pairs.add(new Block[] {first, second});
            i++;
        }
        return pairs;
    }

    /** A flow on one side and the flow on the other that follows it. */
    static List<Flow[]> flowPairs(Subject subject, Section section) {
        List<Flow> flows = section.items().stream()
                .filter(Flow.class::isInstance)
                .map(Flow.class::cast)
                .toList();
        List<Flow[]> pairs = new ArrayList<>();
        for (int i = 1; i < flows.size(); i++) {
            Side first = onlySide(subject, flows.get(i - 1));
            Side second = onlySide(subject, flows.get(i));
            if (first == null || second == null || first == second) continue;
            if (!alike(block(subject, flows.get(i - 1)), block(subject, flows.get(i)))) continue;
            pairs.add(new Flow[] {flows.get(i - 1), flows.get(i)});
            i++;
        }
        return pairs;
    }

    private static @Nullable Side onlySide(Subject subject, Flow flow) {
        Set<Side> sides = SaidSides.sidesOf(subject, subject.momentsOf(flow.id()));
        return sides.size() == 1 ? sides.iterator().next() : null;
    }

    private static Block block(Subject subject, Flow flow) {
        List<Step> sided = flow.steps().stream()
                .filter(step -> step.pose() != null
                        && subject.catalogue().pose(step.pose()).sides().hasSides())
                .toList();
        return new Block(Objects.requireNonNull(onlySide(subject, flow)), sided);
    }

    /** Whether they are meant as two sides of one thing: at least half of the longer one is in both. */
    private static boolean alike(Block first, Block second) {
        long both = first.poses().stream().filter(second.poses()::contains).count();
        return 2 * both >= Math.max(first.sided().size(), second.sided().size());
    }

    private static @Nullable Side sideOf(Step step) {
        SideRule rule = step.sides() instanceof SideRule.Compound compound ? compound.base() : step.sides();
        return rule instanceof SideRule.Only only && step.pose() != null ? only.side() : null;
    }

    /** What one list has and the other has not, counted. */
    private static List<String> odd(List<String> one, List<String> other) {
        List<String> odd = new ArrayList<>(missing(one, other));
        odd.addAll(missing(other, one));
        return odd;
    }

    private static List<String> missing(List<String> from, List<String> in) {
        List<String> left = new ArrayList<>(from);
        in.forEach(left::remove);
        return left;
    }

    private static void compare(Subject subject, Block first, Block second, Findings found) {
        List<String> lacking = missing(first.poses(), second.poses());
        List<String> extra = missing(second.poses(), first.poses());
        NodeId node = second.sided().get(0).id();
        List<Integer> moments = subject.momentsOf(node);
        if (!lacking.isEmpty() || !extra.isEmpty()) {
            List<String> said = new ArrayList<>();
            if (!lacking.isEmpty()) {
                said.add("the %s side lacks %s".formatted(second.side().word(), names(subject, lacking)));
            }
            if (!extra.isEmpty()) {
                said.add("the %s side lacks %s".formatted(first.side().word(), names(subject, extra)));
            }
            found.must(node, "step", moments, Words.capital(Wording.and(said)) + ".", "Put in what is missing.");
        } else if (!first.poses().equals(second.poses())) {
            String what = "The %s side comes in another order: %s, after %s on the %s."
                    .formatted(
                            second.side().word(),
                            names(subject, second.poses()),
                            names(subject, first.poses()),
                            first.side().word());
            found.look(node, "order", moments, what, "Take the order of the first side.");
        }
    }

    private static String names(Subject subject, List<String> poses) {
        return Wording.and(poses.stream().map(subject::name).toList());
    }

    private static boolean twoSided(Flow flow) {
        return flow.settings().counting() == FlowSides.Counting.BOTH_SIDES;
    }

    private static void passes(Subject subject, Flow flow, Findings found) {
        if (!twoSided(flow)) return;
        for (Step step : flow.steps()) {
            for (Layer layer : lopsided(step)) {
                if (!layer.when().holdsAt(subject.level())) continue;
                String which = Objects.requireNonNull(layer.when().pass()) == 1 ? "first" : "second";
                String what = "On the %s side of “%s” %s."
                        .formatted(which, flowName(subject, flow), does(subject, step, layer));
                found.must(
                        step.id(),
                        layer.id().value(),
                        subject.momentsOf(step.id()),
                        what,
                        "Let it hold for both sides, or for none.");
            }
        }
    }

    private static String flowName(Subject subject, Flow flow) {
        if (!flow.settings().name().isEmpty()) return flow.settings().name();
        String first = flow.steps().get(0).pose();
        return first == null ? "the flow" : "the flow from " + subject.name(first);
    }

    private static String does(Subject subject, Step step, Layer layer) {
        String pose = subject.name(step.pose());
        if (layer.edit() instanceof Layer.Omit) return pose + " is left out";
        Step inserted = layer.inserted();
        if (inserted != null) return subject.name(inserted.pose()) + " is added";
        return pose + " becomes " + subject.name(((Layer.Become) layer.edit()).pose());
    }

    /** Layers that change which poses one pass has, without the same for the other. */
    private static List<Layer> lopsided(Step step) {
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : step.layers()) {
            boolean redoses = layer.edit() instanceof Layer.Become become && become.pose() == null;
            if (layer.when().pass() == null || redoses) continue;
            boolean paired = step.layers().stream().anyMatch(other -> isTwin(layer, other));
            if (!paired) layers.add(layer);
        }
        return layers;
    }

    private static boolean isTwin(Layer layer, Layer other) {
        return other.when().pass() != null
                && !other.when().pass().equals(layer.when().pass())
                && other.when().levels().equals(layer.when().levels())
                && Objects.equals(other.when().rounds(), layer.when().rounds())
                && other.edit().getClass() == layer.edit().getClass()
                && posesIn(other).equals(posesIn(layer));
    }

    private static Set<String> posesIn(Layer layer) {
        if (layer.inserted() != null)
            return Set.of(String.valueOf(layer.inserted().pose()));
        return layer.edit() instanceof Layer.Become become ? Set.of(String.valueOf(become.pose())) : Set.of();
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Node node = subject.node(finding.node());
        if (node instanceof Step step
                && step.layers().stream().anyMatch(l -> l.id().value().equals(finding.about()))) {
            return forBothPasses(step, finding.about());
        }
        for (Section section : subject.plan().sections()) {
            for (Flow[] pair : flowPairs(subject, section)) {
                if (block(subject, pair[1]).sided().get(0).id().equals(finding.node())) return likeFirst(subject, pair);
            }
            for (Block[] pair : pairs(section)) {
                if (!pair[1].sided().get(0).id().equals(finding.node())) continue;
                boolean order = finding.about().equals("order");
                String label =
                        order ? "Take the %s side in the order of the %s" : "Do on the %s side what the %s side has";
                Section mended = section.withChildren(likeFirst(section, pair[0], pair[1]));
                return List.of(new Mend(
                        label.formatted(pair[1].side().word(), pair[0].side().word()),
                        PlanEdit.instead(subject.plan(), mended)));
            }
        }
        return List.of();
    }

    /** The second flow with the steps of the first, turned; it keeps its name, its rounds and its words. */
    private static List<Mend> likeFirst(Subject subject, Flow[] pair) {
        List<Node> turned = new ArrayList<>();
        for (Node child : pair[0].children()) {
            if (!(child instanceof Step step)) return List.of();
            turned.add(((Step) Mirrored.of(step)).named(other(step.id())));
        }
        Side first = Objects.requireNonNull(onlySide(subject, pair[0]));
        return List.of(new Mend(
                "Do on the %s side what the %s side has"
                        .formatted(first.opposite().word(), first.word()),
                PlanEdit.instead(subject.plan(), pair[1].withChildren(turned))));
    }

    private static List<Mend> forBothPasses(Step step, String layerId) {
        Layer layer = step.layers().stream()
                .filter(l -> l.id().value().equals(layerId))
                .findFirst()
                .orElseThrow();
        List<Mend> mends = new ArrayList<>();
        mends.add(new Mend("Take the change away, so that both sides are alike", new PlanEdit.Remove(layer.id())));
        var everyPass = new When(layer.when().levels(), layer.when().rounds(), null);
        if (!everyPass.equals(When.ALWAYS)) {
            mends.add(new Mend(
                    "Let the change hold for both sides",
                    new PlanEdit.Change(new Layer(layer.id(), everyPass, layer.edit()))));
        }
        return mends;
    }

    /** The section with its second block in the image of the first: steps that are there keep what they say. */
    private static List<Item> likeFirst(Section section, Block first, Block second) {
        List<Step> there = new ArrayList<>(second.sided());
        List<Item> wanted = new ArrayList<>();
        Set<NodeId> taken = new LinkedHashSet<>();
        for (Step step : first.sided()) {
            Step own = there.stream()
                    .filter(s -> Objects.equals(s.pose(), step.pose()) && !taken.contains(s.id()))
                    .findFirst()
                    .orElse(null);
            if (own != null) taken.add(own.id());
            wanted.add(own != null ? own : ((Step) Mirrored.of(step)).named(other(step.id())));
        }
        Set<NodeId> secondIds = new HashSet<>();
        second.sided().forEach(step -> secondIds.add(step.id()));
        List<Item> items = new ArrayList<>();
        for (Item item : section.items()) {
            if (item.id().equals(second.sided().get(0).id())) items.addAll(wanted);
            if (!secondIds.contains(item.id())) items.add(item);
        }
        there.stream().filter(step -> !taken.contains(step.id())).forEach(step -> {
            int behind = lastOf(items, first.sided());
            items.add(behind + 1, ((Step) Mirrored.of(step)).named(other(step.id())));
            items.add(lastOf(items, wanted) + 1, step);
        });
        return items;
    }

    private static int lastOf(List<Item> items, List<? extends Item> block) {
        int last = -1;
        for (int i = 0; i < items.size(); i++) {
            NodeId id = items.get(i).id();
            if (block.stream().anyMatch(item -> item.id().equals(id))) last = i;
        }
        return last;
    }

    /** A name for the step's twin that is the same in every window it is made in. */
    static NodeId other(NodeId id) {
        String own = id.value().length() > 34 ? id.value().substring(0, 34) : id.value();
        return new NodeId(own + "-other");
    }
}
