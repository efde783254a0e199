/**
 * What stands beside the spine about the part that is marked. Read {@code Panels}.
 *
 * <p>Imports: drawing, groups, plans, plans.field, plans.findings, plans.spine, poses, shared.
 */
package gurukram.web.plans.panel;
