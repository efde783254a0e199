/**
 * Words as people type them: folding of case, diacritics and plurals, nearest known words, problems with their place.
 *
 * <p>Imports: none of ours.
 */
@NullMarked
package gurukram.core.text;

import org.jspecify.annotations.NullMarked;
