/**
 * The rows of the class page. Read {@code Rows}, {@code StepRows}, {@code RowMarkup}.
 *
 * <p>Imports: drawing, plans, plans.field, plans.findings, shared.
 */
package gurukram.web.plans.spine;
