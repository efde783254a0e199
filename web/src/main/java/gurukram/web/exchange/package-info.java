/**
 * Classes that come from elsewhere and go elsewhere: the HTTP interface with its tokens, and files.
 *
 * <p>May use {@code plans}, {@code account} and {@code shared}; none of them knows it.
 */
package gurukram.web.exchange;
