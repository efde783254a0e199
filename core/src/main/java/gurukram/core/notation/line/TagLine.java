package gurukram.core.notation.line;

import gurukram.core.notation.words.GuardWords;
import gurukram.core.notation.words.Parts;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Tags;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What a flow is good for, under it: {@code for: vinyasa, beginner to advanced}; {@code themes: space, wind}; {@code grows: …};
 * {@code prepares: triangle, half moon}.
 */
public final class TagLine {
    private static final Pattern KEYED = Pattern.compile("(?i)(for|themes?|grows|prepares)\\s*:\\s*(.*)");
    private static final String LEVEL = "(beginners?|intermediates?|advanced)";
    private static final Pattern FROM_TO = Pattern.compile("(?i)" + LEVEL + "(?: *(?:to|-|–) *" + LEVEL + "|( *\\+))?");

    private final PoseCatalogue catalogue;

    public TagLine(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Empty when the line is none of them. */
    public Optional<Tags> read(String line, Tags now) {
        Matcher keyed = KEYED.matcher(line);
        if (!keyed.matches()) return Optional.empty();
        List<Parts.Part> parts = Parts.of(keyed.group(2)).parts();
        try {
            return Optional.of(
                    switch (keyed.group(1).toLowerCase(Locale.ROOT)) {
                        case "for" -> forWhom(parts, now);
                        case "grows" -> now.withGrows(keyed.group(2));
                        case "prepares" -> now.withPrepares(joined(now.prepares(), poses(keyed.group(2))));
                        default ->
                            now.withThemes(joined(
                                    now.themes(),
                                    parts.stream().map(Parts.Part::text).toList()));
                    });
        } catch (Refused e) {
            throw e.shifted(keyed.start(2));
        }
    }

    private static List<String> joined(List<String> before, List<String> more) {
        List<String> all = new ArrayList<>(before);
        more.stream().filter(one -> !all.contains(one)).forEach(all::add);
        return all;
    }

    private static Tags forWhom(List<Parts.Part> parts, Tags now) {
        Tags tags = now;
        for (Parts.Part part : parts) {
            Matcher levels = FROM_TO.matcher(part.text());
            if (part.text().matches("(?i)hatha|vinyasa"))
                tags = tags.with(Style.valueOf(part.text().toUpperCase(Locale.ROOT)));
            else if (levels.matches()) tags = levels(tags, levels);
            else
                throw new Refused(Problem.of(
                                "“" + part.text() + "” is no style and no level.",
                                "As in “for: vinyasa, beginner to intermediate”."))
                        .within(part.span());
        }
        return tags;
    }

    private static Tags levels(Tags tags, Matcher said) {
        Level from = GuardWords.level(said.group(1));
        if (said.group(3) != null) return tags.withLevels(from, Level.ADVANCED);
        return tags.withLevels(from, said.group(2) == null ? from : GuardWords.level(said.group(2)));
    }

    /** Poses between semicolons or commas; a name may have a comma itself, so the longest that is known is taken. */
    private List<String> poses(String said) {
        List<Parts.Part> parts = Parts.of(said).parts();
        List<String> poses = new ArrayList<>();
        int from = 0;
        while (from < parts.size()) {
            int to = parts.size();
            while (to > from + 1 && pose(said, parts, from, to).isEmpty()) to--;
            Parts.Part first = parts.get(from);
            poses.add(pose(said, parts, from, to)
                    .orElseThrow(() -> new Refused(Problem.of("I know no pose called “" + first.text() + "”."))
                            .within(first.span())));
            from = to;
        }
        return poses;
    }

    private Optional<String> pose(String said, List<Parts.Part> parts, int from, int to) {
        String name = said.substring(
                parts.get(from).span().from(), parts.get(to - 1).span().to());
        return name.contains(";") ? Optional.empty() : catalogue.named(name).map(Pose::id);
    }

    public List<String> write(Tags tags) {
        List<String> lines = new ArrayList<>();
        List<String> whom =
                new ArrayList<>(tags.styles().stream().sorted().map(Style::word).toList());
        if (tags.from() != null && tags.to() != null)
            whom.add(
                    tags.from() == tags.to()
                            ? tags.from().word()
                            : tags.from().word() + " to " + tags.to().word());
        if (!whom.isEmpty()) lines.add("for: " + String.join(", ", whom));
        if (!tags.themes().isEmpty()) lines.add("themes: " + String.join(", ", tags.themes()));
        if (!tags.grows().isEmpty()) lines.add("grows: " + tags.grows());
        if (!tags.prepares().isEmpty()) {
            lines.add("prepares: "
                    + tags.prepares().stream()
                            .map(id -> catalogue.pose(id).name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining("; ")));
        }
        return lines;
    }
}
