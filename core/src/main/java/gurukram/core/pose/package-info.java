/**
 * The poses: what the catalogue knows of each, how it is read and validated, and how a typed name finds them.
 *
 * <p>May import time, text and dose.
 */
package gurukram.core.pose;
