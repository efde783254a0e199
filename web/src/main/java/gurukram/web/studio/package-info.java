/**
 * A studio of several teachers: members and invitations, classes shared in it, and remarks on them. Read {@code Houses}: everything asks it
 * first.
 *
 * <p>Imports: account, groups, outbox, plans, poses, shared, sheets.
 */
package gurukram.web.studio;
