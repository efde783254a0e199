/**
 * Words as people type them: folding of case, diacritics and plurals, nearest known words, problems with their place.
 *
 * <p>Imports nothing of ours; everything may import it.
 */
package gurukram.core.text;
