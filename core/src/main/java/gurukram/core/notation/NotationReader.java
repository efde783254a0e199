package gurukram.core.notation;

import gurukram.core.dose.Dose;
import gurukram.core.notation.Reading.ReadLine;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.PlanRules;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.plan.Style;
import gurukram.core.plan.Texts;
import gurukram.core.plan.When;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a whole class as text: the form that {@link NotationWriter} writes, and what teachers scribble. {@code
 * docs/notation.md} describes it.
 *
 * <p>Every line that is not empty becomes part of the plan or has a problem; none is dropped. Nothing is thrown.
 */
public final class NotationReader {
    public static final int MOST_LETTERS = 200_000;
    public static final int MOST_LINE_LETTERS = 1_000;
    public static final String UNTITLED = "Untitled class";

    private static final Pattern LINE = Pattern.compile("((?:>[ >]*)?)( *)(.*?) *");
    private static final Pattern MARK = Pattern.compile("(--|[-–—•*])\\s*(.*)");
    private static final Pattern END_LINK = Pattern.compile("(?i)end(?: of)?(?: the)? link");
    private static final Pattern END_FLOW = Pattern.compile("(?i)(?:end|end of|close|out of)(?: the)?(?: flow)?|/flow");

    private final PoseCatalogue catalogue;
    private final Supplier<NodeId> ids;
    private final StepLine steps;
    private final LayerLine layers;
    private final HeaderLine header;

