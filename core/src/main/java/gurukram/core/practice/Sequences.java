package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Sequence.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What there is to know by heart: the twelve positions, and a class part by part. */
public final class Sequences {
    /** Nobody recites more at once; what is longer is cut. */
    public static final int MOST = 12;

    private static final int FEWEST = 2;

    private final PoseCatalogue catalogue;

    public Sequences(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The first half of a round of twelve. */
    public Sequence of(Twelve twelve) {
        List<Place> places = twelve.first().stream()
                .map(place -> new Place(
                        place.pose(), catalogue.pose(place.pose()).name(), place.pose(), place.front(), place.breath()))
                .toList();
        return new Sequence(
                "twelve/" + twelve.list(), "Twelve positions " + twelve.list().toUpperCase(Locale.ROOT), places);
    }

    /** All of a class: the order of its parts, each part, and the flows. What has one step only is known with its part. */
    public List<Sequence> of(ClassPlan plan, String key) {
        List<Sequence> all = new ArrayList<>();
        List<Place> parts = plan.sections().stream()
                .filter(section -> !section.children().isEmpty())
                .map(section -> new Place(section.title(), section.title(), null, null, ""))
                .toList();
        add(all, key + "/parts", "The parts in their order", parts);
        for (Section section : plan.sections()) {
            add(
                    all,
                    key + "/" + section.id(),
                    section.title(),
                    section.children().stream().map(this::place).toList());
            for (Item item : section.children())
                if (item instanceof Flow flow)
                    add(
                            all,
                            key + "/" + flow.id(),
                            "%s, in %s".formatted(Naming.of(flow), section.title()),
                            flow.steps().stream().map(this::place).toList());
        }
        return all;
    }

    /** The steps of a flow. */
    public List<Sequence> of(Flow flow, String key) {
        List<Sequence> all = new ArrayList<>();
        add(all, key, Naming.of(flow), flow.steps().stream().map(this::place).toList());
        return all;
    }

    private static void add(List<Sequence> all, String key, String title, List<Place> places) {
        if (places.size() < FEWEST) return;
        int cuts = (places.size() + MOST - 1) / MOST;
        for (int i = 0; i < cuts; i++) {
            int from = i * places.size() / cuts;
            int to = (i + 1) * places.size() / cuts;
            all.add(new Sequence(
                    cuts == 1 ? key : key + "/" + (i + 1),
                    cuts == 1 ? title : "%s, %d of %d".formatted(title, i + 1, cuts),
                    places.subList(from, to)));
        }
    }

    private Place place(Item item) {
        if (item instanceof Flow flow)
            return new Place(
                    Naming.of(flow),
                    Naming.of(flow),
                    null,
                    null,
                    flow.settings().rounds() + (flow.settings().rounds() == 1 ? " round" : " rounds"));
        Step step = (Step) item;
        String pose = step.pose();
        String name = Naming.of(pose == null ? null : catalogue.pose(pose), step);
        return new Place(pose == null ? name : pose, name, pose, side(step), more(step));
    }

    private static @Nullable Side side(Step step) {
        return step.sides() instanceof SideRule.Only only
                ? only.side()
                : step.sides() instanceof SideRule.Both both ? both.first() : null;
    }

    private static String more(Step step) {
        String sides = step.sides().words();
        return sides.isEmpty() ? step.dose().toString() : step.dose() + ", " + sides;
    }
}
