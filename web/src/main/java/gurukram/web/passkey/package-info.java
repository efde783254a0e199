/**
 * Signing in with a passkey: a key on a device takes the place of password and second factor.
 *
 * <p>Imports: account, shared.
 */
package gurukram.web.passkey;
