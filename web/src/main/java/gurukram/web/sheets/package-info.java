/**
 * Sheets of paper as PDF: the mat card, the running sheet, home practice, tonight's list, the twelve positions, a ladder. Read
 * {@code SheetsController}, {@code Sheet}, {@code Pdf}.
 *
 * <p>Imports: account, groups, plans, plans.findings, plans.paper, poses, shared, teach.
 */
package gurukram.web.sheets;
