/**
 * What a teacher trainer would say about a class: one file a rule, found and not listed ({@code Check}). Read {@code Checks}, then
 * any rule.
 *
 * <p>Imports: body, caution, cue, dose, fit, group, plan, plan.edit, plan.settings, pose, said, score, text, time.
 */
@NullMarked
package gurukram.core.check;

import org.jspecify.annotations.NullMarked;
