package gurukram.core.body;

import java.util.Locale;

/** The part of the body a one-sided pose is named by: a moment's side is the side of this part. */
public enum SideOf {
    FRONT_LEG,
    STANDING_LEG,
    LIFTED_LEG,
    STRAIGHT_LEG,
    RAISED_KNEE,
    FRONT_SHIN,
    TOP_ARM,
    TWIST_TO,
    BEND_TO,
    /** where bent knees sink to, whichever way the chest turns */
    KNEES_TO,
    /** the arm the body leans on */
    SUPPORT_ARM,
    /** the side one lies on */
    SIDE_BELOW;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
