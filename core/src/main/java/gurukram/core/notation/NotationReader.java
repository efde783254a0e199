package gurukram.core.notation;

import gurukram.core.dose.Dose;
import gurukram.core.notation.Reading.ReadLine;
import gurukram.core.notation.line.FlowLine;
import gurukram.core.notation.line.HeaderLine;
import gurukram.core.notation.line.LayerLine;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LinkLine;
import gurukram.core.notation.line.SectionLine;
import gurukram.core.notation.line.StepLine;
import gurukram.core.notation.line.TagLine;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.notation.words.Quotes;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.NumberWords;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads a whole class as text: the form that {@link NotationWriter} writes, and what teachers scribble. {@code
 * docs/notation.md} describes it.
 *
 * <p>Every line that is not empty becomes part of the plan or has a problem; none is dropped. After {@link #MOST_FAULTS} lines with
 * a problem reading ends, and the next one says so. Nothing is thrown.
 */
public final class NotationReader {
    public static final int MOST_LETTERS = 200_000;
    public static final int MOST_LINE_LETTERS = 1_000;
    /** More than anybody mends at a time; and what each line may mean takes looking. */
    public static final int MOST_FAULTS = 50;

    public static final String UNTITLED = "Untitled class";

    private static final Pattern LINE = Pattern.compile("((?:>[ >]*)?)( *)(.*?) *");
    private static final Pattern MARK = Pattern.compile("(--|[-–—•*])\\s*(.*)");

    private final PoseCatalogue catalogue;
    private final Supplier<NodeId> ids;
    private final StepLine steps;
    private final HeaderLine header;
    private final MarkedLine marked;
    private final NamedFlows named;

    /** @param ids names for what is read, each a new one */
    public NotationReader(PoseCatalogue catalogue, Supplier<NodeId> ids) {
        this(catalogue, ids, NamedFlows.ours());
    }

    /** @param named the flows that can be called by name */
    public NotationReader(PoseCatalogue catalogue, Supplier<NodeId> ids, NamedFlows named) {
        this.named = named;
        this.catalogue = catalogue;
        this.ids = ids;
        this.steps = new StepLine(catalogue);
        this.header = new HeaderLine(catalogue);
        this.marked = new MarkedLine(header, new LayerLine(steps, ids), new TagLine(catalogue));
    }

    public Reading read(String text) {
        if (text.length() > MOST_LETTERS) {
            Problem tooLong = Problem.of(
                    "A class as text has at most %,d letters; this has %,d.".formatted(MOST_LETTERS, text.length()));
            ClassPlan empty = new ClassPlan(usualSettings(), List.of());
            return new Reading(empty, List.of(new ReadLine(1, null, new Located(1, new Span(0, 0), tooLong))));
        }
        Run run = new Run(text.split("\\R", -1));
        run.all();
        return run.reading();
    }

    private static ClassSettings usualSettings() {
        return ClassSettings.of(UNTITLED, 60, Style.VINYASA, Level.BEGINNER);
    }

    private final class Run {
        private final String[] rawLines;
        private final PlanSketch plan = new PlanSketch(usualSettings(), ids);
        private final List<ReadLine> read = new ArrayList<>();
        private final Map<NodeId, Integer> lineOf = new HashMap<>();
        private @Nullable Problem remark;
        private int faults;

        Run(String[] rawLines) {
            this.rawLines = rawLines;
        }

        void all() {
            for (int i = 0; i < rawLines.length; i++) {
                String line = plain(rawLines[i]);
                if (line.isBlank()) continue;
                if (faults == MOST_FAULTS) {
                    notRead(i, line);
                    return;
                }
                line(i, line);
            }
        }

        private void notRead(int index, String line) {
            long left = Stream.of(rawLines)
                    .skip(index)
                    .filter(raw -> !plain(raw).isBlank())
                    .count();
            Problem more = Problem.of(
                    "and more: this line and what comes after it, %,d line%s in all, was not read yet."
                            .formatted(left, left == 1 ? "" : "s"),
                    "Mend the lines above first.");
            read.add(new ReadLine(index + 1, null, new Located(index + 1, new Span(0, line.length()), more)));
        }

        /** White space of any kind as spaces, so that columns stay. */
        private static String plain(String raw) {
            StringBuilder plain = new StringBuilder(raw.length());
            for (int i = 0; i < raw.length(); i++) {
                char c = raw.charAt(i);
                boolean gap = Character.isWhitespace(c) || Character.isSpaceChar(c) || c < ' ' || c == '\uFEFF';
                plain.append(gap ? ' ' : c);
            }
            return plain.toString();
        }

        private void line(int index, String raw) {
            Matcher shape = LINE.matcher(raw);
            shape.matches();
            int offset = shape.start(3);
            String line = shape.group(3);
            int number = index + 1;
            if (line.isEmpty()) {
                read.add(new ReadLine(number, NodeId.CLASS, null));
                return;
            }
            remark = null;
            try {
                if (line.length() > MOST_LINE_LETTERS) {
                    throw new Refused("A line has at most %,d letters; this one has %,d."
                            .formatted(MOST_LINE_LETTERS, line.length()));
                }
                NodeId node = understood(index, line, !shape.group(2).isEmpty());
                lineOf.putIfAbsent(node, number);
                read.add(new ReadLine(number, node, null, remark));
            } catch (Refused e) {
                Span whole = new Span(0, line.length());
                Span place = e.spanOr(whole);
                Span kept = new Span(Math.min(place.from(), line.length()), Math.min(place.to(), line.length()));
                read.add(new ReadLine(number, null, new Located(number, kept.shifted(offset), e.problem())));
                faults++;
            }
        }

        /** The node a line made or belongs to; {@link Refused} when it makes no sense here. */
        private @Nullable NodeId understood(int index, String line, boolean indented) {
            Matcher mark = MARK.matcher(line);
            if (mark.matches()) {
                try {
                    return marked.read(mark.group(2), mark.group(1).equals("--"), plan);
                } catch (Refused e) {
                    throw e.within(new Span(0, mark.group(2).length())).shifted(mark.start(2));
                }
            }
            Optional<String> title = HeaderLine.title(line);
            if (title.isPresent()) return plan.title(title.get());
            int note = Quotes.noteIn(line);
            String said = note < 0 ? line : line.substring(0, note).strip();
            NodeId node = said.isEmpty() ? null : part(index, said, indented);
            NodeId noted = note < 0 ? null : marked.read("note: " + line.substring(note + 2), false, plan);
            return node == null ? noted : node;
        }

        private NodeId part(int index, String typed, boolean indented) {
            String line = NumberWords.inDigits(typed);
            if (Line.endsLink(line)) return plan.endLink();
            if (Line.endsFlow(line)) return plan.endFlow();
            if (plan.isBare()) {
                // what has a colon is the teacher's own words
                Optional<ClassSettings> more = header.read(typed.contains(":") ? typed : line, plan.settings());
                if (more.isPresent()) return plan.settings(more.get());
            }
            Optional<Line.AddSection> heading = SectionLine.read(typed);
            if (heading.isPresent()) return plan.section(heading.get());
            Optional<Flow> list = new TwelvePositions(catalogue, ids)
                    .read(line, plan.context().legs());
            if (list.isPresent()) return plan.list(list.get());
            Optional<FlowSettings> settings = flowSettings(line);
            if (settings.isPresent()) return plan.flow(Flow.of(ids.get(), settings.get()));
            Optional<SectionRole> role = SectionRole.named(line);
            if (role.isPresent() && catalogue.named(line).isEmpty()) {
                return plan.section(new Line.AddSection(role.get(), ""));
            }
            Optional<NamedFlows.Call> called = named.read(line, catalogue, ids);
            if (called.isPresent()) return called(called.get(), indented);
            Optional<LinkLine.Head> head = linkHead(line);
            if (head.isPresent()) return plan.link(head.get());
            Optional<LinkLine.Between> between = LinkLine.between(line, plan.flow());
            if (between.isPresent()) return between(between.get());
            if (!indented) plan.dedent();
            try {
                Line.AddStep said = steps.read(line, plan.context());
                remark = said.remark();
                return plan.step(said, indented);
            } catch (Refused e) {
                if (looksLikeTitle(index, line)) return plan.title(typed);
                standIn();
                throw e;
            }
        }

        private NodeId between(LinkLine.Between said) {
            Line.AddStep step = steps.read(said.step(), plan.context());
            plan.link(new LinkLine.Head(said.when(), false));
            NodeId id = plan.step(step, true);
            plan.closeLink();
            return id;
        }

        /** By its name alone in a flow, its steps come there; with rounds of its own it is a flow of its own. */
        private NodeId called(NamedFlows.Call call, boolean indented) {
            if (!indented) plan.dedent();
            if (plan.isInFlow() && call.bare()) return plan.steps(call.flow());
            if (plan.isInFlow() && indented) {
                throw new Refused(Problem.of(
                        "A sequence within a flow has no rounds of its own.",
                        "Its name alone puts its steps here; or end the flow first."));
            }
            return plan.list(call.flow());
        }

        /** A flow whose line is not understood still begins here, so that only its own line is wrong. */
        private Optional<FlowSettings> flowSettings(String line) {
            try {
                return FlowLine.read(line);
            } catch (Refused e) {
                plan.flow(Flow.of(ids.get(), FlowSettings.of(1)));
                throw e;
            }
        }

        private Optional<LinkLine.Head> linkHead(String line) {
            try {
                return LinkLine.read(line);
            } catch (Refused e) {
                if (plan.isInFlow()) plan.link(new LinkLine.Head(When.ALWAYS, false));
                throw e;
            }
        }

        /** Marked lines under a step that is not understood are read as if it were there. */
        private void standIn() {
            String any = catalogue.poses().iterator().next().id();
            plan.mark(new Sketch(Step.of(ids.get(), any, new SideRule.None(), new Dose.Breaths(1))));
        }

        /**
         * The first line of a scribble may be its title, when an empty line, a setting or a heading comes next. With a comma it
         * could be a step with a slip in it, so that it takes a line about the class behind it, and no number in it.
         */
        private boolean looksLikeTitle(int index, String line) {
            boolean first = read.isEmpty() && !plan.isTitled() && plan.isBare();
            if (!first || line.length() > ClassSettings.MOST_LETTERS || index + 1 >= rawLines.length) return false;
            String next = plain(rawLines[index + 1]).strip();
            boolean comma = line.contains(",");
            if (comma && line.matches(".*\\d.*")) return false;
            if (!comma && (next.isEmpty() || next.startsWith("-"))) return true;
            try {
                return !comma && SectionLine.read(next).isPresent()
                        || header.read(next.replaceFirst("^[-*•]+\\s*", ""), plan.settings())
                                .isPresent();
            } catch (Refused e) {
                return false;
            }
        }

        /** The plan, with what no line alone can know put beside the line of its part. */
        Reading reading() {
            ClassPlan whole = plan.whole();
            for (PlanRules.Broken broken : PlanRules.brokenIn(whole, catalogue)) blame(whole, broken);
            return new Reading(whole, read);
        }

        /** The line a part was made by, or the one around it: one line may make a step and its layers. */
        private int lineOf(ClassPlan whole, NodeId node) {
            Optional<NodeId> around = Optional.of(node);
            while (around.isPresent() && !lineOf.containsKey(around.get()))
                around = whole.parentOf(around.get()).map(Node::id);
            return around.map(lineOf::get).orElse(1);
        }

        private void blame(ClassPlan whole, PlanRules.Broken broken) {
            int number = lineOf(whole, broken.node());
            for (int i = 0; i < read.size(); i++) {
                ReadLine line = read.get(i);
                if (line.number() != number || line.problem() != null) continue;
                Span span = new Span(0, rawLines[number - 1].stripTrailing().length());
                read.set(i, new ReadLine(number, line.node(), new Located(number, span, broken.problem())));
                return;
            }
            if (read.stream().noneMatch(line -> line.problem() != null)) {
                read.add(new ReadLine(number, null, new Located(number, new Span(0, 0), broken.problem())));
            }
        }
    }
}
