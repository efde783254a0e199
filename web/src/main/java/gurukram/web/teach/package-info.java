/**
 * The room: the script a page runs from ({@code ScriptWriter}), how a class goes on that leaves it ({@code RoomChanges}), how the log
 * comes home ({@code RoomLog}), where a class stands right now ({@code LiveController}), and rehearsals.
 *
 * <p>Imports: account, drawing, groups, plans, plans.findings, poses, shared.
 */
package gurukram.web.teach;
