package gurukram.core.compose;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A class while it is put together: its parts in their order, each with its items. */
final class Sketch {
    /**
     * @param filler whether it may be taken out again
     * @param placed whether it stands where it was put, and is not sorted
     */
    record Entry(Item item, Pose pose, boolean filler, boolean placed) {}

    private final Map<SectionRole, List<Entry>> parts = new EnumMap<>(SectionRole.class);
    private final List<SectionRole> order;
    private final PoseCatalogue catalogue;
    private final ClassSettings settings;
    private final Dice dice;
    private int number;

    Sketch(ClassSettings settings, List<SectionRole> order, PoseCatalogue catalogue, Dice dice) {
        this.settings = settings;
        this.order = order;
        this.catalogue = catalogue;
        this.dice = dice;
    }

    /** A name for a step of a part that no other has. */
    NodeId name(SectionRole role) {
        return new NodeId(role.word() + "-" + ++number);
    }

    void put(SectionRole role, Item item) {
        entries(role).add(new Entry(item, poseOf(item), false, true));
    }

    /** A step that finds its place among the others of its part. */
    void sort(SectionRole role, Step step, boolean filler) {
        entries(role).add(new Entry(step, poseOf(step), filler, false));
    }

    void remove(SectionRole role, Entry entry) {
        entries(role).remove(entry);
    }

    List<Entry> entries(SectionRole role) {
        return parts.computeIfAbsent(role, r -> new ArrayList<>());
    }

    List<SectionRole> order() {
        return order;
    }

    private Pose poseOf(Item item) {
        return item instanceof Step step && step.pose() != null ? catalogue.pose(step.pose()) : null;
    }

    /** Sets every dose that is open so many eighths of its range above its low end. */
    void open(int eighths) {
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
    Set<String> poses() {
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
    ClassPlan plan() {
        List<Section> sections = new ArrayList<>();
        for (SectionRole role : order) {
            if (entries(role).isEmpty()) continue;
            sections.add(Section.of(
                    new NodeId("part-" + role.word()), role, items(role).toArray(new Item[0])));
        }
        return new ClassPlan(settings, sections);
    }

    /** What was put stays in front in its order; the others follow, or go around it by base. */
    private List<Item> items(SectionRole role) {
        List<Entry> placed = new ArrayList<>();
        List<Entry> sorted = new ArrayList<>();
        for (Entry entry : entries(role)) (entry.placed() ? placed : sorted).add(entry);
        Comparator<Pose> byPose = Places.order(role, dice.of("order " + role.word()));
        sorted.sort(Comparator.comparing(Entry::pose, byPose));
        List<Item> items = new ArrayList<>();
        boolean flowLast = role == SectionRole.WARM_UP;
        if (!flowLast) placed.forEach(entry -> items.add(entry.item()));
        sorted.forEach(entry -> items.add(entry.item()));
        if (flowLast) insertByBase(items, placed);
        return items;
    }

    /** A flow on hands and knees stands before the first of its kind. */
    private void insertByBase(List<Item> items, List<Entry> placed) {
        for (Entry entry : placed) {
            int at = 0;
            while (at < items.size() && isBeforeAllFours(items.get(at))) at++;
            items.add(entry.item() instanceof Flow ? at : items.size(), entry.item());
        }
    }

    private boolean isBeforeAllFours(Item item) {
        Pose pose = poseOf(item);
        return pose == null
                || switch (pose.base()) {
                    case SEATED, SUPINE, SIDE_LYING, KNEELING -> true;
                    default -> false;
                };
    }
}