    /** @param ids names for what is read, each a new one */
    public NotationReader(PoseCatalogue catalogue, Supplier<NodeId> ids) {
        this.catalogue = catalogue;
        this.ids = ids;
        this.steps = new StepLine(catalogue);
        this.layers = new LayerLine(steps, ids);
        this.header = new HeaderLine(catalogue);
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
        private final List<Sketch> sections = new ArrayList<>();
        private final List<ReadLine> read = new ArrayList<>();
        private final Map<NodeId, Integer> lineOf = new HashMap<>();
        private ClassSettings settings = usualSettings();
        private boolean titled;
        private Sketch section;
        private Sketch flow;
        private boolean flowIndented;
        private Sketch link;
        /** What a marked line speaks about; null is the class. */
        private Sketch marked;
        /** What a doubly marked line speaks about: the step the last layer put in. */
        private Sketch inserted;

        Run(String[] rawLines) {
            this.rawLines = rawLines;
        }

        void all() {
            for (int i = 0; i < rawLines.length; i++) {
                String line = plain(rawLines[i]);
                if (!line.isBlank()) line(i, line);
            }
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
            try {
                if (line.length() > MOST_LINE_LETTERS) {
                    throw new Refused("A line has at most %,d letters; this one has %,d."
                            .formatted(MOST_LINE_LETTERS, line.length()));
                }
                NodeId node = understood(index, line, !shape.group(2).isEmpty());
                lineOf.putIfAbsent(node, number);
                read.add(new ReadLine(number, node, null));
            } catch (Refused e) {
                Span whole = new Span(0, line.length());
                Span place = e.spanOr(whole);
                Span kept = new Span(Math.min(place.from(), line.length()), Math.min(place.to(), line.length()));
                read.add(new ReadLine(number, null, new Located(number, kept.shifted(offset), e.problem())));
            }
        }

        /** The node a line made or belongs to; {@link Refused} when it makes no sense here. */
        private NodeId understood(int index, String line, boolean indented) {
            Matcher mark = MARK.matcher(line);
            if (mark.matches()) {
                try {
                    return marked(mark.group(2), mark.group(1).equals("--"));
                } catch (Refused e) {
                    throw e.within(new Span(0, mark.group(2).length())).shifted(mark.start(2));
                }
            }
            Optional<String> title = HeaderLine.title(line);
            if (title.isPresent()) return title(title.get());
            int note = Quotes.noteIn(line);
            String said = note < 0 ? line : line.substring(0, note).strip();
            NodeId node = said.isEmpty() ? about() : part(index, said, indented);
            if (note >= 0) marked("note: " + line.substring(note + 2), false);
            return node;
        }

        private NodeId about() {
            return marked == null ? NodeId.CLASS : marked.value.id();
        }

        private NodeId title(String title) {
            if (titled) throw new Refused("The class has a title already: “" + settings.title() + "”.");
            if (!sections.isEmpty()) throw new Refused("The title stands before the first section.");
            settings = settings.withTitle(title);
            titled = true;
            return NodeId.CLASS;
        }

        private NodeId part(int index, String line, boolean indented) {
            if (END_LINK.matcher(line).matches()) return endLink();
            if (END_FLOW.matcher(line).matches()) return endFlow();
            if (sections.isEmpty()) {
                Optional<ClassSettings> more = header.read(line, settings);
                if (more.isPresent()) {
                    settings = more.get();
                    return NodeId.CLASS;
                }
            }
            Optional<Line.AddSection> heading = SectionLine.read(line);
            if (heading.isPresent()) return section(heading.get());
            Optional<Flow> list =
                    new TwelvePositions(catalogue, ids).read(line, context().legs());
            if (list.isPresent()) return flow(list.get());
            Optional<FlowSettings> settings = flowSettings(line);
            if (settings.isPresent()) return flow(Flow.of(ids.get(), settings.get()));
            Optional<LinkLine.Head> head = linkHead(line);
            if (head.isPresent()) return link(head.get());
            Optional<SectionRole> role = SectionRole.named(line);
            if (role.isPresent() && catalogue.named(line).isEmpty())
                return section(new Line.AddSection(role.get(), ""));
            if (flow != null && flowIndented && !indented) leaveFlow();
            try {
                return step(line, indented);
            } catch (Refused e) {
                if (looksLikeTitle(index, line)) return title(line);
                standIn();
                throw e;
            }
        }

        /** A flow whose line is not understood still begins here, so that only its own line is wrong. */
        private Optional<FlowSettings> flowSettings(String line) {
            try {
                return FlowLine.read(line);
            } catch (Refused e) {
                flow(Flow.of(ids.get(), FlowSettings.of(1)));
                throw e;
            }
        }

        private Optional<LinkLine.Head> linkHead(String line) {
            try {
                return LinkLine.read(line);
            } catch (Refused e) {
                if (flow != null) link(new LinkLine.Head(When.ALWAYS, false));
                throw e;
            }
        }

        /** Marked lines under a step that is not understood are read as if it were there. */
        private void standIn() {
            String any = catalogue.poses().iterator().next().id();
            mark(new Sketch(Step.of(ids.get(), any, new SideRule.None(), new Dose.Breaths(1))));
        }

        /** The first line of a scribble may be its title, when an empty line, a setting or a heading comes next. */
        private boolean looksLikeTitle(int index, String line) {
            boolean first = read.isEmpty() && !titled && sections.isEmpty() && !line.contains(",");
            if (!first || line.length() > ClassSettings.MOST_LETTERS || index + 1 >= rawLines.length) return false;
            String next = plain(rawLines[index + 1]).strip();
            if (next.isEmpty() || next.startsWith("-")) return true;
            try {
                return SectionLine.read(next).isPresent()
                        || header.read(next, settings).isPresent();
            } catch (Refused e) {
                return false;
            }
        }

        private NodeId section(Line.AddSection heading) {
            leaveFlow();
            section = new Sketch(Section.of(ids.get(), heading.role()).withName(heading.name()));
            sections.add(section);
            return mark(section);
        }

        private NodeId mark(Sketch sketch) {
            marked = sketch;
            inserted = null;
            return sketch.value.id();
        }

        private Sketch sectionHere() {
            if (section == null) section(new Line.AddSection(SectionRole.STANDING, ""));
            return section;
        }

        /** What comes next stands in the flow, also behind the steps of a list. */
        private NodeId flow(Flow begun) {
            leaveFlow();
            flow = sectionHere().add(begun);
            flowIndented = false;
            return mark(flow);
        }

        private void leaveFlow() {
            flow = null;
            link = null;
        }

        private NodeId endFlow() {
            if (flow == null) throw new Refused("There is no flow to end here.");
            NodeId ended = flow.value.id();
            mark(flow);
            leaveFlow();
            return ended;
        }

        private NodeId link(LinkLine.Head head) {
            if (flow == null) throw new Refused("A link stands in a flow, behind its steps.");
            link = flow.add(Link.of(ids.get(), head.when(), head.replacesLast()));
            return mark(link);
        }

        private NodeId endLink() {
            if (link == null) throw new Refused("There is no link to end here.");
            NodeId ended = link.value.id();
            mark(link);
            link = null;
            return ended;
        }

        private NodeId step(String line, boolean indented) {
            Line.AddStep said = steps.read(line, context());
            Step step = Step.of(ids.get(), said.pose(), said.sides(), said.dose());
            if (flow != null && flow.children.isEmpty()) flowIndented = indented;
            Sketch parent = link != null ? link : flow != null ? flow : sectionHere();
            return mark(parent.add(step));
        }

        private LineContext context() {
            if (flow == null) return LineContext.outside(settings.level()).in(settings.school());
            Breath last = Breath.FREE;
            for (Sketch child : flow.children) {
                if (child.value instanceof Step step && step.dose() instanceof Dose.Movement movement) {
                    last = movement.lastBreath();
                }
            }
            return new LineContext(settings.level(), (Flow) flow.value, last).in(settings.school());
        }

        /** A line that speaks about the part above it. */
        private NodeId marked(String line, boolean doubly) {
            if (doubly && inserted == null) {
                throw new Refused("Two dashes speak about a step that a layer puts in; there is none above.");
            }
            Sketch about = doubly ? inserted : marked;
            if (about == null) {
                settings = header.read(line, settings).orElseThrow(() -> unknown(line, "the class"));
                return NodeId.CLASS;
            }
            if (about.value instanceof Step step) return ofStep(line, step, about, doubly);
            Optional<Node> changed = ofOther(line, about.value);
            about.value = changed.orElseThrow(() -> unknown(line, "the line above"));
            return about.value.id();
        }

        private NodeId ofStep(String line, Step step, Sketch about, boolean doubly) {
            Optional<Step> changed = MarkWords.step(line, step);
            if (changed.isPresent()) {
                about.value = changed.get();
                return step.id();
            }
            Optional<Layer> layer = doubly ? Optional.empty() : layers.read(line, context());
            Sketch added = about.add(layer.orElseThrow(() -> unknown(line, "the step above")));
            try {
                about.whole();
            } catch (Refused e) {
                about.children.remove(added);
                throw e;
            }
            inserted = added.children.isEmpty() ? null : added.children.get(0);
            return added.value.id();
        }

        private Optional<Node> ofOther(String line, Node node) {
            if (node instanceof Section section) {
                Optional<Section> way = CueingWords.read(line).map(section::with);
                if (way.isPresent()) return way.map(changed -> changed);
                Optional<Texts> texts = MarkWords.texts(line, section.texts());
                if (texts.isPresent()) return Optional.of(section.with(texts.get()));
                return MarkWords.marks(line, section.marks()).map(section::with);
            }
            if (node instanceof Flow flow) {
                Optional<FlowSettings> school = schoolOf(line, flow.settings());
                if (school.isPresent()) return Optional.of(flow.with(school.get()));
                Optional<Texts> texts = MarkWords.texts(line, flow.texts());
                if (texts.isPresent()) return Optional.of(flow.with(texts.get()));
                return MarkWords.marks(line, flow.marks()).map(flow::with);
            }
            Link link = (Link) node;
            return MarkWords.marks(line, link.marks()).map(link::with);
        }

        private static Optional<FlowSettings> schoolOf(String line, FlowSettings settings) {
            if (!line.regionMatches(true, 0, "school:", 0, 7)) return Optional.empty();
            String said = line.substring(7);
            try {
                return Optional.of(settings.with(SchoolWords.read(said).over(settings.school())));
            } catch (Refused e) {
                throw e.shifted(7);
            }
        }

        private Refused unknown(String line, String what) {
            String shown = line.length() <= 60 ? line : line.substring(0, 60) + "…";
            String advice = marked == null
                    ? "Maybe “60 min, vinyasa, beginner”, “theme: …”, “peak pose: …” or “note: …”."
                    : "Maybe “note: …”, “say: …”, “locked”, “optional”, “priority 3”, “round 2: …” or “beginner: …”; "
                            + "a step stands without a dash.";
            return new Refused(Problem.of("“" + shown + "” says nothing I know about " + what + ".", advice));
        }

        /** The plan, with what no line alone can know put beside the line of its part. */
        Reading reading() {
            List<Section> whole = new ArrayList<>();
            for (Sketch sketch : sections) whole.add((Section) sketch.whole());
            ClassPlan plan = new ClassPlan(settings, whole);
            for (PlanRules.Broken broken : PlanRules.brokenIn(plan, catalogue)) blame(broken);
            return new Reading(plan, read);
        }

        private void blame(PlanRules.Broken broken) {
            int number = lineOf.getOrDefault(broken.node(), 1);
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
