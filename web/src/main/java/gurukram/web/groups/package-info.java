/**
 * Weekly groups with counts of needs, and rooms with their props.
 *
 * <p>Imports: shared.
 */
package gurukram.web.groups;
