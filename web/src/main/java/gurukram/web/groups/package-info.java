/** The teacher's weekly groups and the rooms they meet in: when, how many, what they need, as counts. Imports shared. */
package gurukram.web.groups;
