/**
 * The catalogue's files: how they are read, and how a teacher's own pose is. Read {@code CatalogueReader}, {@code PoseReader},
 * {@code OwnPose}.
 *
 * <p>Imports: body, catalogue.rules, caution, dose, figure, pose, text.
 */
@NullMarked
package gurukram.core.catalogue;

import org.jspecify.annotations.NullMarked;
