/**
 * The core's engines, made once and read beside everything else that a start does.
 *
 * <p>Imports: none of ours.
 */
package gurukram.web.engine;
