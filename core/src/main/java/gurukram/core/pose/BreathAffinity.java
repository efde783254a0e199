package gurukram.core.pose;

/** The half-breath a pose is entered on: opening on the inhale, folding on the exhale, or either. */
public enum BreathAffinity {
    IN,
    OUT,
    EITHER
}
