/**
 * The fit dialogue, and how many rounds fill a time.
 *
 * <p>Imports: plans, plans.page, poses, shared.
 */
package gurukram.web.plans.fit;
