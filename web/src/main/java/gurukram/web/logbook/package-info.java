/** What was taught: planned against real. Imports shared and teach. */
package gurukram.web.logbook;
