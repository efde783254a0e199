/**
 * Planned against real ({@code LogbookController}), and what follows from it for the teacher's own pace ({@code PaceController}).
 *
 * <p>Imports: account, plans, poses, shared, teach.
 */
package gurukram.web.logbook;
