package gurukram.core.caution;

import gurukram.core.pose.Caution.Severity;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * For a need and a mechanism, in some poses: how severe, what is said, and where the replacement is looked for.
 *
 * @param where the poses it holds in; all conditions must hold
 * @param kind of replacement; empty for none
 */
record Rule(
        Need need, Mechanism mechanism, Severity severity, String sentence, List<Predicate<Pose>> where, String kind) {
    private static final Pattern NAMED = Pattern.compile("(-?)(id|base):(.*)");

    static Rule of(Table.Row row) {
        return new Rule(
                Need.parse(row.cell(0)),
                Mechanism.parse(row.cell(1)),
                Severity.valueOf(row.cell(2).toUpperCase(Locale.ROOT)),
                row.cell(3),
                conditions(row.cell(4)),
                row.cell(5));
    }

    boolean holds(Pose pose) {
        return where.stream().allMatch(condition -> condition.test(pose));
    }

    /** {@code base:standing,lunge +arms-up -id:tree}: names go on behind a comma or a space until the next condition. */
    private static List<Predicate<Pose>> conditions(String written) {
        List<Predicate<Pose>> conditions = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (String word :
                Stream.of(written.split("[ ,]+")).filter(w -> !w.isEmpty()).toList()) {
            Matcher named = NAMED.matcher(word);
            if (named.matches()) {
                names = new ArrayList<>(List.of(named.group(3)));
                conditions.add(
                        named(names, named.group(2).equals("id"), named.group(1).isEmpty()));
            } else if (word.startsWith("+") || word.startsWith("-")) {
                Mechanism asked = Mechanism.parse(word.substring(1));
                boolean wanted = word.startsWith("+");
                conditions.add(pose -> pose.facts().has(asked) == wanted);
            } else {
                names.add(word);
            }
        }
        return conditions;
    }

    private static Predicate<Pose> named(List<String> names, boolean ids, boolean wanted) {
        if (ids) return pose -> names.contains(pose.id()) == wanted;
        return pose -> names.contains(pose.base().word()) == wanted;
    }
}
