/**
 * Teachers, their studio and settings: sign-in, account page, school, where checks begin to speak.
 *
 * <p>Imports: operations, outbox, shared.
 */
package gurukram.web.account;
