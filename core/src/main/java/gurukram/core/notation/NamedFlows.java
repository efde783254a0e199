package gurukram.core.notation;

import gurukram.core.notation.line.FlowLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Flows that are called by name, with what is different this time behind it: {@code cat cow x6}, {@code sun salutation a, 3
 * rounds}, {@code tide, 4 rounds, left first}. They arrive as flows like any other.
 *
 * <p>Ours stand in {@code resources/sequences}; a teacher's own come before them. A name that several sequences have is
 * answered with all of them.
 */
public final class NamedFlows {
    private static final List<String> FILES = List.of(
            "cat-and-cow",
            "seated-cat-and-cow",
            "half-salute",
            "short-salute",
            "salutation-a",
            "salutation-b",
            "lower-lift-back");
    private static final String NAMES = "names:";
    private static final List<Called> SHIPPED = shipped();
    private static final List<Meant> MEANT = meant();
    private static final NamedFlows OURS = new NamedFlows(Map.of());
    private static final int ONE_BREATH = 2;

    /** A flow that was called; {@code bare} when nothing but its name was said. */
    public record Call(Flow flow, boolean bare) {}

    /** A sequence and what it is called; {@code lines} is its flow as text. */
    private record Called(Pattern name, String lines) {}

    /** A name that several have. */
    private record Meant(Pattern name, List<String> others) {}

    private final Map<String, Flow> own;

    private NamedFlows(Map<String, Flow> own) {
        this.own = own;
    }

    public static NamedFlows ours() {
        return OURS;
    }

    /** Ours with a teacher's own, by their names. */
    public static NamedFlows with(Collection<Flow> own) {
        return new NamedFlows(own.stream()
                .filter(flow -> !flow.settings().name().isBlank())
                .collect(Collectors.toMap(flow -> flow.settings().name(), flow -> flow, (first, second) -> first)));
    }

    /** What each of ours is called first. */
    public static List<String> names() {
        return FILES.stream().map(file -> namesIn(text(file)).get(0)).toList();
    }

    /** Whether everybody calls a sequence of ours so. */
    public static boolean isOurs(String name) {
        String plain = withoutMarks(name.strip());
        return SHIPPED.stream().anyMatch(called -> end(called.name(), plain) == plain.length());
    }

    /**
     * The flow a line calls; empty when it calls none.
     *
     * @param ids names for the flow and its parts, new each time
     */
    public Optional<Call> read(String line, PoseCatalogue catalogue, Supplier<NodeId> ids) {
        if (catalogue.named(line).isPresent()) return Optional.empty();
        String plain = withoutMarks(line);
        for (Map.Entry<String, Flow> one : own.entrySet()) {
            Matcher called = pattern(List.of(one.getKey())).matcher(plain);
            if (called.lookingAt()) return Optional.of(changed(one.getValue(), line, called.end(), ids));
        }
        Optional<Called> ours = SHIPPED.stream()
                .filter(called -> called.name().matcher(plain).lookingAt())
                .max(Comparator.comparingInt(called -> end(called.name(), plain)));
        Optional<Meant> several = MEANT.stream()
                .filter(meant -> meant.name().matcher(plain).lookingAt())
                .max(Comparator.comparingInt(meant -> end(meant.name(), plain)));
        if (several.isPresent()
                && (ours.isEmpty()
                        || end(several.get().name(), plain) > end(ours.get().name(), plain)))
            throw which(line, end(several.get().name(), plain), several.get());
        if (ours.isEmpty() || namesLongerPose(line, end(ours.get().name(), plain), catalogue)) return Optional.empty();
        Flow flow = (Flow) new NotationReader(catalogue, NodeNames.numbers())
                .read(ours.get().lines())
                .planOrRefused()
                .sections()
                .get(0)
                .items()
                .get(0);
        return Optional.of(changed(flow, line, end(ours.get().name(), plain), ids));
    }

    private static int end(Pattern name, String line) {
        Matcher m = name.matcher(line);
        return m.lookingAt() ? m.end() : 0;
    }

    /** {@code cat and cow on a chair} is a pose that begins as a sequence does. */
    private static boolean namesLongerPose(String line, int end, PoseCatalogue catalogue) {
        for (int at = line.indexOf(' ', end); ; at = line.indexOf(' ', at + 1)) {
            int to = at < 0 ? line.length() : at;
            if (to > end
                    && catalogue
                            .named(line.substring(0, to).replaceAll("[,; ]+$", ""))
                            .isPresent()) return true;
            if (at < 0) return false;
        }
    }

    private static Refused which(String line, int end, Meant meant) {
        String rest = line.substring(end).replaceFirst("^\\s+\\p{L}\\b", "");
        return new Refused(
                new Problem(
                        "Which of them? “" + line.substring(0, end).strip() + "” is called so by more than one school.",
                        "Maybe " + String.join(", ", meant.others()) + ".",
                        meant.others().stream().map(other -> other + rest).toList()),
                new Span(0, end));
    }

    /** With what the rest of the line says; a breath is a round where a round is one breath. */
    private static Call changed(Flow flow, String line, int end, Supplier<NodeId> ids) {
        String rest = line.substring(end);
        boolean oneBreath = flow.settings().passes() == flow.settings().rounds()
                && flow.steps().size() == ONE_BREATH
                && flow.links().isEmpty();
        if (oneBreath) rest = rest.replaceFirst("(?i)(\\d+) *(?:breaths?|br|b)\\b", "$1 x");
        FlowSettings settings;
        try {
            settings = FlowLine.over(line.substring(0, end), rest, flow.settings());
        } catch (Refused e) {
            throw e.shifted(end);
        }
        Node renamed = NodeNames.renamed(flow.with(settings), old -> ids.get());
        return new Call((Flow) renamed, rest.isBlank());
    }

    /** One letter for each: marks off, so that places stay. */
    private static String withoutMarks(String line) {
        StringBuilder plain = new StringBuilder(line.length());
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            plain.append(
                    c < 128
                            ? c
                            : Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFD)
                                    .charAt(0));
        }
        return plain.toString();
    }

    private static List<Called> shipped() {
        List<Called> all = new ArrayList<>();
        for (String file : FILES) {
            String text = text(file);
            all.add(new Called(pattern(namesIn(text)), text.substring(text.indexOf('\n') + 1)));
        }
        return List.copyOf(all);
    }

    private static List<Meant> meant() {
        return text("meant")
                .lines()
                .filter(line -> !line.isBlank())
                .map(line -> new Meant(
                        pattern(split(line.substring(0, line.indexOf(':')), ",")),
                        split(line.substring(line.indexOf(':') + 1), ";")))
                .toList();
    }

    private static List<String> namesIn(String text) {
        return split(text.lines().findFirst().orElse("").substring(NAMES.length()), ",");
    }

    private static List<String> split(String list, String at) {
        return Arrays.stream(list.split(at)).map(String::strip).toList();
    }

    /** Any of the names at the beginning, its words apart by anything that parts words; the longest wins. */
    private static Pattern pattern(List<String> names) {
        String any = names.stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(name -> Arrays.stream(withoutMarks(name).strip().split("[\\s\\-/&]+"))
                        .map(Pattern::quote)
                        .collect(Collectors.joining("[\\s\\-/&+]+")))
                .collect(Collectors.joining("|"));
        return Pattern.compile("(?i)(?:the )?(?:" + any + ")(?=$|[\\s,;:])");
    }

    private static String text(String file) {
        try (InputStream in = NamedFlows.class.getResourceAsStream("/sequences/" + file + ".txt")) {
            return new String(Objects.requireNonNull(in, file).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
