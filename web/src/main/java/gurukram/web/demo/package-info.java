/** The made-up studio to try the app with. Imports every feature; nothing imports it. */
package gurukram.web.demo;
