/**
 * The pages of the catalogue, ladders, and a teacher's own poses and words. Read {@code Poses}, {@code PosesController}.
 *
 * <p>Imports: account, drawing, shared.
 */
package gurukram.web.poses;
