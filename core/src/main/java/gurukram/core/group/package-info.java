/**
 * The people a class is for, as counts and never as names, and the room they come to. May import pose, dose and the basics.
 */
package gurukram.core.group;
