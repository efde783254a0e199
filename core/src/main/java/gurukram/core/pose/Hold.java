package gurukram.core.pose;

/** Whether a pose is held by muscle work or by letting go; a breath lasts longer in the second. */
public enum Hold {
    ACTIVE,
    PASSIVE
}
