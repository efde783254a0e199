/**
 * A class written down afterwards in one line. Read {@code HandLine}.
 *
 * <p>Imports: body.
 */
@NullMarked
package gurukram.core.logline;

import org.jspecify.annotations.NullMarked;
