package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.body.Side;
import gurukram.core.pose.Level;
import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a class is for, before its first pose.
 *
 * @param title never empty
 * @param slotMinutes the time there is
 * @param level the level the class is for
 * @param mixed whether it is a mixed room: one clock, the base line's, with every level's line beside it
 * @param starts clock time, {@code 18:30}; empty when it does not matter
 * @param peak id of the pose it leads to; null when there is none
 * @param begins the side this class begins with, for flows that change it from class to class
 * @param school where this class differs from the teacher's school
 * @param note for the teacher
 * @param mutes checks the teacher does not want for this class, each with why
 * @param propsReady whether props lie at every mat, or people were told at the start, so that fetching one is quick
 */
public record ClassSettings(
        String title,
        Theme theme,
        int slotMinutes,
        Style style,
        Level level,
        boolean mixed,
        String starts,
        @Nullable String peak,
        Side begins,
        School school,
        String note,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Marks.Mute> mutes,
        boolean propsReady) {
    public static final Limit SLOT = new Limit("Minutes", 5, 240);
    public static final int MOST_LETTERS = 120;
    private static final Pattern CLOCK = Pattern.compile("(?:[01]\\d|2[0-3]):[0-5]\\d");

    public ClassSettings {
        title = Plain.line(title, "A title", MOST_LETTERS);
        theme = theme == null ? Theme.NONE : theme;
        if (title.isEmpty()) throw new Refused("A class needs a title.");
        SLOT.check(slotMinutes);
        style = style == null ? Style.VINYASA : style;
        level = level == null ? Level.BEGINNER : level;
        starts = starts == null ? "" : starts.strip();
        if (!starts.isEmpty() && !CLOCK.matcher(starts).matches()) {
            throw new Refused("A class starts at a time such as 18:30; “" + starts + "” is none.");
        }
        begins = begins == null ? Side.RIGHT : begins;
        school = school == null ? School.UNSET : school;
        note = Plain.lines(note, "A note", Texts.MOST_NOTE_LETTERS);
        mutes = mutes == null ? List.of() : List.copyOf(mutes);
        if (mutes.size() > Marks.MOST_MUTES) {
            throw new Refused("At most " + Marks.MOST_MUTES + " checks can be muted for a class.");
        }
    }

    /** The settings every class has. */
    public static ClassSettings of(String title, int slotMinutes, Style style, Level level) {
        return new ClassSettings(
                title,
                Theme.NONE,
                slotMinutes,
                style,
                level,
                false,
                "",
                null,
                Side.RIGHT,
                School.UNSET,
                "",
                List.of(),
                false);
    }

    public ClassSettings withTitle(String other) {
        return new ClassSettings(
                other, theme, slotMinutes, style, level, mixed, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings with(Theme other) {
        return new ClassSettings(
                title, other, slotMinutes, style, level, mixed, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings withSlotMinutes(int minutes) {
        return new ClassSettings(
                title, theme, minutes, style, level, mixed, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings with(Style other) {
        return new ClassSettings(
                title, theme, slotMinutes, other, level, mixed, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings with(Level other) {
        return new ClassSettings(
                title, theme, slotMinutes, style, other, mixed, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings withMixed(boolean yes) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, yes, starts, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings withStarts(String clock) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, clock, peak, begins, school, note, mutes, propsReady);
    }

    public ClassSettings withPeak(@Nullable String pose) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, pose, begins, school, note, mutes, propsReady);
    }

    public ClassSettings withBegins(Side side) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, peak, side, school, note, mutes, propsReady);
    }

    public ClassSettings with(School other) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, peak, begins, other, note, mutes, propsReady);
    }

    public ClassSettings withNote(String other) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, peak, begins, school, other, mutes, propsReady);
    }

    public ClassSettings withMutes(List<Marks.Mute> others) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, peak, begins, school, note, others, propsReady);
    }

    public ClassSettings withPropsReady(boolean yes) {
        return new ClassSettings(
                title, theme, slotMinutes, style, level, mixed, starts, peak, begins, school, note, mutes, yes);
    }
}
