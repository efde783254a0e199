/**
 * The room: the script a page runs from, and how the log comes home. Read {@code RoomController}, {@code ScriptWriter}.
 *
 * <p>Imports: account, plans, poses, shared.
 */
package gurukram.web.teach;
