package gurukram.web.drafts;

import gurukram.core.body.Side;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.Figures;
import gurukram.web.groups.Group;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The page on which a brief is written.
 *
 * @param peaks what can be led to, drawn
 */
public record BriefPage(BriefForm form, Map<String, String> problems, List<Peak> peaks, List<Choice> groups) {
    /** A peak with its figure. */
    public record Peak(String id, String name, String level, String figure, boolean chosen) {}

    /** One choice of a list. */
    public record Choice(String value, String words, boolean chosen) {}

    static BriefPage of(BriefForm form, Map<String, String> problems, PoseCatalogue catalogue, List<Group> groups) {
        List<Peak> peaks = catalogue.ladders().stream()
                .map(Ladder::peak)
                .filter(peak -> peak != null)
                .distinct()
                .map(catalogue::pose)
                .sorted(Comparator.comparing(Pose::level).thenComparing(Pose::name))
                .map(pose -> peak(pose, form))
                .toList();
        String wanted = form.value("peak");
        boolean listed = wanted.isEmpty() || peaks.stream().anyMatch(Peak::chosen);
        if (!listed && catalogue.has(wanted))
            peaks = Stream.concat(Stream.of(peak(catalogue.pose(wanted), form)), peaks.stream())
                    .toList();
        return new BriefPage(
                form,
                problems,
                peaks,
                groups.stream()
                        .map(g -> new Choice(
                                g.id().toString(),
                                g.name() + ", " + g.when(),
                                g.id().toString().equals(form.value("group"))))
                        .toList());
    }

    private static Peak peak(Pose pose, BriefForm form) {
        return new Peak(
                pose.id(),
                pose.name(),
                pose.level().word(),
                Figures.small(pose, null),
                pose.id().equals(form.value("peak")));
    }

    /** The choices of a closed list. */
    public List<Choice> choices(String field) {
        Enum<?>[] values = switch (field) {
            case "style" -> Style.values();
            case "level" -> Level.values();
            case "flavour" -> Flavour.values();
            case "first" -> Side.values();
            default -> throw new IllegalArgumentException(field);
        };
        return Stream.of(values)
                .map(v -> new Choice(
                        v.name(), v.name().toLowerCase(Locale.ROOT), v.name().equals(form.value(field))))
                .toList();
    }

    public String problem(String field) {
        return problems.get(field);
    }
}
