/**
 * Mail on its way out: written down with what it belongs to, handed over afterwards, by one copy of the app. Read {@code OutboxStore}, {@code
 * Delivery}.
 *
 * <p>Imports: shared.
 */
package gurukram.web.outbox;
