/**
 * Classes as they are kept, and the one way to change them. Read {@code ClassEditor}, {@code EditRequest}, {@code ClassStore}. Its
 * sub-packages import one another in one direction: edit, field, findings, spine, panel, page.
 *
 * <p>Imports: account, engine, poses, shared.
 */
package gurukram.web.plans;
