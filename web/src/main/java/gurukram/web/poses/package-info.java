/** Poses to look at: the browser, each pose's page, the ladders, the drawn figures, and a teacher's own poses. */
package gurukram.web.poses;
