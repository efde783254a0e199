package gurukram.core.body;

/**
 * How much of an action a pose demands, and at what strength it prepares it.
 *
 * @param demands 1 (a little) to 3 (all there is)
 * @param prepares 0 (not at all) to {@code demands}
 */
public record ActionUse(Action action, int demands, int prepares) {}
