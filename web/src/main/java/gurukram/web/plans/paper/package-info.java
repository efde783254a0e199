/**
 * A class read from beginning to end: print, running order, report, dry run, counts, for tonight. Read {@code PaperController}.
 *
 * <p>Imports: groups, plans, plans.findings, plans.spine, poses, shared.
 */
package gurukram.web.plans.paper;
