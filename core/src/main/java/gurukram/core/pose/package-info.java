/**
 * The poses: what is known of each, the ladders to peaks, and how a typed name finds them. Read {@code Pose},
 * {@code PoseCatalogue}.
 *
 * <p>Imports: body, dose, figure, text, time.
 */
@NullMarked
package gurukram.core.pose;

import org.jspecify.annotations.NullMarked;
