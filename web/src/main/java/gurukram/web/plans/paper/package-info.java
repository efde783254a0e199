/**
 * A class read from beginning to end: print, running order, report, dry run. Read {@code PaperController}.
 *
 * <p>Imports: plans, plans.findings, plans.spine, poses, shared.
 */
package gurukram.web.plans.paper;
