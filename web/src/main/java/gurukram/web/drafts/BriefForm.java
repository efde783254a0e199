package gurukram.web.drafts;

import static gurukram.web.shared.Typed.one;
import static gurukram.web.shared.Typed.take;

import gurukram.core.body.Side;
import gurukram.core.compose.ThemeWords;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Focus;
import gurukram.core.compose.brief.Wish;
import gurukram.core.group.People;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.groups.Group;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * A brief as it was typed.
 *
 * @param typed every field by its name; wishes as {@code wish-GENTLER}, what was missed as {@code missed-TWIST}
 */
public record BriefForm(Map<String, String> typed) {
    private static final int MOST_POSES = 20;
    private static final Set<String> FIELDS = Set.of(
            "peak",
            "theme",
            "sentence",
            "affirmation",
            "minutes",
            "style",
            "level",
            "mixed",
            "group",
            "first",
            "flavour",
            "supervised",
            "in",
            "out",
            "lately");

    static BriefForm fresh() {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("peak", "");
        typed.put("minutes", "60");
        typed.put("style", "VINYASA");
        typed.put("level", "INTERMEDIATE");
        typed.put("first", "RIGHT");
        typed.put("flavour", "STEADY");
        typed.put("lately", "vary");
        return new BriefForm(typed);
    }

    /** Only the fields a brief has, so that nothing else is kept, and no letters that cannot be. */
    static BriefForm of(Map<String, String> sent) {
        Map<String, String> typed = new LinkedHashMap<>();
        sent.forEach((field, value) -> {
            if (FIELDS.contains(field) || field.startsWith("wish-") || Lately.isField(field))
                typed.put(field, value.replaceAll("\\p{Cc}", " "));
        });
        return new BriefForm(typed);
    }

    /** The same for a group's slot, level, style and room. */
    BriefForm forGroup(Group group) {
        Map<String, String> other = new LinkedHashMap<>(typed);
        other.put("group", group.id().toString());
        other.put("minutes", String.valueOf(group.slotMinutes()));
        other.put("level", group.level().name());
        if (group.style() != null) other.put("style", group.style().name());
        return new BriefForm(other);
    }

    BriefForm with(String field, String value) {
        Map<String, String> other = new LinkedHashMap<>(typed);
        if (value == null) other.remove(field);
        else other.put(field, value);
        return new BriefForm(other);
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    public boolean has(String field) {
        return typed.containsKey(field);
    }

    /** The group that is chosen; null for none. */
    UUID group() {
        if (value("group").isEmpty()) return null;
        try {
            return UUID.fromString(value("group"));
        } catch (IllegalArgumentException e) {
            throw new Refused("Please choose one of the list.");
        }
    }

    Set<Wish> wishes() {
        Set<Wish> wishes = EnumSet.noneOf(Wish.class);
        for (Wish wish : Wish.values()) if (has("wish-" + wish.name())) wishes.add(wish);
        return wishes;
    }

    boolean builds() {
        return value("lately").equals("build");
    }

    /**
     * The brief, when everything can be taken.
     *
     * @param group the chosen group with its people; null for none
     * @param problems filled with what cannot, by field
     * @return null when there are problems
     */
    Brief read(PoseCatalogue catalogue, ThemeWords words, Group group, People people, Map<String, String> problems) {
        Integer minutes = take("minutes", problems, () -> Brief.MINUTES.parse(value("minutes")));
        Style style = take("style", problems, () -> one(Style.class, value("style")));
        Level level = take("level", problems, () -> one(Level.class, value("level")));
        Side first = take("first", problems, () -> one(Side.class, value("first")));
        Flavour flavour = take("flavour", problems, () -> one(Flavour.class, value("flavour")));
        String peak = take("peak", problems, () -> peak(catalogue));
        Theme theme = take("theme", problems, () -> Theme.titled(value("theme")));
        if (theme != null) {
            Theme titled = theme;
            theme = take("sentence", problems, () -> titled.withSentence(value("sentence")));
        }
        if (theme != null) {
            Theme spoken = theme;
            theme = take("affirmation", problems, () -> spoken.withAffirmation(value("affirmation")));
        }
        Set<String> in = take("in", problems, () -> poses("in", catalogue));
        Set<String> out = take("out", problems, () -> poses("out", catalogue));
        if (in != null && out != null && in.stream().anyMatch(out::contains))
            problems.put("out", "A pose cannot be both in and out.");
        if (peak != null && out != null && out.contains(peak))
            problems.put("out", "The peak itself cannot be left out.");
        Focus focus = theme == null ? Focus.NONE : words.in(theme.title() + " " + theme.sentence());
        if (peak != null && peak.isEmpty() && theme != null && theme.title().isEmpty())
            problems.put("peak", "Choose a peak, or give the class a theme; one of them is needed to lead somewhere.");
        School school = group == null || group.school().isEmpty() ? School.UNSET : SchoolWords.read(group.school());
        if (!problems.isEmpty()) return null;
        return Brief.to(peak.isEmpty() ? null : peak, minutes, style, level)
                .with(theme, focus)
                .with(people)
                .with(school)
                .with(first)
                .with(flavour)
                .withMixed(has("mixed"))
                .withSupervised(has("supervised"))
                .withPoses(in, out)
                .with(wishes());
    }

    private String peak(PoseCatalogue catalogue) {
        String peak = value("peak");
        if (!peak.isEmpty() && !catalogue.has(peak)) throw new Refused("There is no such pose to lead to.");
        return peak;
    }

    private Set<String> poses(String field, PoseCatalogue catalogue) {
        Set<String> ids = new LinkedHashSet<>();
        for (String name : value(field).split(",")) {
            if (name.isBlank()) continue;
            Pose pose = catalogue
                    .named(name)
                    .orElseThrow(() -> new Refused("I know no pose called “%s”. Maybe: %s."
                            .formatted(name.strip(), String.join(", ", names(catalogue.nearest(name, 3))))));
            ids.add(pose.id());
        }
        if (ids.size() > MOST_POSES) throw new Refused("At most " + MOST_POSES + " poses here.");
        return ids;
    }

    private static List<String> names(List<Pose> poses) {
        return poses.stream().map(Pose::name).toList();
    }
}
