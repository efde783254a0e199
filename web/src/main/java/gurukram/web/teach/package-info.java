/**
 * The room: the script a page runs from, and how the log comes home. Read {@code RoomController}, {@code ScriptWriter}.
 *
 * <p>Imports: account, drawing, groups, plans, plans.findings, shared.
 */
package gurukram.web.teach;
