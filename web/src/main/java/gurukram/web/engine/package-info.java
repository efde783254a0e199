/**
 * The core's engines, made once and read beside everything else that a start does; and who goes first where they have much to do.
 *
 * <p>Imports: none of ours.
 */
package gurukram.web.engine;
