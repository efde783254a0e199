/**
 * The first page: what comes this week, the teacher's classes, a new class.
 *
 * <p>Imports: account, calendar, courses, drawing, groups, plans, plans.field, poses, practice, shared.
 */
package gurukram.web.today;
