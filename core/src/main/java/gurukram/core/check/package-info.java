/**
 * What a teacher trainer would say about a class: one file a rule, found and not listed ({@link gurukram.core.check.Check}).
 * Start at {@code Checks}, then read any rule. May import everything below it and {@code fit}; nothing in the core imports it
 * but {@code compose}.
 */
package gurukram.core.check;
