/**
 * A class as text, and notes read line by line.
 *
 * <p>Imports: drawing, plans, plans.edit, plans.field, plans.page, poses, shared.
 */
package gurukram.web.plans.text;
