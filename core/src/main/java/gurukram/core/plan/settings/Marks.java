package gurukram.core.plan.settings;

import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What fitting and checks may do with a part of the class.
 *
 * @param locked nothing but the teacher's own hand changes it
 * @param optional may be left out when time runs short
 * @param priority 1 is kept longest, 9 goes first; null is no opinion
 * @param mutes findings the teacher does not want to see here, each with why
 */
public record Marks(
        boolean locked, boolean optional, @Nullable Integer priority, List<Mute> mutes) {
    public static final Limit PRIORITY = new Limit("Priority", 1, 9);
    public static final int MOST_MUTES = 30;
    public static final Marks NONE = new Marks(false, false, null, List.of());

    /** @param rule the short name of a check, lower case with hyphens */
    public record Mute(String rule, String why) {
        private static final Pattern RULE = Pattern.compile("[a-z][a-z0-9-]{0,39}");

        public Mute {
            rule = rule == null ? "" : rule.strip();
            if (!RULE.matcher(rule).matches()) throw new Refused("“" + rule + "” is no short name of a check.");
            why = Plain.line(why, "A reason", Texts.MOST_LINE_LETTERS);
        }
    }

    public Marks {
        if (priority != null) PRIORITY.check(priority);
        mutes = mutes == null ? List.of() : List.copyOf(mutes);
        if (mutes.size() > MOST_MUTES) throw new Refused("At most " + MOST_MUTES + " checks can be muted here.");
    }

    public Marks lock(boolean yes) {
        return new Marks(yes, optional, priority, mutes);
    }

    public Marks makeOptional(boolean yes) {
        return new Marks(locked, yes, priority, mutes);
    }

    public Marks withPriority(Integer other) {
        return new Marks(locked, optional, other, mutes);
    }

    public Marks and(Mute mute) {
        List<Mute> more = new ArrayList<>(mutes);
        more.add(mute);
        return new Marks(locked, optional, priority, more);
    }
}
