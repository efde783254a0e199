package gurukram.core.compose.search;

import gurukram.core.check.Needs;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.brief.Wish;
import gurukram.core.group.People;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PropUse;
import gurukram.core.pose.Risk;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The poses a brief leaves to choose from, and what stands against the others. */
public final class Pool {
    private static final int GENTLE_EFFORT = 3;
    private static final int MIDDLING_EFFORT = 4;
    private static final Set<String> CHOSEN_ONLY = Table.of("/compose/chosen-only.txt", "|", 1).stream()
            .map(row -> row.cell(0))
            .collect(Collectors.toUnmodifiableSet());

    private final PoseCatalogue catalogue;
    private final Brief brief;
    private final List<Pose> poses = new ArrayList<>();
    private final Set<String> ids;

    public Pool(PoseCatalogue catalogue, Brief brief) {
        this.catalogue = catalogue;
        this.brief = brief;
        for (Pose pose : catalogue.poses()) {
            boolean suits = pose.risk() != Risk.HIGH && isEasyEnough(pose) && !isChosenOnly(pose);
            if (suits && against(pose).isEmpty()) poses.add(pose);
        }
        this.ids = poses.stream().map(Pose::id).collect(Collectors.toUnmodifiableSet());
    }

    /** What may be planned anywhere, in the order of the catalogue; poses of high risk only ever on the way to a peak. */
    public List<Pose> poses() {
        return poses;
    }

    public PoseCatalogue catalogue() {
        return catalogue;
    }

    public Brief brief() {
        return brief;
    }

    public boolean has(String id) {
        return ids.contains(id);
    }

    /** Practices a teacher chooses by name, for a reason of her own, and is not surprised with: one nostril, a flame, walking. */
    private static boolean isChosenOnly(Pose pose) {
        return pose.family().equals("transitions") || CHOSEN_ONLY.contains(pose.id());
    }

    /** For the poses around the peak; the peak itself is as hard as it is. */
    public boolean isEasyEnough(Pose pose) {
        boolean gentle = brief.wishes().contains(Wish.GENTLER);
        if (brief.flavour() == Flavour.RESTFUL && gentle) return pose.effort() < GENTLE_EFFORT;
        if (brief.flavour() == Flavour.RESTFUL || gentle) return pose.effort() <= GENTLE_EFFORT;
        return brief.level() != Level.BEGINNER || pose.effort() <= MIDDLING_EFFORT;
    }

    /** Why a pose cannot be planned, whatever it is for; empty when nothing stands against it. */
    public Optional<LeftOut> against(Pose pose) {
        if (brief.unwanted().contains(pose.id())) return out(pose, LeftOut.Why.ASKED, "you do not want it in");
        if (brief.wishes().contains(Wish.NO_WRISTS) && pose.wristLoad())
            return out(pose, LeftOut.Why.ASKED, "it puts weight on the hands");
        if (pose.level().ordinal() > brief.level().ordinal())
            return out(
                    pose, LeftOut.Why.LEVEL, "it is for " + pose.level().name().toLowerCase(Locale.ROOT) + " classes");
        Optional<Integer> rung = Beyond.standing(pose, brief.reached(), catalogue);
        if (rung.isPresent())
            return out(pose, LeftOut.Why.RISK, "the group stands on rung %d of the way to it".formatted(rung.get()));
        if (Needs.isBlocked(pose, brief.group())) return out(pose, LeftOut.Why.NEED, needs(pose));
        return prop(pose)
                .map(prop -> new LeftOut(pose.id(), LeftOut.Why.PROPS, "the room has no " + prop + " for everybody"));
    }

    private static Optional<LeftOut> out(Pose pose, LeftOut.Why why, String words) {
        return Optional.of(new LeftOut(pose.id(), why, words));
    }

    private String needs(Pose pose) {
        List<String> needs = Needs.cautions(pose, brief.group()).stream()
                .filter(c -> c.severity() == Caution.Severity.BLOCKED)
                .map(c -> c.need().words())
                .toList();
        return "somebody in the group leaves it out (" + String.join(", ", needs) + ")";
    }

    /** The prop a pose cannot do without and the room has not for all; most props only help. */
    private Optional<String> prop(Pose pose) {
        return pose.props().stream()
                .filter(use -> isNeeded(pose, use) && !isThere(use))
                .map(PropUse::prop)
                .findFirst();
    }

    /** Whether everybody can have so many of a prop; also where nobody knows what the room has. */
    public boolean isThere(PropUse use) {
        People group = brief.group();
        if (group == null || group.room() == null) return true;
        int wanted = use.prop().equals(PropsTold.WALL) ? 1 : use.number() * group.mats();
        return group.room().stock(use.prop()) >= wanted;
    }

    /** What has to lie by the mat for a pose. */
    static List<Prop> laidOut(Pose pose) {
        return pose.props().stream()
                .filter(use -> isNeeded(pose, use) && !use.prop().equals(PropsTold.WALL))
                .map(use -> new Prop(use.number(), use.prop()))
                .toList();
    }

    /** Whether a pose can be done without things nobody knows to be there; a block is always found. */
    public static boolean isHandy(Pose pose, @Nullable People group) {
        boolean known = group != null && group.room() != null;
        return known
                || pose.props().stream()
                        .noneMatch(use -> isNeeded(pose, use) && !use.prop().equals("block"));
    }

    /** A prop that the pose is named by or led into with, or that carries the body in it. */
    public static boolean isNeeded(Pose pose, PropUse use) {
        String name = pose.id();
        return name.contains(use.prop())
                || pose.name().toLowerCase(Locale.ROOT).contains(use.prop())
                || use.prop().equals("wall") && pose.cues().enter().full().contains("wall")
                || name.startsWith("supported-")
                || (name.equals("heart-bench") && use.prop().equals("block"))
                || (name.equals("half-reclined-hero") && use.prop().equals("bolster"));
    }
}
