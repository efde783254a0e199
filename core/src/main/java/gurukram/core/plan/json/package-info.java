/**
 * Plans and edits as JSON documents, and how older documents are read.
 *
 * <p>Imports: plan, plan.edit, plan.manner, plan.settings, pose.
 */
@NullMarked
package gurukram.core.plan.json;

import org.jspecify.annotations.NullMarked;
