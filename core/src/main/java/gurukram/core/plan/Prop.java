package gurukram.core.plan;

import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import java.util.Locale;
import java.util.regex.Pattern;

/** A prop a step needs, so many for each person: {@code 2 blocks}. The name is kept in the singular, lower case. */
public record Prop(int number, String name) {
    public static final Limit NUMBER = new Limit("Props a person", 1, 20);

    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}\\p{M} '’-]*");

    public Prop {
        NUMBER.check(number);
        name = Plain.line(name, "A prop", 40).toLowerCase(Locale.ROOT);
        if (!NAME.matcher(name).matches()) {
            throw new Refused("“" + name + "” is no prop; write it as in “2 blocks” or “1 strap”.");
        }
    }

    @Override
    public String toString() {
        return Words.count(number, name);
    }
}
