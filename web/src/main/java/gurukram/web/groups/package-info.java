/**
 * Weekly groups with counts of needs and the rungs they stand on, and rooms with their props.
 *
 * <p>Imports: account, poses, shared.
 */
package gurukram.web.groups;
