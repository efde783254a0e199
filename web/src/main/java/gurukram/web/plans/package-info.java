/**
 * Classes: today's list, the class page, and every edit made on it.
 *
 * <p>Reading order: {@code ClassController}, {@code ClassEditor}, {@code ClassStore}, {@code ClassPage}. Imports shared and groups.
 */
package gurukram.web.plans;
