package gurukram.web.poses;

import gurukram.core.body.Base;
import gurukram.core.body.BodyArea;
import gurukram.core.caution.Rulebook;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * The browser: what is looked for and what was found, in families, or nearest first where words were typed.
 *
 * @param families all there are, for the filter
 * @param nearest what was perhaps meant when nothing was found
 */
record BrowsePage(PoseFilter filter, String count, List<Group> groups, List<String> families, List<PoseTile> nearest) {
    /** Poses under one heading. */
    record Group(String heading, List<PoseTile> poses) {}

    static BrowsePage of(PoseFilter filter, PoseCatalogue catalogue, Set<String> own, Set<String> away) {
        Collection<Pose> looked = filter.q().isEmpty() ? catalogue.poses() : catalogue.find(filter.q());
        List<Pose> found = looked.stream()
                .filter(pose -> !away.contains(pose.id()))
                .filter(filter::takes)
                .toList();
        Map<String, List<PoseTile>> groups = new LinkedHashMap<>();
        for (Pose pose : found) {
            String heading = filter.q().isEmpty() ? pose.family() : "Nearest first";
            groups.computeIfAbsent(heading, h -> new ArrayList<>())
                    .add(PoseTile.of(pose, filter.need(), own.contains(pose.id())));
        }
        List<PoseTile> nearest = found.isEmpty() && !filter.q().isEmpty()
                ? catalogue.nearest(filter.q(), 3 + away.size()).stream()
                        .filter(pose -> !away.contains(pose.id()))
                        .limit(3)
                        .map(PoseTile::of)
                        .toList()
                : List.of();
        return new BrowsePage(
                filter,
                count(found.size(), filter),
                groups.entrySet().stream()
                        .map(e -> new Group(Words.capital(e.getKey()), e.getValue()))
                        .toList(),
                catalogue.poses().stream().map(Pose::family).distinct().toList(),
                nearest);
    }

    private static String count(int found, PoseFilter filter) {
        String poses = Words.count(found, "pose");
        if (!filter.q().isEmpty()) return poses + " for “" + filter.q() + "”";
        return filter.isEmpty() ? "All " + poses : poses + " with these filters";
    }

    public List<Base> bases() {
        return List.of(Base.values());
    }

    public List<Level> levels() {
        return List.of(Level.values());
    }

    public List<BodyArea> areas() {
        return Arrays.stream(BodyArea.values()).filter(a -> a != BodyArea.KNEES).toList();
    }

    public List<Need> needs() {
        return List.of(Need.values());
    }

    /** A need in plain words. */
    public String nameOf(Need need) {
        return Rulebook.shipped().of(need).name();
    }

    public List<String> props() {
        return List.of("block", "strap", "wall", "blanket", "bolster", "chair");
    }

    /** A constant in words: {@code hands and knees}. */
    public String words(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
