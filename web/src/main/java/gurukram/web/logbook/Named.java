package gurukram.web.logbook;

import gurukram.core.logline.HandLine.Left;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import gurukram.web.teach.Script;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/** What of a class is meant by a name: a pose, a flow or a section of it. */
final class Named {
    private final Script script;
    private final PoseCatalogue catalogue;

    private Named(Script script, PoseCatalogue catalogue) {
        this.script = script;
        this.catalogue = catalogue;
    }

    /**
     * The moments that were left out, by their place in the script.
     *
     * @param problems filled with names that are not in the class, or could be several things in it
     */
    static List<Integer> moments(List<Left> leftOut, Script script, PoseCatalogue catalogue, List<String> problems) {
        Named named = new Named(script, catalogue);
        Set<Integer> moments = new LinkedHashSet<>();
        for (int i = 0; i < leftOut.size(); i++) {
            Left left = leftOut.get(i);
            // “cat and cow” was read as two
            Left joined = i + 1 < leftOut.size()
                    ? new Left(
                            left.name() + " and " + leftOut.get(i + 1).name(),
                            leftOut.get(i + 1).side())
                    : null;
            if (joined != null && !named.lines(joined.name()).isEmpty()) {
                moments.addAll(named.of(joined, problems));
                i++;
            } else moments.addAll(named.of(left, problems));
        }
        return List.copyOf(moments);
    }

    private List<Integer> of(Left left, List<String> problems) {
        List<Integer> lines = lines(left.name());
        Set<String> names = new LinkedHashSet<>();
        lines.forEach(i -> names.add(script.moments().get(i).name()));
        boolean several = names.size() > 1 && !isPart(left.name());
        if (several) problems.add("“%s” could be %s here.".formatted(left.name(), String.join(" or ", names)));
        if (lines.isEmpty())
            problems.add("There is no “%s” in this class. With “note:” before it, it is kept as your note."
                    .formatted(left.name()));
        if (left.side() == null || lines.isEmpty() || several) return lines;
        String side = left.side().name().toLowerCase(Locale.ROOT);
        List<Integer> there = lines.stream()
                .filter(i -> side.equals(script.moments().get(i).side()))
                .toList();
        if (there.isEmpty()) problems.add("“%s” has no %s side in this class.".formatted(left.name(), side));
        return there;
    }

    /** A flow or a section has many poses. */
    private boolean isPart(String name) {
        return !by(line -> line.flow() == null ? "" : line.flow().name(), name).isEmpty()
                || !by(this::section, name).isEmpty();
    }

    private List<Integer> lines(String name) {
        Optional<Pose> pose = catalogue.named(name);
        if (pose.isPresent()) {
            List<Integer> lines = all(line -> pose.get().id().equals(line.pose()));
            if (!lines.isEmpty()) return lines;
        }
        for (Function<Script.Line, String> called : List.<Function<Script.Line, String>>of(
                Script.Line::name,
                line -> line.flow() == null ? "" : line.flow().name(),
                this::section)) {
            List<Integer> lines = by(called, name);
            if (!lines.isEmpty()) return lines;
        }
        return List.of();
    }

    private String section(Script.Line line) {
        return script.sections().get(line.section()).title();
    }

    /** What is called exactly so; else what has the name in it, word for word. */
    private List<Integer> by(Function<Script.Line, String> called, String name) {
        String folded = Words.fold(name);
        if (folded.isBlank()) return List.of();
        List<Integer> exactly = all(line -> Words.fold(called.apply(line)).equals(folded));
        if (!exactly.isEmpty()) return exactly;
        return all(line -> (" " + Words.fold(called.apply(line)) + " ").contains(" " + folded + " "));
    }

    private List<Integer> all(Predicate<Script.Line> meant) {
        List<Integer> lines = new ArrayList<>();
        for (int i = 0; i < script.moments().size(); i++)
            if (meant.test(script.moments().get(i))) lines.add(i);
        return lines;
    }
}
