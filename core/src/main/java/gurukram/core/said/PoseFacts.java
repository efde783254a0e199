package gurukram.core.said;

import gurukram.core.body.SideOf;
import gurukram.core.figure.Joint;
import gurukram.core.figure.Part;
import gurukram.core.figure.Poser;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.Viewpoint;
import gurukram.core.pose.Pose;
import gurukram.core.text.Remembered;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which limb of a pose is where: by the part that names its side, by its own words, and, where these say nothing, by its figure.
 * What none of them says is not known, and nothing is concluded from it.
 */
public final class PoseFacts {
    /** The side a pose is named by, or the one across. */
    public enum Role {
        LEAD,
        OTHER
    }

    private static final double HEIGHT_APART = 18;
    private static final double ANGLE_APART = 45;
    private static final Remembered<Key, PoseFacts> KEPT = new Remembered<>(key -> new PoseFacts(key.pose));

    /** A pose by what its facts come from; its whole is dear to compare. */
    private static final class Key {
        private final Pose pose;

        private Key(Pose pose) {
            this.pose = pose;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Key key
                    && key.pose.figure() == pose.figure()
                    && key.pose.sideOf() == pose.sideOf()
                    && key.pose.cues().equals(pose.cues());
        }

        @Override
        public int hashCode() {
            return pose.id().hashCode();
        }
    }

    private final Map<String, Set<Role>> facts = new HashMap<>();

    private PoseFacts(Pose pose) {
        byFigure(pose);
        byWords(pose);
        if (pose.sideOf() != null) byName(pose.sideOf());
    }

    public static PoseFacts of(Pose pose) {
        return KEPT.of(new Key(pose));
    }

    /** Whether a claim cannot be true of a limb in this role, and would be of the other. */
    public boolean contradicts(LimbClaim claim, Role role) {
        boolean wrong = false;
        for (String state : claim.states()) {
            Set<Role> those = facts.get(key(claim.arm(), known(state)));
            // what is up may be lowered on the way out
            if (state.equals("lowered") && Set.of(role).equals(facts.get(key(claim.arm(), "up")))) continue;
            if (those == null || those.size() != 1) continue;
            if (those.contains(role)) return false;
            wrong = true;
        }
        return wrong;
    }

    /** Whether a claim is known to be true of a limb in this role and of no other. */
    public boolean confirms(LimbClaim claim, Role role) {
        return claim.states().stream()
                        .map(state -> facts.get(key(claim.arm(), known(state))))
                        .anyMatch(those -> those != null && those.equals(Set.of(role)))
                && !contradicts(claim, role);
    }

    /** What is lowered is down. */
    private static String known(String state) {
        return state.equals("lowered") ? "down" : state;
    }

    private static String key(boolean arm, String state) {
        return (arm ? "arm " : "leg ") + state;
    }

    private void put(boolean arm, String state, Role role) {
        facts.put(key(arm, state), EnumSet.of(role));
    }

    private void byName(SideOf sideOf) {
        switch (sideOf) {
            case FRONT_LEG -> {
                put(false, "forward", Role.LEAD);
                put(false, "back", Role.OTHER);
            }
            case STANDING_LEG -> {
                put(false, "standing", Role.LEAD);
                put(false, "up", Role.OTHER);
                put(false, "thigh", Role.OTHER);
                put(false, "top", Role.OTHER);
                put(false, "down", Role.LEAD);
            }
            case LIFTED_LEG -> {
                put(false, "up", Role.LEAD);
                put(false, "standing", Role.OTHER);
                facts.remove(key(false, "down"));
            }
            case STRAIGHT_LEG -> {
                put(false, "straight", Role.LEAD);
                put(false, "along", Role.LEAD);
                put(false, "bent", Role.OTHER);
            }
            case RAISED_KNEE -> {
                put(false, "up", Role.LEAD);
                put(false, "bent", Role.LEAD);
                put(false, "across", Role.LEAD);
                put(false, "in", Role.LEAD);
                put(false, "straight", Role.OTHER);
            }
            case FRONT_SHIN -> {
                put(false, "forward", Role.LEAD);
                put(false, "top", Role.LEAD);
                put(false, "back", Role.OTHER);
                // both are bent
                facts.remove(key(false, "bent"));
                facts.remove(key(false, "straight"));
            }
            case TOP_ARM -> {
                put(true, "top", Role.LEAD);
                put(true, "up", Role.LEAD);
                put(true, "under", Role.OTHER);
            }
            case SUPPORT_ARM -> {
                put(true, "down", Role.LEAD);
                put(true, "up", Role.OTHER);
            }
            default -> {
                // a direction names no limb
            }
        }
    }

    /** “{lead} hand to the shin, {other} arm up”. */
    private void byWords(Pose pose) {
        Map<String, Set<Role>> said = new HashMap<>();
        for (String text :
                List.of(pose.cues().enter().full(), pose.cues().align().full())) {
            for (LimbClaim claim : Sides.of(text).limbs()) {
                Role role = claim.side().equals("{lead}") ? Role.LEAD : Role.OTHER;
                for (String state : claim.states())
                    said.computeIfAbsent(key(claim.arm(), state), k -> EnumSet.noneOf(Role.class))
                            .add(role);
            }
        }
        facts.putAll(said);
    }

    private void byFigure(Pose pose) {
        Skeleton body = Poser.pose(pose.figure());
        boolean above = pose.figure().view() == Viewpoint.ABOVE;
        if (!above) {
            heights(true, body.at(Joint.WRIST).y() - body.at(Joint.WRIST2).y());
            heights(false, body.at(Joint.ANKLE).y() - body.at(Joint.ANKLE2).y());
        }
        double knees = bend(body, Part.LEG) - bend(body, Part.LEG2);
        if (Math.abs(knees) < ANGLE_APART) return;
        put(false, "bent", knees > 0 ? Role.LEAD : Role.OTHER);
        put(false, "straight", knees > 0 ? Role.OTHER : Role.LEAD);
    }

    private void heights(boolean arm, double difference) {
        if (Math.abs(difference) < HEIGHT_APART) return;
        put(arm, "up", difference > 0 ? Role.LEAD : Role.OTHER);
        put(arm, "down", difference > 0 ? Role.OTHER : Role.LEAD);
    }

    /** Degrees between the bones of a limb: 0 where it is straight. */
    private static double bend(Skeleton body, Part part) {
        var angles = body.limb(part).angles();
        double turned = Math.abs(angles.upper().degrees() - angles.lower().degrees()) % 360;
        return turned > 180 ? 360 - turned : turned;
    }
}
