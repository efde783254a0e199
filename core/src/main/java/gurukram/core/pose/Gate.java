package gurukram.core.pose;

/**
 * The rung that has to be reached before a pose is planned.
 *
 * @param ladder its id
 * @param rung counted from 1
 */
public record Gate(String ladder, int rung) {}
