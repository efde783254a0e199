package gurukram.core.cue;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.text.CuePlaces;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;

/**
 * A cue that cannot name the wrong side: it has no word for a side of its own, only places for one.
 *
 * <p>{@code {lead}} is the side the pose is named by, {@code {other}} its opposite, {@code {twist}} where it turns to;
 * {@code {name}} the pose, {@code {knees}} how straight legs are cued; {@code {you may step / step}} the invitational and
 * the instructive wording.
 */
public record CueTemplate(String text) {
    private static final Map<School.Knees, String> KNEES = Map.of(
            School.Knees.SOFT, "knees soft",
            School.Knees.STRAIGHT, "legs straight",
            School.Knees.LOCKED, "knees locked");

    /** {@link gurukram.core.text.Refused} when it names a side by itself or has a place nobody knows. */
    public CueTemplate {
        CuePlaces.check(text);
    }

    /** Whether it speaks of a side, so that it only fits poses that have one. */
    public boolean isSided() {
        return CuePlaces.isSided(text);
    }

    /** The words for one side; {@link IllegalArgumentException} when a side is asked for and there is none. */
    public String words(Pose pose, @Nullable Side side, @Nullable Side twist, School school) {
        return CuePlaces.in(text)
                .replaceAll(m -> Matcher.quoteReplacement(word(m.group(1), pose, side, twist, school)));
    }

    /** The words where others come before: they have invited already, so these need not. */
    String after(Pose pose, Moment moment, School school) {
        String instructive = CuePlaces.in(text).replaceAll(m -> {
            String[] voices = m.group(1).split("/");
            return Matcher.quoteReplacement(voices.length == 2 ? voices[1].strip() : m.group());
        });
        Side side = moment.side();
        if (side == null && isSided()) return pose.cues().align().brief().toLowerCase(Locale.ROOT);
        String words = new CueTemplate(instructive).words(pose, side, moment.twistSide(), school);
        return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    private static String word(String place, Pose pose, @Nullable Side side, @Nullable Side twist, School school) {
        return switch (place) {
            case "lead" -> needed(side).word();
            case "other" -> needed(side).opposite().word();
            case "twist" -> needed(twist == null ? side : twist).word();
            case "name" -> name(pose, school);
            case "knees" -> Objects.requireNonNull(KNEES.get(school.knees()));
            case "breath" -> CuePlaces.BREATH; // known only where it is said
            default -> place.split("/")[school.voice() == School.Voice.INVITATIONAL ? 0 : 1].strip();
        };
    }

    private static Side needed(@Nullable Side side) {
        if (side == null) throw new IllegalArgumentException("this cue needs a side");
        return side;
    }

    /** The pose's name in the language of the school; English where it has no Sanskrit one. */
    static String name(Pose pose, School school) {
        String english = pose.name().toLowerCase(Locale.ROOT);
        if (pose.sanskrit().isEmpty() || school.names() == School.Names.ENGLISH) return english;
        return school.names() == School.Names.SANSKRIT ? pose.sanskrit() : english + ", " + pose.sanskrit();
    }
}
