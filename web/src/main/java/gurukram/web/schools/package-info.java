/**
 * Schools side by side, and a class that goes over to another.
 *
 * <p>Imports: drawing, plans, plans.findings, poses, shared.
 */
package gurukram.web.schools;
