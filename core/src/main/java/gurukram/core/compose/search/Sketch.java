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
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A class while it is put together: its parts in their order, each with its items. */
public final class Sketch {
    /** Where in its part something stands. */
    public enum Place {
        /** in front, in the order it was put */
        FIRST,
        /** where its base and its intensity belong */
        SORTED,
        /** at the end, in the order it was put */
        LAST
    }

    /** @param filler whether it may be taken out again */
    public record Entry(Item item, @Nullable Pose pose, boolean filler, Place place) {
        Entry with(Item other) {
            return new Entry(other, pose, filler, place);
        }
    }

    /** What was there at a time, to come back to. */
    public record Mark(Map<SectionRole, List<Entry>> parts) {}

    private static final Map<SectionRole, NodeId> PARTS = Stream.of(SectionRole.values())
            .collect(Collectors.toMap(role -> role, role -> new NodeId("part-" + role.word())));
    private static final Set<Base> LYING = EnumSet.of(Base.SUPINE, Base.SIDE_LYING);

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
        entries(role).add(new Entry(item, poseOf(item), false, Place.FIRST));
    }

    /** What begins a part, before all that is in it. */
    public void putInFront(SectionRole role, Item item) {
        entries(role).add(0, new Entry(item, poseOf(item), false, Place.FIRST));
    }

    /** What ends a part. */
    public void putLast(SectionRole role, Item item) {
        entries(role).add(new Entry(item, poseOf(item), false, Place.LAST));
    }

    public Mark mark() {
        Map<SectionRole, List<Entry>> copy = new EnumMap<>(SectionRole.class);
        parts.forEach((role, entries) -> copy.put(role, List.copyOf(entries)));
        return new Mark(copy);
    }

    public void backTo(Mark mark) {
        parts.values().forEach(List::clear);
        mark.parts().forEach((role, entries) -> entries(role).addAll(entries));
    }

    /** Puts another item in the place of one. */
    public void replace(SectionRole role, Entry entry, Item item) {
        List<Entry> entries = entries(role);
        entries.set(entries.indexOf(entry), entry.with(item));
    }

    /** A step that finds its place among the others of its part. */
    public void sort(SectionRole role, Step step, boolean filler) {
        entries(role).add(new Entry(step, poseOf(step), filler, Place.SORTED));
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
            sections.add(Section.of(id(role), role, items.toArray(new Item[0])));
            Pose last = lastPose(items);
            if (last != null) at = last.base();
        }
        return new ClassPlan(settings, sections);
    }

    /** What a part is called in the plan. */
    public static NodeId id(SectionRole role) {
        return Objects.requireNonNull(PARTS.get(role));
    }

    /** Where people are when what a part has so far is done; null where it has nothing. */
    public @Nullable Base baseAfter(SectionRole role) {
        Pose last = lastPose(items(role, null));
        return last == null ? null : last.base();
    }

    /** Where people come from into a part; null where nothing is before it. */
    public @Nullable Base baseBefore(SectionRole role) {
        Base at = null;
        for (SectionRole part : order.subList(0, order.indexOf(role)))
            if (baseAfter(part) != null) at = baseAfter(part);
        return at;
    }

    /** Where a part begins; null where it has nothing. */
    public @Nullable Base baseOf(SectionRole role) {
        Pose first = firstPose(items(role, baseBefore(role)));
        return first == null ? null : first.base();
    }

    /** What was put first, then the others on the shortest way, then what ends the part. */
    private List<Item> items(SectionRole role, @Nullable Base from) {
        List<Item> first = new ArrayList<>();
        List<Item> last = new ArrayList<>();
        Map<Pose, List<Item>> sorted = new LinkedHashMap<>();
        for (Entry entry : entries(role)) {
            if (entry.place() == Place.FIRST) first.add(entry.item());
            else if (entry.place() == Place.LAST) last.add(entry.item());
            else sorted.computeIfAbsent(entry.pose(), p -> new ArrayList<>()).add(entry.item());
        }
        Pose before = lastPose(first);
        Pose behind = firstPose(last);
        Base to = behind != null ? behind.base() : after(role);
        if (to == null && role != SectionRole.COUNTERPOSES) to = firstOfNext(role);
        List<Item> items = new ArrayList<>(first);
        Way way = new Way(dice.of("way " + role.word()));
        for (Pose pose : way.through(List.copyOf(sorted.keySet()), before == null ? from : before.base(), to))
            items.addAll(sorted.get(pose));
        items.addAll(last);
        return role == SectionRole.COOL_DOWN ? lyingLast(items) : items;
    }

    /** Who lies down once before the rest stays down; what has sides comes before what brings both sides together. */
    private List<Item> lyingLast(List<Item> items) {
        List<Item> order = new ArrayList<>(items);
        order.sort(Comparator.comparing(this::lies).thenComparing(item -> !hasSides(item)));
        return order;
    }

    private boolean lies(Item item) {
        Pose pose = firstPose(List.of(item));
        return pose != null && LYING.contains(pose.base());
    }

    private static boolean hasSides(Item item) {
        return item instanceof Flow flow
                ? flow.settings().hasSides()
                : ((Step) item).sides().isSided();
    }

    private @Nullable Pose firstPose(List<Item> items) {
        for (Item item : items) {
            Item first = item instanceof Flow flow && !flow.steps().isEmpty()
                    ? flow.steps().get(0)
                    : item;
            Pose pose = poseOf(first);
            if (pose != null) return pose;
        }
        return null;
    }

    /** Where the next part begins, as far as it is known. */
    private @Nullable Base firstOfNext(SectionRole role) {
        for (SectionRole next : order.subList(order.indexOf(role) + 1, order.size())) {
            Pose first = firstPose(entries(next).stream()
                    .filter(entry -> entry.place() == Place.FIRST)
                    .map(Entry::item)
                    .toList());
            if (first != null) return first.base();
        }
        return null;
    }

    /** Where people have to be when a part is over. */
    private static @Nullable Base after(SectionRole role) {
        return switch (role) {
            case WARM_UP, STANDING -> Base.STANDING;
            case COOL_DOWN -> Base.SUPINE;
            default -> null;
        };
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
