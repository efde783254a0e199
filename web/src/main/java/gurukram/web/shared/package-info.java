/**
 * What the features share: the core as beans, security, the frame of a page, error pages.
 *
 * <p>Imports no feature.
 */
package gurukram.web.shared;
