package gurukram.core.notation.line;

import gurukram.core.notation.words.Quotes;
import gurukram.core.notation.words.SectionWords;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.text.NumberWords;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A section: {@code role: [name]}, as in {@code standing: The tide comes in}; also {@code section standing}, and {@code standing,
 * by the breath}.
 */
public final class SectionLine {
    private static final Pattern SECTION = Pattern.compile("(?i)(?:(?:section|part)\\s+|#+\\s*)([^:]+)(?::\\s*(.*))?");
    private static final Pattern HEADING = Pattern.compile("([^:,]+):\\s*(.*)");

    private SectionLine() {}

    /** Empty when the line is no heading; {@link Refused} when it says section but no known role. */
    public static Optional<Line.AddSection> read(String line) {
        Matcher section = SECTION.matcher(line);
        if (section.matches()) {
            SectionRole role = SectionRole.named(section.group(1))
                    .orElseThrow(() -> unknown(section.group(1), new Span(section.start(1), section.end(1))));
            return Optional.of(heading(role, section.group(2)));
        }
        Matcher heading = HEADING.matcher(line);
        if (!heading.matches()) return told(line);
        return SectionRole.named(heading.group(1)).map(role -> heading(role, heading.group(2)));
    }

    /** {@code standing, by the breath}: with what its section says of its own time, and nothing else. */
    private static Optional<Line.AddSection> told(String line) {
        int comma = line.indexOf(',');
        Optional<SectionRole> role = comma < 0 ? Optional.empty() : SectionRole.named(line.substring(0, comma));
        if (role.isEmpty()) return Optional.empty();
        Line.AddSection told = new Line.AddSection(role.get(), "", NumberWords.inDigits(line.substring(comma + 1)));
        return Optional.of(told)
                .filter(t -> SectionWords.read(t.told(), Section.of(NodeId.CLASS, t.role()))
                        .isPresent());
    }

    private static Line.AddSection heading(SectionRole role, String name) {
        return new Line.AddSection(role, name == null ? "" : Quotes.plain(name.strip()));
    }

    private static Refused unknown(String role, Span place) {
        String roles =
                Arrays.stream(SectionRole.values()).map(SectionRole::word).collect(Collectors.joining(", "));
        return new Refused(
                Problem.of("“" + role.strip() + "” is no kind of section.", "Maybe one of: " + roles + "."), place);
    }

    public static String write(Section section) {
        String name = section.name().isEmpty() ? "" : " " + Quotes.ifNeeded(section.name());
        return section.role().word() + ":" + name;
    }
}
