package gurukram.core.compose.brief;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.group.People;
import gurukram.core.plan.Item;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.text.Limit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

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
 * @param peakBreaths how long the peak is held; null as long as is usual
 * @param kept parts that stay as they are, by the role of the section they stand in
 */
public record Brief(
        @Nullable String peak,
        Theme theme,
        Focus focus,
        int minutes,
        Style style,
        Level level,
        boolean mixed,
        People group,
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
        @Nullable Integer peakBreaths,
        List<Kept> kept) {
    public static final Limit MINUTES = new Limit("Minutes", 10, 120);

    /** A class of less than this has no time to lead anywhere: it has its theme in everything. */
    public static final int SHORT_MINUTES = 20;

    /** A part of a class before that stays. */
    public record Kept(SectionRole role, Item item) {}

    public Brief {
        MINUTES.check(minutes);
        if (peakBreaths != null) Dose.BREATHS.check(peakBreaths);
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

    /** A class that leads to a pose, for nobody in particular; null leaves the pose to the theme. */
    public static Brief to(@Nullable String peak, int minutes, Style style, Level level) {
        Fields fields = new Fields();
        fields.peak = peak;
        fields.minutes = minutes;
        fields.style = style;
        fields.level = level;
        return fields.brief();
    }

    /** Every field of a brief while one is changed. */
    @NullUnmarked // copied whole from a brief before it is read
    private static final class Fields {
        private @Nullable String peak;
        private Theme theme;
        private Focus focus;
        private int minutes;
        private Style style;
        private Level level;
        private boolean mixed;
        private People group;
        private School school;
        private Side begins;
        private Flavour flavour;
        private boolean supervised;
        private Map<String, Integer> reached;
        private Set<String> wanted;
        private Set<String> unwanted;
        private List<Taught> taught;
        private boolean build;
        private Set<Wish> wishes;
        private @Nullable Integer peakBreaths;
        private List<Kept> kept;

        Brief brief() {
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
                    peakBreaths,
                    kept);
        }
    }

    private Brief but(Consumer<Fields> change) {
        Fields fields = new Fields();
        fields.peak = peak;
        fields.theme = theme;
        fields.focus = focus;
        fields.minutes = minutes;
        fields.style = style;
        fields.level = level;
        fields.mixed = mixed;
        fields.group = group;
        fields.school = school;
        fields.begins = begins;
        fields.flavour = flavour;
        fields.supervised = supervised;
        fields.reached = reached;
        fields.wanted = wanted;
        fields.unwanted = unwanted;
        fields.taught = taught;
        fields.build = build;
        fields.wishes = wishes;
        fields.peakBreaths = peakBreaths;
        fields.kept = kept;
        change.accept(fields);
        return fields.brief();
    }

    public Brief leadingTo(String pose) {
        return but(f -> f.peak = pose);
    }

    public Brief with(People other) {
        return but(f -> f.group = other);
    }

    public Brief with(School other) {
        return but(f -> f.school = other);
    }

    public Brief with(Side first) {
        return but(f -> f.begins = first);
    }

    public Brief with(Theme other, Focus found) {
        return but(f -> {
            f.theme = other;
            f.focus = found;
        });
    }

    public Brief with(Flavour other) {
        return but(f -> f.flavour = other);
    }

    public Brief with(Set<Wish> others) {
        return but(f -> f.wishes = others);
    }

    public Brief withMixed(boolean yes) {
        return but(f -> f.mixed = yes);
    }

    public Brief withSupervised(boolean yes) {
        return but(f -> f.supervised = yes);
    }

    public Brief withReached(Map<String, Integer> others) {
        return but(f -> f.reached = others);
    }

    public Brief withPoses(Set<String> in, Set<String> out) {
        return but(f -> {
            f.wanted = in;
            f.unwanted = out;
        });
    }

    public Brief withTaught(List<Taught> lately, boolean goOn) {
        return but(f -> {
            f.taught = lately;
            f.build = goOn;
        });
    }

    /** @param breaths null for as long as is usual */
    public Brief withPeakBreaths(@Nullable Integer breaths) {
        return but(f -> f.peakBreaths = breaths);
    }

    public Brief withKept(List<Kept> others) {
        return but(f -> f.kept = others);
    }
}
