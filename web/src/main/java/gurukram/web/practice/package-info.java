/**
 * Practice for the teacher: a few questions a day, and how well each is known.
 *
 * <p>Imports: account, drawing, plans, poses, shared.
 */
package gurukram.web.practice;
