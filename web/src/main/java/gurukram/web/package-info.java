/**
 * The pages. Feature packages ({@code account}, {@code plans}, {@code teach}, {@code logbook}, {@code groups}) each with a
 * thin controller, a store with all SQL of one aggregate, and page records; {@code shared} for what they have in common.
 *
 * <p>May import the core; nothing imports this.
 */
package gurukram.web;
