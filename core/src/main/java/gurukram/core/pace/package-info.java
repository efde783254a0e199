/**
 * A teacher's own pace, learnt from her logs. Read {@code Observed}, then {@code Learner}.
 *
 * <p>Imports: body, plan.settings, pose, score.
 */
@NullMarked
package gurukram.core.pace;

import org.jspecify.annotations.NullMarked;
