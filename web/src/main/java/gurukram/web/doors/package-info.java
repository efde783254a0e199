/**
 * What stands between the outside and the pages: the proxy, which hosts are known, how long a body may take, who may see what.
 *
 * <p>Imports: engine, shared.
 */
package gurukram.web.doors;
