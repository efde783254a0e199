package gurukram.core.compose;

import gurukram.core.group.Group;
import gurukram.core.plan.Item;
import gurukram.core.plan.School;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Style;
import gurukram.core.plan.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.Side;
import gurukram.core.text.Limit;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a teacher asks for when a class is to be drafted. Everything but the length, the style and the level may be left open.
 *
 * @param peak id of the pose to lead to; null leaves it to the theme
 * @param theme its words, {@code focus} what they come to in poses
 * @param minutes the slot
 * @param group whom it is for, with their needs and their room; null for nobody in particular
 * @param begins the side the class begins with
 * @param supervised whether a teacher watches first tries off the floor, at most four mats at a time
 * @param reached the rung the group stands on, by ladder
 * @param wanted poses that must be in, {@code unwanted} that must not, by id
 * @param taught what was taught lately; {@code build} goes on with the last of it where it can, else it is varied
 * @param kept parts that stay as they are, by the role of the section they stand in
 */
public record Brief(
        String peak,
        Theme theme,
        Focus focus,
        int minutes,
        Style style,
        Level level,
        boolean mixed,
        Group group,
        School school,
        Side begins,
        Flavour flavour,
        boolean supervised,
        Map<String, Integer> reached,
        Set<String> wanted,
        Set<String> unwanted,
        List<Taught> taught,
        boolean build,
        Set<Wish> wishes,
        List<Kept> kept) {
    public static final Limit MINUTES = new Limit("Minutes", 20, 120);

    /** A part of a class before that stays. */
    public record Kept(SectionRole role, Item item) {}

    public Brief {
        MINUTES.check(minutes);
        theme = theme == null ? Theme.NONE : theme;
        focus = focus == null ? Focus.NONE : focus;
        school = school == null ? School.UNSET : school;
        begins = begins == null ? Side.RIGHT : begins;
        flavour = flavour == null ? Flavour.STEADY : flavour;
        reached = reached == null ? Map.of() : Map.copyOf(reached);
        wanted = wanted == null ? Set.of() : Set.copyOf(wanted);
        unwanted = unwanted == null ? Set.of() : Set.copyOf(unwanted);
        taught = taught == null ? List.of() : List.copyOf(taught);
        wishes = wishes == null ? Set.of() : Set.copyOf(wishes);
        kept = kept == null ? List.of() : List.copyOf(kept);
    }

    /** A class that leads to a pose, for nobody in particular. */
    public static Brief to(String peak, int minutes, Style style, Level level) {
        return new Brief(
                peak, null, null, minutes, style, level, false, null, null, null, null, false, null, null, null, null,
                false, null, null);
    }

    public Brief with(Group other) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                other,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief with(School other) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                other,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief with(Side first) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                first,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief with(Theme other, Focus found) {
        return new Brief(
                peak,
                other,
                found,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief with(Flavour other) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                other,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief withMinutes(int other) {
        return new Brief(
                peak,
                theme,
                focus,
                other,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief withMixed(boolean yes) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                yes,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief withSupervised(boolean yes) {
        return new Brief(
                peak, theme, focus, minutes, style, level, mixed, group, school, begins, flavour, yes, reached, wanted,
                unwanted, taught, build, wishes, kept);
    }

    public Brief withReached(Map<String, Integer> others) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                others,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief withPoses(Set<String> in, Set<String> out) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                in,
                out,
                taught,
                build,
                wishes,
                kept);
    }

    public Brief withTaught(List<Taught> lately, boolean goOn) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                lately,
                goOn,
                wishes,
                kept);
    }

    public Brief with(Set<Wish> others) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                others,
                kept);
    }

    public Brief withKept(List<Kept> others) {
        return new Brief(
                peak,
                theme,
                focus,
                minutes,
                style,
                level,
                mixed,
                group,
                school,
                begins,
                flavour,
                supervised,
                reached,
                wanted,
                unwanted,
                taught,
                build,
                wishes,
                others);
    }
}
