/**
 * The teacher's weeks and months: weekly groups, lessons of courses, single classes and substitutions on their dates, what lacks a class and what cannot be;
 * files and links for other calendars; how many mats are booked. Read {@code CalendarController}, {@code Agenda}, {@code Entry}.
 *
 * <p>Imports: account, courses, groups, plans, shared.
 */
package gurukram.web.calendar;
