/**
 * In the room: a class's score frozen as a script, played by the page, and what really happened stored as it comes in.
 *
 * <p>Imports shared and plans.
 */
package gurukram.web.teach;
