package gurukram.core.notation;

import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseWords;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.SideRule;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads one typed line: {@code half pigeon, both, 8 breaths}; {@code flow, 3 rounds, both sides};
 * {@code section warm-up: Ankles}; {@code end flow}.
 *
 * <p>Forgiving in form, strict in meaning: a line that is not wholly understood is {@link Refused} with the nearest
 * known names.
 */
public final class LineReader {
    private static final Pattern SECTION = Pattern.compile("(?i)(?:section|part|#+)\\s+([^:]+)(?::\\s*(.*))?");
    private static final Pattern HEADING = Pattern.compile("([^:,]+):\\s*(.*)");
    private static final Pattern FLOW = Pattern.compile("(?i)flow\\b[\\s,:]*(.*)");
    private static final Pattern END = Pattern.compile("(?i)(?:end|end of|close|out of)(?: the)?(?: flow)?|/flow");
    private static final Pattern OPEN = Pattern.compile("(?i)(?:open|free)?\\s*(?:time)?");

    private final PoseCatalogue catalogue;

    public LineReader(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    public Line read(String typed, LineContext context) {
        String line = typed.strip();
        if (line.isEmpty()) throw new Refused("Type a pose, such as “half pigeon, both, 8 breaths”.");
        if (END.matcher(line).matches()) return new Line.EndFlow();
        Matcher section = SECTION.matcher(line);
        if (section.matches()) return section(section.group(1), section.group(2));
        Matcher flow = FLOW.matcher(line);
        if (flow.matches()) return new Line.AddFlow(FlowWords.read(flow.group(1)));
        Matcher heading = HEADING.matcher(line);
        if (heading.matches() && SectionRole.named(heading.group(1)).isPresent()) {
            return section(heading.group(1), heading.group(2));
        }
        return step(line, context);
    }

    private static Line section(String role, String name) {
        SectionRole found = SectionRole.named(role)
                .orElseThrow(() -> new Refused(new Problem(
                        "“" + role.strip() + "” is no kind of section.",
                        "Maybe one of: "
                                + Arrays.stream(SectionRole.values())
                                        .map(SectionRole::word)
                                        .collect(Collectors.joining(", "))
                                + ".",
                        List.of())));
        return new Line.AddSection(found, name == null ? "" : name);
    }

    private Line step(String line, LineContext context) {
        DoseWords doseWords = new DoseWords();
        SideWords sideWords = new SideWords();
        String name = line;
        // A pose whose whole name is typed wins over reading its last word as a dose or a side.
        while (catalogue.named(name).isEmpty() && !name.isEmpty()) {
            String shorter = sideWords.takeFromEnd(name);
            if (shorter == null) shorter = doseWords.takeFromEnd(name);
            if (shorter == null) break;
            name = shorter;
        }
        Optional<Dose> dose = doseWords.dose();
        if (OPEN.matcher(name).matches() && dose.isPresent() && dose.get() instanceof Dose.Open) {
            return new Line.AddStep(null, new SideRule.None(), dose.get());
        }
        Pose pose = poseNamed(name, line);
        SideRule sides = sideWords.rule().orElseGet(() -> usualSides(pose, context));
        return new Line.AddStep(pose.id(), sides, dose.orElseGet(() -> usualDose(pose, context)));
    }

    private Pose poseNamed(String name, String line) {
        if (name.isBlank()) throw new Refused("Which pose? “" + shorten(line) + "” names none.");
        return catalogue.named(name.replaceAll("[,;.]+$", "")).orElseThrow(() -> unknown(name, line));
    }

    private Refused unknown(String name, String line) {
        int at = line.indexOf(name);
        List<Pose> nearest = catalogue.nearest(name, 3);
        List<String> offers = nearest.stream()
                .map(pose -> line.substring(0, at)
                        + pose.name().toLowerCase(Locale.ROOT)
                        + line.substring(at + name.length()))
                .toList();
        String names = nearest.stream().map(Pose::name).collect(Collectors.joining(", "));
        return new Refused(
                new Problem("I know no pose called “" + shorten(name) + "”.", "Maybe: " + names + ".", offers));
    }

    private static String shorten(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60) + "…";
    }

    private static SideRule usualSides(Pose pose, LineContext context) {
        if (!pose.sides().hasSides()) return new SideRule.None();
        boolean led = context.flow() != null && context.flow().settings().hasSides();
        return led ? new SideRule.Lead() : new SideRule.Both(gurukram.core.pose.Side.RIGHT);
    }

    /** In a flow one half-breath, the pose's own or the one that comes next; elsewhere the pose's usual dose. */
    private static Dose usualDose(Pose pose, LineContext context) {
        if (context.flow() == null) return pose.doseFor(context.level());
        Breath next = context.lastBreath() == Breath.INHALE ? Breath.EXHALE : Breath.INHALE;
        if (pose.breath() == BreathAffinity.IN) next = Breath.INHALE;
        if (pose.breath() == BreathAffinity.OUT) next = Breath.EXHALE;
        return new Dose.Movement(next);
    }
}
