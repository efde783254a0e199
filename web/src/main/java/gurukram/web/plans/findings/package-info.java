/**
 * What the checks say of a stored class, and how the pages tell it.
 *
 * <p>Imports: account, groups, plans, poses, shared.
 */
package gurukram.web.plans.findings;
