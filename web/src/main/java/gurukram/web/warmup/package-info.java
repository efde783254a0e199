/**
 * Practice before the first visitor comes.
 *
 * <p>Imports: account, plans, poses, shared.
 */
package gurukram.web.warmup;
