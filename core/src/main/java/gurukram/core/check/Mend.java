package gurukram.core.check;

import gurukram.core.plan.edit.PlanEdit;

/**
 * A change that takes a finding away.
 *
 * @param label what it does, as an order: {@code Do 8 rounds instead of 7}
 */
public record Mend(String label, PlanEdit edit) {}
