/**
 * From a brief to drafts and from a draft to a class; rungs of groups. Read {@code DraftsController}, {@code Drafts},
 * {@code DraftPage}.
 *
 * <p>Imports: account, drawing, groups, logbook, plans, poses, shared.
 */
package gurukram.web.drafts;
