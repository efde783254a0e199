package gurukram.core.plan.settings;

import gurukram.core.pose.Level;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What a flow is good for, so that it is found again as a phrase: its name is that of the flow.
 *
 * @param styles empty is both
 * @param from the least level it is for, {@code to} the most; null is not said
 * @param themes in a word or two each
 * @param grows what its later rounds add, in a sentence
 * @param prepares ids of the poses it leads to
 */
public record Tags(
        Set<Style> styles,
        @Nullable Level from,
        @Nullable Level to,
        List<String> themes,
        String grows,
        List<String> prepares) {
    public static final Tags NONE = new Tags(Set.of(), null, null, List.of(), "", List.of());
    public static final int MOST = 12;

    public Tags {
        styles = styles == null || styles.isEmpty() ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(styles));
        themes = themes == null
                ? List.of()
                : themes.stream().map(theme -> Plain.line(theme, "A theme", 40)).toList();
        prepares = prepares == null ? List.of() : List.copyOf(prepares);
        grows = Plain.line(grows, "What grows", Texts.MOST_LINE_LETTERS);
        if (themes.size() > MOST || prepares.size() > MOST)
            throw new Refused("At most " + MOST + " themes and " + MOST + " poses, please.");
        if (from != null && to != null && to.compareTo(from) < 0)
            throw new Refused("Levels go from the easier to the harder.");
    }

    public Tags with(Style style) {
        Set<Style> all = EnumSet.of(style);
        all.addAll(styles);
        return new Tags(all, from, to, themes, grows, prepares);
    }

    public Tags withLevels(@Nullable Level least, @Nullable Level most) {
        return new Tags(styles, least, most, themes, grows, prepares);
    }

    public Tags withThemes(List<String> others) {
        return new Tags(styles, from, to, others, grows, prepares);
    }

    public Tags withGrows(String other) {
        return new Tags(styles, from, to, themes, other, prepares);
    }

    public Tags withPrepares(List<String> others) {
        return new Tags(styles, from, to, themes, grows, others);
    }
}
