package gurukram.core.notation;

import gurukram.core.dose.Dose;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LineContext;
import gurukram.core.notation.line.LinkLine;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The plan of a text while its lines are read: where the next line goes, and what a marked line speaks about. */
final class PlanSketch {
    private final Supplier<NodeId> ids;
    private final List<Sketch> sections = new ArrayList<>();
    private ClassSettings settings;
    private boolean titled;
    private @Nullable Sketch section;
    private @Nullable Sketch flow;
    private boolean flowIndented;
    private @Nullable Sketch link;
    private @Nullable Sketch marked;
    private @Nullable Sketch inserted;

    PlanSketch(ClassSettings settings, Supplier<NodeId> ids) {
        this.settings = settings;
        this.ids = ids;
    }

    ClassSettings settings() {
        return settings;
    }

    NodeId settings(ClassSettings other) {
        settings = other;
        return NodeId.CLASS;
    }

    /** Nothing but the class itself is written yet. */
    boolean isBare() {
        return sections.isEmpty();
    }

    boolean isTitled() {
        return titled;
    }

    NodeId title(String title) {
        if (titled) throw new Refused("The class has a title already: “" + settings.title() + "”.");
        if (!sections.isEmpty()) throw new Refused("The title stands before the first section.");
        titled = true;
        return settings(settings.withTitle(title));
    }

    /** What a marked line speaks about; null is the class. */
    @Nullable
    Sketch marked() {
        return marked;
    }

    /** What a doubly marked line speaks about: the step the last layer put in; null when it put in none. */
    @Nullable
    Sketch inserted() {
        return inserted;
    }

    void inserted(@Nullable Sketch step) {
        inserted = step;
    }

    NodeId section(Line.AddSection heading) {
        leaveFlow();
        section = new Sketch(heading.on(Section.of(ids.get(), heading.role())));
        sections.add(section);
        return mark(section);
    }

    NodeId mark(Sketch sketch) {
        marked = sketch;
        inserted = null;
        return sketch.value.id();
    }

    private Sketch sectionHere() {
        if (section == null) section(new Line.AddSection(SectionRole.STANDING, ""));
        return Objects.requireNonNull(section);
    }

    /** A flow that has its steps already: only what is indented stands in it behind them. */
    NodeId list(Flow whole) {
        NodeId id = flow(whole);
        flowIndented = true;
        return id;
    }

    /** The steps of a flow as steps of the one that is open; where people are in its first pose already, from there. */
    NodeId steps(Flow whole) {
        Sketch here = Objects.requireNonNull(flow);
        NodeId last = here.value.id();
        for (Step step : whole.stepsBehind(lastStep(here))) last = mark(here.add(step));
        return last;
    }

    /** What comes next stands in the flow. */
    NodeId flow(Flow begun) {
        leaveFlow();
        flow = sectionHere().add(begun);
        flowIndented = false;
        return mark(flow);
    }

    boolean isInFlow() {
        return flow != null;
    }

    private void leaveFlow() {
        flow = null;
        link = null;
    }

    /** A line that is not indented ends a flow whose steps are. */
    void dedent() {
        if (flow != null && flowIndented) leaveFlow();
    }

    NodeId endFlow() {
        if (flow == null) throw new Refused("There is no flow to end here.");
        NodeId ended = mark(flow);
        leaveFlow();
        return ended;
    }

    NodeId link(LinkLine.Head head) {
        if (flow == null) throw new Refused("A link stands in a flow, behind its steps.");
        link = flow.add(Link.of(ids.get(), head.when(), head.replacesLast()));
        return mark(link);
    }

    /** The flow that is open, with what stands in it so far; null outside flows. */
    @Nullable
    Flow flow() {
        return flow == null ? null : (Flow) flow.value;
    }

    /** What comes next stands behind the link; a marked line still speaks about its last step. */
    void closeLink() {
        link = null;
    }

    NodeId endLink() {
        if (link == null) throw new Refused("There is no link to end here.");
        NodeId ended = mark(link);
        link = null;
        return ended;
    }

    NodeId step(Line.AddStep said, boolean indented) {
        Step step = said.step(ids);
        if (flow != null && flow.children.isEmpty()) flowIndented = indented;
        Sketch parent = link != null ? link : flow != null ? flow : sectionHere();
        return mark(parent.add(step));
    }

    /** What the next line may leave unsaid. */
    LineContext context() {
        if (flow == null) {
            Step before = section == null ? null : lastStep(section);
            LineContext outside =
                    LineContext.outside(settings.level()).in(settings.school()).after(before);
            return section == null ? outside : outside.inSection(((Section) section.value).role());
        }
        Breath last = Breath.FREE;
        for (Sketch child : flow.children) {
            if (child.value instanceof Step step && step.dose() instanceof Dose.Movement movement) {
                last = movement.lastBreath();
            }
        }
        return new LineContext(settings.level(), (Flow) flow.value, last)
                .in(settings.school())
                .after(lastStep(link == null ? flow : link));
    }

    private static @Nullable Step lastStep(Sketch in) {
        if (in.children.isEmpty()) return null;
        return in.children.get(in.children.size() - 1).value instanceof Step step ? step : null;
    }

    ClassPlan whole() {
        List<Section> whole = new ArrayList<>();
        for (Sketch sketch : sections) whole.add((Section) sketch.whole());
        return new ClassPlan(settings, whole);
    }
}
