/**
 * Planned against real. Read {@code LogbookController}, {@code LogbookPage}.
 *
 * <p>Imports: plans, shared, teach.
 */
package gurukram.web.logbook;
