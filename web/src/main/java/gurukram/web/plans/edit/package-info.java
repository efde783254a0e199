/**
 * What is asked for on the class page, as edits of a plan: typed lines, moves, pastes, mends, marks.
 *
 * <p>Imports: plans, shared.
 */
package gurukram.web.plans.edit;
