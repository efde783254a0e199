package gurukram.core.notation.line;

import gurukram.core.notation.words.Parts;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.LeadNames;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The salutation of twelve positions, as schools differ: four lists, none of them the right one, which become flows that
 * can be changed like any other. The lists stand in {@code resources/school}, a position a line.
 *
 * <p>As a line: {@code twelve positions b, 4 rounds, one side, same front leg, with sun names}; what it does not say about
 * legs is as the school has it, and the names are only there when asked for. The lead is the foot that steps back first, so the
 * first lunge, named by its front leg, is on the other side.
 */
public final class TwelvePositions {
    public static final List<String> LISTS = List.of("a", "b", "c", "d");
    private static final int SECOND_LUNGE = 8;
    private static final Pattern LINE = Pattern.compile("(?i)(?:flow\\s+)?twelve positions?\\s+([a-z])\\b[\\s,:]*(.*)");

    private final PoseCatalogue catalogue;
    private final Supplier<NodeId> ids;

    /** @param ids names for the flow and its steps */
    public TwelvePositions(PoseCatalogue catalogue, Supplier<NodeId> ids) {
        this.catalogue = catalogue;
        this.ids = ids;
    }

    /** The flow of one list; {@link Refused} when there is no such list. */
    public Flow flow(String list, LegRule legs, FlowSettings settings) {
        if (!LISTS.contains(list)) {
            throw new Refused(
                    "The lists of twelve positions are " + String.join(", ", LISTS) + "; “" + list + "” is none.");
        }
        FlowSettings named = settings.name().isEmpty() ? settings.withName("Twelve positions " + list) : settings;
        FlowSettings led = named.with(named.sides().with(LeadNames.FOOT_BACK_FIRST));
        StepLine reader = new StepLine(catalogue);
        Flow empty = Flow.of(ids.get(), led);
        LineContext context = new LineContext(Level.BEGINNER, empty, Breath.FREE);
        List<Step> steps = new ArrayList<>();
        for (String line : lines("twelve-positions-" + list)) {
            Line.AddStep said = reader.read(line, context);
            boolean front = legs == LegRule.SAME_FRONT && steps.size() == SECOND_LUNGE;
            SideRule sides = front ? new SideRule.Other() : said.sides();
            steps.add(Step.of(ids.get(), said.pose(), sides, said.dose()));
        }
        return empty.withChildren(steps);
    }

    /** The same flow with a line of words at each position; {@link Refused} when they are not as many. */
    public static Flow withWords(Flow flow, List<String> words) {
        if (words.size() != flow.steps().size()) {
            throw new Refused("There are %d lines for %d positions."
                    .formatted(words.size(), flow.steps().size()));
        }
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            Step step = flow.steps().get(i);
            steps.add(step.with(step.texts().withSay(words.get(i))));
        }
        return flow.withChildren(steps);
    }

    /** The traditional names of the sun, one for each position, beside its breath and its pose. */
    public static List<String> sunNames() {
        return lines("twelve-sun-names").stream()
                .map(name -> CuePlaces.BREATH + "{name}: " + name)
                .toList();
    }

    /** Reads a line that asks for a list; empty when it does not. */
    public Optional<Flow> read(String line, LegRule usual) {
        Matcher asked = LINE.matcher(line);
        if (!asked.matches()) return Optional.empty();
        LegRule legs = usual;
        boolean names = false;
        List<String> settings = new ArrayList<>(List.of("flow"));
        for (Parts.Part part : Parts.of(asked.group(2)).parts()) {
            if (part.text().matches("(?i)(?:with )?(?:the )?sun names")) names = true;
            else if (part.text().matches("(?i)same front(?: leg)?")) legs = LegRule.SAME_FRONT;
            else if (part.text().matches("(?i)returning(?: leg)?")) legs = LegRule.RETURNING;
            else settings.add(part.text());
        }
        FlowSettings read = FlowLine.read(String.join(", ", settings)).orElseThrow();
        Flow flow = flow(asked.group(1).toLowerCase(Locale.ROOT), legs, read);
        return Optional.of(names ? withWords(flow, sunNames()) : flow);
    }

    private static List<String> lines(String file) {
        try (InputStream in = TwelvePositions.class.getResourceAsStream("/school/" + file + ".txt")) {
            String text = new String(Objects.requireNonNull(in, file).readAllBytes(), StandardCharsets.UTF_8);
            return text.lines().filter(line -> !line.isBlank()).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
