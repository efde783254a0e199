/**
 * What must hold across the catalogue: one file a rule, run by the build and at the start. Read {@code CatalogueRules}, then any.
 *
 * <p>Imports: body, caution, dose, figure, pose, text.
 */
@NullMarked
package gurukram.core.catalogue.rules;

import org.jspecify.annotations.NullMarked;
