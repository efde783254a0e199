/**
 * The teacher's weeks and months: weekly groups, lessons of courses, single classes and substitutions on their dates, what lacks a class and what cannot be;
 * who of a studio stands in; files and links for other calendars; how many mats are booked. Read {@code CalendarController}, {@code Agenda}, {@code Entry}.
 *
 * <p>Imports: account, courses, groups, outbox, plans, shared, studio.
 */
package gurukram.web.calendar;
