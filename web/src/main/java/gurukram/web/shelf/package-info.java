/**
 * What belongs to a studio of several teachers: put on its shelf, taken from it, the rules it goes by.
 *
 * <p>Imports: account, groups, poses, shared, studio, takeaway.
 */
package gurukram.web.shelf;
