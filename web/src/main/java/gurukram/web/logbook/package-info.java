/**
 * Planned against real. Read {@code LogbookController}, {@code LogbookPage}.
 *
 * <p>Imports: account, plans, shared, teach.
 */
package gurukram.web.logbook;
