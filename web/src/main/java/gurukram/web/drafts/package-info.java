/** From a brief to drafts, and from a draft to a class; the rungs of groups. Imports plans, groups, poses, account, shared. */
package gurukram.web.drafts;
