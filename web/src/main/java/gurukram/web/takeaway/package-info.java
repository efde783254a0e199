/**
 * Everything a teacher has, in one file and back, and the end of an account. Read {@code TakeawayController}, {@code Kind},
 * {@code Bringing}.
 *
 * <p>Imports: account, courses, groups, plans, poses, practice, shared, studio, teach.
 */
package gurukram.web.takeaway;
