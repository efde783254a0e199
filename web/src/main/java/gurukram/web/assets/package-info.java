/**
 * Scripts and styles as pages load them, under addresses that change with what is in them. Read {@code Assets},
 * {@code ModuleBundle}.
 *
 * <p>Imports: shared.
 */
package gurukram.web.assets;
