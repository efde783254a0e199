/**
 * What a class was, how that differs, and back to it.
 *
 * <p>Imports: account, plans, poses, shared.
 */
package gurukram.web.plans.history;
