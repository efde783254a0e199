/**
 * What every page needs: who is signed in, security, errors, forms, markup. Knows no feature.
 *
 * <p>Imports: none of ours.
 */
package gurukram.web.shared;
