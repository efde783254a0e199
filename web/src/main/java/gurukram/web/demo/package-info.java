/**
 * The made-up studio the Ropewalk, loaded once where it is asked for.
 *
 * <p>Imports: account, courses, groups, logbook, plans, shared, teach.
 */
package gurukram.web.demo;
