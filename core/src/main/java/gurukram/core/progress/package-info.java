/** How far a group has come on a ladder, read off its logged tries. May use poses; the composer and pages use it. */
package gurukram.core.progress;
