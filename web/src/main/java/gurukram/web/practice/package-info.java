/**
 * Practice for the teacher: a few questions a day and how well each is known, sequences to recite, classes with
 * slips in them.
 *
 * <p>Imports: account, drawing, plans, plans.findings, poses, shared.
 */
package gurukram.web.practice;
