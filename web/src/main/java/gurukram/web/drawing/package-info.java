/**
 * Everything drawn: figures, felt maps, the spine's bars, the class at a glance. One pen, one set of inks.
 *
 * <p>Imports: none of ours.
 */
package gurukram.web.drawing;
