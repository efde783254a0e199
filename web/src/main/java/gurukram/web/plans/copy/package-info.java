/**
 * Copies of a class: again, shorter or longer, for another level.
 *
 * <p>Imports: plans, plans.field, poses, shared.
 */
package gurukram.web.plans.copy;
