/**
 * The first page: the teacher's classes, the week's groups, a new class.
 *
 * <p>Imports: account, calendar, drawing, groups, plans, plans.field, poses, shared.
 */
package gurukram.web.plans.today;
