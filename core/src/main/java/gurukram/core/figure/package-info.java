/**
 * Drawn figures as geometry: a skeleton with fixed bones, posed by angles and by where hands and feet are put.
 *
 * <p>Lengths are in figure units, 100 to the height of a body; x grows to the reader's right, y upwards from the floor;
 * angles in degrees, 0 to the reader's right, 90 up. Every figure is posed for the right side as lead.
 *
 * <p>Imports: none of ours.
 */
@NullMarked
package gurukram.core.figure;

import org.jspecify.annotations.NullMarked;
