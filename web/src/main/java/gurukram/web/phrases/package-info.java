/**
 * The pages of the phrase book. Read {@code PhrasesController}.
 *
 * <p>Imports: drawing, plans, plans.edit, poses, shared.
 */
package gurukram.web.phrases;
