package gurukram.core.score;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The class that one level does, as a class of its own: what the level's layers change is the base line, and the other
 * levels' layers are gone. Its base line unfolds to the very moments the level had.
 */
public final class LevelLine {
    private final @Nullable Level level;
    private final PoseCatalogue catalogue;

    private LevelLine(@Nullable Level level, PoseCatalogue catalogue) {
        this.level = level;
        this.catalogue = catalogue;
    }

    public static ClassPlan of(ClassPlan plan, Level level, PoseCatalogue catalogue) {
        LevelLine line = new LevelLine(level, catalogue);
        List<Section> sections = plan.sections().stream().map(line::section).toList();
        return new ClassPlan(plan.settings().with(level).withMixed(false), sections);
    }

    /**
     * The class as those do it whom some layers beside the clock are for: these are done, all others beside it are gone, and
     * what changes by level or round stays.
     */
    public static ClassPlan beside(ClassPlan plan, Predicate<When> taken, PoseCatalogue catalogue) {
        List<Section> sections = new ArrayList<>();
        for (Section section : plan.sections()) {
            List<Item> items = new ArrayList<>();
            for (Item item : section.items()) {
                if (item instanceof Step step) items.addAll(beside(step, taken, catalogue));
                else items.add(beside((Flow) item, taken, catalogue));
            }
            sections.add(section.withChildren(items));
        }
        return new ClassPlan(plan.settings(), sections);
    }

    private static Flow beside(Flow flow, Predicate<When> taken, PoseCatalogue catalogue) {
        List<Step> steps = new ArrayList<>();
        flow.steps().forEach(step -> steps.addAll(beside(step, taken, catalogue)));
        List<Link> links = new ArrayList<>();
        for (Link link : flow.links()) {
            List<Step> own = new ArrayList<>();
            link.steps().forEach(step -> own.addAll(beside(step, taken, catalogue)));
            links.add(new Link(link.id(), link.when(), link.replacesLast(), own, link.marks()));
        }
        return new Flow(flow.id(), flow.settings(), steps, links, flow.texts(), flow.marks(), flow.tags());
    }

    private static List<Step> beside(Step step, Predicate<When> taken, PoseCatalogue catalogue) {
        List<Layer> kept = new ArrayList<>();
        List<Layer> always = new ArrayList<>();
        for (Layer written : step.layers()) {
            Layer layer = withInserted(written, inserted -> beside(inserted, taken, catalogue));
            if (layer == null) continue;
            When clock = layer.when().onTheClock();
            if (layer.when().isBeside() && !taken.test(layer.when())) continue;
            if (clock.equals(When.ALWAYS)) always.add(layer);
            else kept.add(new Layer(layer.id(), clock, layer.edit()));
        }
        return Layered.always(step, always, catalogue).stream()
                .map(done -> done.id().equals(step.id()) ? done.withLayers(kept) : done)
                .toList();
    }

    /** A flow as a level does it: what is left to look at are its rounds. {@code level} null is the base line. */
    static Flow of(Flow flow, @Nullable Level level, PoseCatalogue catalogue) {
        return new LevelLine(level, catalogue).flow(flow);
    }

    private Section section(Section section) {
        List<Item> items = new ArrayList<>();
        for (Item item : section.items()) {
            if (item instanceof Step step) items.addAll(steps(step));
            else items.add(flow((Flow) item));
        }
        return section.withChildren(items);
    }

    private Flow flow(Flow flow) {
        List<Step> steps = new ArrayList<>();
        flow.steps().forEach(step -> steps.addAll(steps(step)));
        List<Link> links = flow.links().stream()
                .filter(link -> link.when().holdsAt(level))
                .map(this::link)
                .toList();
        return new Flow(flow.id(), flow.settings(), steps, links, flow.texts(), flow.marks(), flow.tags());
    }

    private Link link(Link link) {
        List<Step> steps = new ArrayList<>();
        link.steps().forEach(step -> steps.addAll(steps(step)));
        return new Link(link.id(), forAll(link.when()), link.replacesLast(), steps, link.marks());
    }

    private static When forAll(When when) {
        return when.withLevels(Set.of());
    }

    /** The step as the level does it, with what changes by rounds still under it; what the level puts in stands beside it. */
    private List<Step> steps(Step step) {
        if (step.layers().isEmpty()) return List.of(step);
        List<Layer> always = new ArrayList<>();
        List<Layer> byRound = new ArrayList<>();
        for (Layer written : step.layers()) {
            Layer layer = withInserted(written, this::steps);
            if (layer == null || !layer.when().holdsAt(level)) continue;
            if (layer.when().needsFlow()) byRound.add(new Layer(layer.id(), forAll(layer.when()), layer.edit()));
            else always.add(layer);
        }
        return Layered.atLevel(step.withLayers(always), level, catalogue).stream()
                .map(done -> done.id().equals(step.id()) ? done.withLayers(byRound) : done)
                .toList();
    }

    /** The layer with the step it puts in as it is done here; null when that step is left out. */
    private static @Nullable Layer withInserted(Layer layer, Function<Step, List<Step>> done) {
        Step inserted = layer.inserted();
        if (inserted == null || inserted.layers().isEmpty()) return layer;
        List<Step> here = done.apply(inserted);
        if (here.isEmpty()) return null;
        boolean before = layer.edit() instanceof Layer.Before;
        return new Layer(
                layer.id(), layer.when(), before ? new Layer.Before(here.get(0)) : new Layer.After(here.get(0)));
    }
}
