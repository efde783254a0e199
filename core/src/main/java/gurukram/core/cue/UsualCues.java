package gurukram.core.cue;

import gurukram.core.body.SideOf;
import gurukram.core.pose.Pose;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** What is said for a pose that has no words of its own: its name, and the part that names its side. */
final class UsualCues {
    private static final Map<SideOf, String> LONG = new EnumMap<>(Map.of(
            SideOf.FRONT_LEG, "{lead} leg in front",
            SideOf.STANDING_LEG, "standing on the {lead} leg",
            SideOf.LIFTED_LEG, "{lead} leg lifted",
            SideOf.STRAIGHT_LEG, "{lead} leg straight, {knees}",
            SideOf.RAISED_KNEE, "{lead} knee raised",
            SideOf.FRONT_SHIN, "{lead} shin in front",
            SideOf.TOP_ARM, "{lead} arm on top",
            SideOf.TWIST_TO, "turning to the {lead}",
            SideOf.BEND_TO, "bending to the {lead}"));
    private static final Map<SideOf, String> SHORT = new EnumMap<>(Map.of(
            SideOf.FRONT_LEG, "{lead} front leg",
            SideOf.STANDING_LEG, "{lead} standing leg",
            SideOf.LIFTED_LEG, "{lead} leg up",
            SideOf.STRAIGHT_LEG, "{lead} leg straight",
            SideOf.RAISED_KNEE, "{lead} knee",
            SideOf.FRONT_SHIN, "{lead} shin",
            SideOf.TOP_ARM, "{lead} arm",
            SideOf.TWIST_TO, "turn {lead}",
            SideOf.BEND_TO, "bend {lead}"));

    static {
        both(SideOf.KNEES_TO, "knees sinking to the {lead}", "knees {lead}");
        both(SideOf.SUPPORT_ARM, "leaning on the {lead} arm", "{lead} arm");
        both(SideOf.SIDE_BELOW, "lying on the {lead} side", "{lead} side");
    }

    private static void both(SideOf part, String whole, String brief) {
        LONG.put(part, whole);
        SHORT.put(part, brief);
    }

    private static final Map<String, CueTemplate> TEMPLATES = new ConcurrentHashMap<>();

    private UsualCues() {}

    static CueTemplate of(Pose pose, boolean sided, boolean whole) {
        String name = whole ? "{you may come to / come to} {name}" : "{name}";
        if (!sided || pose.sideOf() == null) return template(name);
        return template(name + ", " + (whole ? LONG : SHORT).get(pose.sideOf()));
    }

    /** There are as many as the two tables have words, so each is looked over once. */
    private static CueTemplate template(String text) {
        return TEMPLATES.computeIfAbsent(text, CueTemplate::new);
    }
}
