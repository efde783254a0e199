package gurukram.core.compose.search;

import gurukram.core.body.Base;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A class while it is put together: its parts in their order, each with its items. */
public final class Sketch {
    /**
     * @param filler whether it may be taken out again
     * @param placed whether it stands where it was put, and is not sorted
     */
    public record Entry(Item item, @Nullable Pose pose, boolean filler, boolean placed) {}

    private final Map<SectionRole, List<Entry>> parts = new EnumMap<>(SectionRole.class);
    private final List<SectionRole> order;
    private final PoseCatalogue catalogue;
    private final ClassSettings settings;
    private final Dice dice;
    private int number;

    public Sketch(ClassSettings settings, List<SectionRole> order, PoseCatalogue catalogue, Dice dice) {
        this.settings = settings;
        this.order = order;
        this.catalogue = catalogue;
        this.dice = dice;
    }

    /** A name for a step of a part that no other has. */
    public NodeId name(SectionRole role) {
        return new NodeId(role.word() + "-" + ++number);
    }

    public void put(SectionRole role, Item item) {
        entries(role).add(new Entry(item, poseOf(item), false, true));
    }

    /** A step that finds its place among the others of its part. */
    public void sort(SectionRole role, Step step, boolean filler) {
        entries(role).add(new Entry(step, poseOf(step), filler, false));
    }

    public void remove(SectionRole role, Entry entry) {
        entries(role).remove(entry);
    }

    public List<Entry> entries(SectionRole role) {
        return parts.computeIfAbsent(role, r -> new ArrayList<>());
    }

    /** How often a pose stands by itself. */
    public long times(Pose pose) {
        return parts.values().stream()
                .flatMap(List::stream)
                .filter(entry -> pose.equals(entry.pose()))
                .count();
    }

    public List<SectionRole> order() {
        return order;
    }

    private @Nullable Pose poseOf(Item item) {
        return item instanceof Step step && step.pose() != null ? catalogue.pose(step.pose()) : null;
    }

    /** Sets every dose that is open so many eighths of its range above its low end. */
    public void open(int eighths) {
        for (List<Entry> entries : parts.values()) {
            for (int i = 0; i < entries.size(); i++) {
                Entry entry = entries.get(i);
                if (!(entry.item() instanceof Step step) || step.marks().locked()) continue;
                Step opened = step.withDose(Doses.opened(step.dose(), eighths));
                entries.set(i, new Entry(opened, entry.pose(), entry.filler(), entry.placed()));
            }
        }
    }

    /** Every pose there is, in layers too. */
    public Set<String> poses() {
        Set<String> poses = new LinkedHashSet<>();
        parts.values().forEach(entries -> entries.forEach(entry -> add(entry.item(), poses)));
        return poses;
    }

    private static void add(Item item, Set<String> poses) {
        if (item instanceof Flow flow) flow.steps().forEach(step -> add(step, poses));
        if (!(item instanceof Step step)) return;
        if (step.pose() != null) poses.add(step.pose());
        for (Layer layer : step.layers()) {
            if (layer.edit() instanceof Layer.Become become && become.pose() != null) poses.add(become.pose());
        }
    }

    /** The plan as it stands; parts without anything in them are not there. */
    public ClassPlan plan() {
        List<Section> sections = new ArrayList<>();
        Base at = null;
        for (SectionRole role : order) {
            if (entries(role).isEmpty()) continue;
            List<Item> items = items(role, at);
            sections.add(Section.of(new NodeId("part-" + role.word()), role, items.toArray(new Item[0])));
            Pose last = lastPose(items);
            if (last != null) at = last.base();
        }
        return new ClassPlan(settings, sections);
    }

    /** What was put stays in front in its order; the others follow on the shortest way. A flow of the warm-up stands among its kind. */
    private List<Item> items(SectionRole role, @Nullable Base from) {
        List<Item> placed = new ArrayList<>();
        Map<Pose, List<Item>> sorted = new LinkedHashMap<>();
        for (Entry entry : entries(role)) {
            if (entry.placed()) placed.add(entry.item());
            else sorted.computeIfAbsent(entry.pose(), p -> new ArrayList<>()).add(entry.item());
        }
        boolean flowLater = role == SectionRole.WARM_UP;
        Pose last = flowLater ? null : lastPose(placed);
        Way way = new Way(dice.of("way " + role.word()));
        List<Item> items = new ArrayList<>();
        if (!flowLater) items.addAll(placed);
        for (Pose pose : way.through(List.copyOf(sorted.keySet()), last == null ? from : last.base(), after(role)))
            items.addAll(sorted.get(pose));
        if (flowLater) placed.forEach(item -> items.add(placeAmong(items, item), item));
        return items;
    }

    /** Where people have to be when a part is over. */
    private static @Nullable Base after(SectionRole role) {
        return switch (role) {
            case WARM_UP, STANDING -> Base.STANDING;
            case COOL_DOWN -> Base.SUPINE;
            default -> null;
        };
    }

    /** Before the first pose on the same base, else at the end. */
    private int placeAmong(List<Item> items, Item flow) {
        Pose first = lastPose(List.of(flow));
        for (int i = 0; i < items.size(); i++) {
            Pose pose = poseOf(items.get(i));
            if (first != null && pose != null && pose.base() == first.base()) return i;
        }
        return items.size();
    }

    private @Nullable Pose lastPose(List<Item> items) {
        for (int i = items.size() - 1; i >= 0; i--) {
            Item item = items.get(i);
            if (item instanceof Flow flow && !flow.steps().isEmpty())
                return poseOf(flow.steps().get(flow.steps().size() - 1));
            Pose pose = poseOf(item);
            if (pose != null) return pose;
        }
        return null;
    }
}
