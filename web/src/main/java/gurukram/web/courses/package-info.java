/**
 * Courses: weeks of classes for a group that lead somewhere. Read {@code CoursesController}, {@code Courses}, {@code CoursePage}; what grows and on which
 * days is the core's {@code course}.
 *
 * <p>Imports: account, drafts, drawing, groups, plans, poses, shared, sheets.
 */
package gurukram.web.courses;
