/**
 * Every value that can be changed where it stands, declared once: how it is called, shown, read, written and refused. Read
 * {@code Declared}, {@code FlowFields}, {@code FieldEdit}.
 *
 * <p>Imports: plans, plans.edit, shared.
 */
package gurukram.web.plans.field;
