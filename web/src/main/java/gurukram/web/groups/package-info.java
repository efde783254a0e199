/** The teacher's weekly groups: when they meet and for how long. Imports shared. */
package gurukram.web.groups;
