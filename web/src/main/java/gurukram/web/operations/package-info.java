/**
 * What whoever runs the app asks it: whether it lives, whether it can answer, and how it does.
 *
 * <p>Imports: shared.
 */
package gurukram.web.operations;
