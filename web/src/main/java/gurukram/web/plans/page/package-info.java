/**
 * The class page: every edit comes here and is answered with what changes on the page. Read {@code ClassController},
 * {@code EditAnswers}, {@code ClassPageBuilder}.
 *
 * <p>Imports: drawing, plans, plans.edit, plans.field, plans.findings, plans.panel, plans.spine, poses, shared.
 */
package gurukram.web.plans.page;
