/**
 * Planned against real ({@code LogbookController}), what weeks had in them ({@code WeeksController}), and what follows from it for
 * the teacher's own pace ({@code PaceController}).
 *
 * <p>Imports: account, groups, plans, poses, shared, teach.
 */
package gurukram.web.logbook;
