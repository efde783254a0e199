package gurukram.core.notation;

import gurukram.core.notation.line.HeaderLine;
import gurukram.core.notation.line.LayerLine;
import gurukram.core.notation.line.TagLine;
import gurukram.core.notation.words.MarkWords;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.notation.words.SectionWords;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.Optional;

/** A line with a dash: it speaks about the part above it; with two, about the step that a layer put in. */
final class MarkedLine {
    private static final String SCHOOL = "school:";

    private final HeaderLine header;
    private final LayerLine layers;
    private final TagLine tags;

    MarkedLine(HeaderLine header, LayerLine layers, TagLine tags) {
        this.tags = tags;
        this.header = header;
        this.layers = layers;
    }

    /** The node it belongs to; {@link Refused} when it says nothing known about it. */
    NodeId read(String line, boolean doubly, PlanSketch plan) {
        if (doubly && plan.inserted() == null) {
            throw new Refused("Two dashes speak about a step that a layer puts in; there is none above.");
        }
        Sketch about = doubly ? plan.inserted() : plan.marked();
        if (about == null) {
            return plan.settings(header.read(line, plan.settings()).orElseThrow(() -> unknownOfClass(line)));
        }
        if (about.value instanceof Step step) return ofStep(line, step, about, doubly, plan);
        about.value = ofOther(line, about.value).orElseThrow(() -> unknown(line, "the line above"));
        return about.value.id();
    }

    private NodeId ofStep(String line, Step step, Sketch about, boolean doubly, PlanSketch plan) {
        Optional<Step> changed = MarkWords.step(line, step);
        if (changed.isPresent()) {
            about.value = changed.get();
            return step.id();
        }
        Optional<Layer> layer = layers.read(line, plan.context());
        Sketch added = about.add(layer.orElseThrow(() -> unknown(line, "the step above")));
        try {
            about.whole();
        } catch (Refused e) {
            about.children.remove(added);
            throw e;
        }
        if (!doubly) plan.inserted(added.children.isEmpty() ? null : added.children.get(0));
        return added.value.id();
    }

    private Optional<Node> ofOther(String line, Node node) {
        if (node instanceof Section section) {
            Optional<Section> way = SectionWords.read(line, section);
            if (way.isPresent()) return way.map(changed -> changed);
            Optional<Texts> texts = MarkWords.texts(line, section.texts());
            if (texts.isPresent()) return Optional.of(section.with(texts.get()));
            return MarkWords.marks(line, section.marks()).map(section::with);
        }
        if (node instanceof Flow flow) {
            Optional<FlowSettings> school = schoolOf(line, flow.settings());
            if (school.isPresent()) return Optional.of(flow.with(school.get()));
            Optional<School> breaths = SchoolWords.breaths(line, flow.settings().school());
            if (breaths.isPresent())
                return Optional.of(flow.with(flow.settings().with(breaths.get())));
            Optional<Texts> texts = MarkWords.texts(line, flow.texts());
            if (texts.isPresent()) return Optional.of(flow.with(texts.get()));
            Optional<Tags> tags = this.tags.read(line, flow.tags());
            if (tags.isPresent()) return Optional.of(flow.with(tags.get()));
            return MarkWords.marks(line, flow.marks()).map(flow::with);
        }
        Link link = (Link) node;
        return MarkWords.marks(line, link.marks()).map(link::with);
    }

    private static Optional<FlowSettings> schoolOf(String line, FlowSettings settings) {
        if (!line.regionMatches(true, 0, SCHOOL, 0, SCHOOL.length())) return Optional.empty();
        String said = line.substring(SCHOOL.length());
        try {
            return Optional.of(settings.with(SchoolWords.read(said).over(settings.school())));
        } catch (Refused e) {
            throw e.shifted(SCHOOL.length());
        }
    }

    private static Refused unknownOfClass(String line) {
        return unknown(
                line, "the class", "Maybe “60 min, vinyasa, beginner”, “theme: …”, “peak pose: …” or “note: …”.");
    }

    private static Refused unknown(String line, String what) {
        return unknown(
                line,
                what,
                "Maybe “note: …”, “say: …”, “locked”, “optional”, “priority 3”, “round 2: …” or “beginner: …”; "
                        + "a step stands without a dash.");
    }

    private static Refused unknown(String line, String what, String advice) {
        String shown = line.length() <= 60 ? line : line.substring(0, 60) + "…";
        return new Refused(Problem.of("“" + shown + "” says nothing I know about " + what + ".", advice));
    }
}
